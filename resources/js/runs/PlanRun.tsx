import { Button, NativeSelect, NumberInput, TextInput } from '@mantine/core';
import { keepPreviousData, useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { useNavigate, useSearchParams } from 'react-router';
import { api, ask, words } from '../api/client';
import { useBait, useBodies, usePatterns, useSettings, useVersion } from '../api/queries';
import type { Body, Pattern, RunForm, Settings, Version } from '../api/types';
import { useOnce } from '../api/useOnce';
import { Waiting } from '../parts/Waiting';
import { versionWords } from '../patterns/Versions';
import './runs.css';
import { Changes } from '../parts/Changes';
import { temperature } from '../units/units';
import { PlanSheet } from './PlanSheet';
import '../parts/controls';

/** A pattern, a body, a number of baits and today's room, turned into an order of work. */
export function PlanRun() {
  const [query] = useSearchParams();
  const repeat = query.get('repeat');
  const asked = query.get('version');
  // One that is not worked on any more, or belongs to a run, is painted as well.
  const other = useVersion(asked ?? undefined);
  const bait = useBait(repeat ?? '');
  const settings = useSettings().data;
  const patterns = usePatterns().data;
  const bodies = useBodies().data;
  if (
    settings === undefined ||
    patterns === undefined ||
    bodies === undefined ||
    (repeat !== null && bait.isLoading) ||
    other.isLoading
  )
    return <Waiting />;
  const version = bait.data?.version.id ?? asked ?? patterns[0]?.version.id;
  if (version === undefined) {
    return (
      <div className="page">
        <div className="empty">
          <h2>There is no pattern to paint yet</h2>
          <p>Begin one on the shelf; then plan its run here.</p>
        </div>
      </div>
    );
  }
  const startBody =
    bait.data?.version.body_id ??
    patterns.find((p) => p.version.id === version)?.version.body_id ??
    other.data?.body.id ??
    bodies[0]?.id ??
    '';
  return (
    <PlanForm
      settings={settings}
      patterns={patterns}
      bodies={bodies}
      startVersion={version}
      startBody={startBody}
      older={other.data !== undefined && patterns.every((p) => p.version.id !== asked) ? other.data : null}
      repeats={
        bait.data === undefined ? null : { id: bait.data.id, label: bait.data.label, pattern: bait.data.pattern.name }
      }
    />
  );
}

interface FormProps {
  settings: Settings;
  patterns: Pattern[];
  bodies: Body[];
  startVersion: string;
  startBody: string;
  /** A version to be painted that is not the one its pattern is worked on in. */
  older: Version | null;
  repeats: { id: string; label: string; pattern: string } | null;
}

function PlanForm({ settings, patterns, bodies, startVersion, startBody, older, repeats }: FormProps) {
  const go = useNavigate();
  const queries = useQueryClient();
  const once = useOnce();
  const [version, setVersion] = useState(startVersion);
  const [body, setBody] = useState(startBody);
  const [baits, setBaits] = useState<number | string>(1);
  const [air, setAir] = useState<number | string>(temperature.show(settings.air_c, settings));
  const [humidity, setHumidity] = useState<number | string>(settings.humidity_percent);
  const [starts, setStarts] = useState(() => localNow());

  const form: RunForm = {
    ...(repeats === null ? { version_id: version } : { repeat_of: repeats.id }),
    body_id: body,
    baits: Number(baits),
    air_c: temperature.read(Number(air), settings),
    humidity_percent: Number(humidity),
    starts_at: new Date(starts).toISOString(),
  };
  const ready = Number(baits) >= 1 && air !== '' && humidity !== '';
  const planned = useQuery({
    queryKey: ['plan', form],
    queryFn: () => ask(api.POST('/runs/plan', { body: form })),
    enabled: ready,
    placeholderData: keepPreviousData,
  });
  const keep = useMutation({
    mutationFn: async (start: boolean) => {
      const run = await once(form, (body, headers) => ask(api.POST('/runs', { body, headers })));
      return start ? ask(api.POST('/runs/{id}/start', { params: { path: { id: run.id } } })) : run;
    },
    onSuccess: (run) => {
      void queries.invalidateQueries();
      void go(run.started_at === null ? `/runs/${run.id}` : `/bench/${run.id}`);
    },
  });
  const stock = bodies.find((b) => b.id === body)?.stock ?? 0;

  return (
    <div className="page plan">
      <div className="page-head">
        <h1>{repeats === null ? 'Plan a run' : `Repeat ${repeats.label}`}</h1>
      </div>
      <div className="plan-columns">
        <div className="plan-form">
          {repeats === null ? (
            <NativeSelect
              label="Pattern"
              data={[
                ...(older === null
                  ? []
                  : [{ value: older.id, label: `${nameOf(patterns, older.pattern_id)}, ${versionWords(older)}` }]),
                ...patterns
                  .filter((p) => p.state !== 'retired')
                  .map((p) => ({ value: p.version.id, label: `${p.name}, version ${p.version.number}` })),
              ]}
              value={version}
              onChange={(event) => {
                const next = event.currentTarget.value;
                setVersion(next);
                setBody(patterns.find((p) => p.version.id === next)?.version.body_id ?? body);
              }}
            />
          ) : (
            <p>
              <b>{repeats.pattern}</b>
              <br />
              with the figures really used on {repeats.label}.
            </p>
          )}
          <NativeSelect
            label="Body"
            data={bodies
              .filter((b) => !b.archived || b.id === body)
              .map((b) => ({ value: b.id, label: `${b.name}, ${b.length_mm} mm` }))}
            value={body}
            onChange={(event) => setBody(event.currentTarget.value)}
          />
          {Number(baits) > stock && <p className="caution">Only {stock} of these bodies are in the drawer.</p>}
          <NumberInput label="Baits" min={1} max={60} allowDecimal={false} value={baits} onChange={setBaits} />
          <div className="settings-pair">
            <NumberInput label={`Air, ${temperature.unit(settings)}`} value={air} onChange={setAir} />
            <NumberInput label="Humidity, %" min={1} max={100} value={humidity} onChange={setHumidity} />
          </div>
          <TextInput
            label="Starts"
            type="datetime-local"
            value={starts}
            onChange={(event) => event.currentTarget.value !== '' && setStarts(event.currentTarget.value)}
          />
          {keep.isError && (
            <p role="alert" className="notice">
              {words(keep.error)}
            </p>
          )}
          <Button disabled={!planned.isSuccess || keep.isPending} onClick={() => keep.mutate(true)}>
            Start at the bench
          </Button>
          <Button variant="default" disabled={!planned.isSuccess || keep.isPending} onClick={() => keep.mutate(false)}>
            Keep for later
          </Button>
        </div>
        <div>
          {planned.isError && (
            <p role="alert" className="notice">
              {words(planned.error)}
            </p>
          )}
          {planned.data !== undefined && (
            <>
              <Changes
                changes={planned.data.changes}
                steps={planned.data.plan.steps}
                title={repeats === null ? 'Fitted to this body' : `Changed against ${repeats.label}’s plan`}
              />
              <PlanSheet plan={planned.data.plan} settings={settings} />
            </>
          )}
        </div>
      </div>
    </div>
  );
}

function nameOf(patterns: Pattern[], id: string): string {
  return patterns.find((p) => p.id === id)?.name ?? '';
}

function localNow(): string {
  const now = new Date();
  return new Date(now.getTime() - now.getTimezoneOffset() * 60_000).toISOString().slice(0, 16);
}
