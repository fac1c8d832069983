import { Button, NativeSelect, NumberInput } from '@mantine/core';
import { TimePicker } from '@mantine/dates';
import { useForm } from '@mantine/form';
import { keepPreviousData, useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { useNavigate, useSearchParams } from 'react-router';
import { api, ask, words } from '../api/client';
import { useBait, useBodies, usePatterns, useSettings, useSheetQuery, useVersion } from '../api/queries';
import type { Body, RunForm, Settings } from '../api/types';
import { useOnce } from '../api/useOnce';
import { Changes } from '../parts/Changes';
import { DayField } from '../parts/DayField';
import { refused } from '../parts/useSentForm';
import { Waiting } from '../parts/Waiting';
import { PatternChoice } from '../patterns/PatternChoice';
import { temperature } from '../units/units';
import { PlanSheet } from './PlanSheet';
import '../parts/controls';
import layout from '../parts/layout.module.css';
import { PageTitle } from '../parts/PageTitle';
import { type Fields, localNow, type Painted, painted, starting } from './planStart';
import classes from './runs.module.css';

/** A pattern, a body, a number of baits and today's room, turned into an order of work. */
export function PlanRun() {
  const [query] = useSearchParams();
  const repeat = query.get('repeat');
  const asked = query.get('version');
  const bait = useBait(repeat ?? '');
  // One that is not worked on any more, or belongs to a run, is painted as well.
  const other = useVersion(asked ?? undefined);
  const itsPattern = useSheetQuery(other.data?.pattern_id);
  const settings = useSettings().data;
  const patterns = usePatterns();
  const bodies = useBodies().data;
  if (
    settings === undefined ||
    patterns.data === undefined ||
    bodies === undefined ||
    (repeat !== null && bait.isLoading) ||
    other.isLoading ||
    itsPattern.isLoading
  )
    return <Waiting />;
  const start = starting(bait.data, other.data, itsPattern.data, patterns.data.patterns[0]);
  if (start === null) {
    return (
      <div className="page">
        <div className="empty">
          <h2>There is no pattern to paint yet</h2>
          <p>Begin one on the shelf; then plan its run here.</p>
        </div>
      </div>
    );
  }
  return (
    <PlanForm
      settings={settings}
      bodies={bodies}
      start={start}
      repeats={
        bait.data === undefined ? null : { id: bait.data.id, label: bait.data.label, pattern: bait.data.pattern.name }
      }
    />
  );
}

/** What is painted: a version, in words, and the body that it is for. */

interface FormProps {
  settings: Settings;
  bodies: Body[];
  start: Painted;
  repeats: { id: string; label: string; pattern: string } | null;
}

function PlanForm({ settings, bodies, start, repeats }: FormProps) {
  const go = useNavigate();
  const queries = useQueryClient();
  const once = useOnce();
  const [says, setSays] = useState(start.says);
  const form = useForm<Fields>({
    initialValues: {
      version_id: start.version,
      body_id: start.body,
      baits: 1,
      air_c: temperature.show(settings.air_c, settings),
      humidity_percent: settings.humidity_percent,
      ...localNow(),
    },
  });
  const { version_id, body_id, baits, air_c, humidity_percent, starts_on, starts_at } = form.values;
  const run: RunForm = {
    ...(repeats === null ? { version_id } : { repeat_of: repeats.id }),
    body_id,
    baits: Number(baits),
    air_c: temperature.read(Number(air_c), settings),
    humidity_percent: Number(humidity_percent),
    starts_at: starts_on === '' || starts_at === '' ? '' : new Date(`${starts_on}T${starts_at}`).toISOString(),
  };
  const ready = Number(baits) >= 1 && air_c !== '' && humidity_percent !== '' && run.starts_at !== '';
  const planned = useQuery({
    queryKey: ['plan', run],
    queryFn: () => ask(api.POST('/runs/plan', { body: run })),
    enabled: ready,
    placeholderData: keepPreviousData,
  });
  const keep = useMutation({
    mutationFn: async (start: boolean) => {
      const kept = await once(run, (body, headers) => ask(api.POST('/runs', { body, headers })));
      return start ? ask(api.POST('/runs/{id}/start', { params: { path: { id: kept.id } } })) : kept;
    },
    onSuccess: ({ id, started_at }) => {
      void queries.invalidateQueries();
      void go(started_at === null ? `/runs/${id}` : `/bench/${id}`);
    },
    onError: (error) => form.setErrors(refused(error)),
  });
  const stock = bodies.find((b) => b.id === body_id)?.stock ?? 0;

  return (
    <div className="page plan">
      <div className="page-head">
        <PageTitle of={repeats === null ? 'Plan a run' : `Repeat ${repeats.label}`} />
        <h1>{repeats === null ? 'Plan a run' : `Repeat ${repeats.label}`}</h1>
      </div>
      <div className={classes.planColumns}>
        <div className={classes.planForm}>
          {repeats === null ? (
            <PatternChoice
              labelled
              label="Pattern"
              name={says}
              onChoose={(pattern) => {
                const next = painted(pattern);
                setSays(next.says);
                form.setValues({ version_id: next.version, body_id: next.body });
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
              .filter((b) => !b.archived || b.id === body_id)
              .map((b) => ({ value: b.id, label: `${b.name}, ${b.length_mm} mm` }))}
            {...form.getInputProps('body_id')}
          />
          {Number(baits) > stock && <p className={layout.caution}>Only {stock} of these bodies are in the drawer.</p>}
          <NumberInput label="Baits" min={1} max={60} allowDecimal={false} {...form.getInputProps('baits')} />
          <div className={layout.two}>
            <NumberInput label={`Air, ${temperature.unit(settings)}`} {...form.getInputProps('air_c')} />
            <NumberInput label="Humidity, %" min={1} max={100} {...form.getInputProps('humidity_percent')} />
          </div>
          <div className={layout.two}>
            <DayField
              required
              label="Starts on"
              value={starts_on}
              onChange={(day) => form.setFieldValue('starts_on', day)}
            />
            <TimePicker
              label="at"
              hoursInputLabel="Starts at, hour"
              minutesInputLabel="Starts at, minute"
              {...form.getInputProps('starts_at')}
            />
          </div>
          {keep.isError && (
            <p role="alert" className="notice">
              {words(keep.error)}
            </p>
          )}
          <Button disabled={!ready || !planned.isSuccess || keep.isPending} onClick={() => keep.mutate(true)}>
            Start at the bench
          </Button>
          <Button
            variant="default"
            disabled={!ready || !planned.isSuccess || keep.isPending}
            onClick={() => keep.mutate(false)}
          >
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
