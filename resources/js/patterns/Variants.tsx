import { Button, TextInput, UnstyledButton } from '@mantine/core';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { api, ask, words } from '../api/client';
import { usePaints } from '../api/listQueries';
import { useSheetQuery, useTexture } from '../api/queries';
import type { Paint, Sheet, Step, Swaps } from '../api/types';
import { useOnce } from '../api/useOnce';
import { Failed } from '../parts/Failed';
import { Waiting } from '../parts/Waiting';
import { WideBait } from '../stage/WideBait';
import { isPaint } from '../steps/face';
import { Exchanged } from './Exchanged';
import '../parts/controls';
import { PageTitle } from '../parts/PageTitle';
import classes from './variants.module.css';

const MOST_EXCHANGED = 2;

/** The family of a pattern: one or two of its colours exchanged, all seen side by side. */
export function Variants() {
  const { id = '' } = useParams();
  const sheet = useSheetQuery(id);
  const rack = usePaints().data;
  if (sheet.isError) return <Failed error={sheet.error} retry={() => void sheet.refetch()} />;
  if (sheet.data === undefined || rack === undefined) return <Waiting />;
  return <Family sheet={sheet.data} rack={rack} />;
}

function Family({ sheet, rack }: { sheet: Sheet; rack: Paint[] }) {
  const { pattern, version } = sheet;
  const used = usedIn(version.steps, rack);
  const [exchanged, setExchanged] = useState<Record<string, string[]>>({});
  const family = combinations(exchanged);
  const names = new Map(rack.map((paint) => [paint.id, paint.name]));
  const texture = useTexture(version.id, version.revision, null, 'clear').data;
  const toggle = (from: string, to: string) => {
    const now = exchanged[from] ?? [];
    const next = now.includes(to) ? now.filter((one) => one !== to) : [...now, to];
    const { [from]: _, ...rest } = exchanged;
    setExchanged(next.length === 0 ? rest : { ...rest, [from]: next });
  };
  return (
    <div className="page">
      <div className="page-head">
        <PageTitle of={`Variants of ${pattern.name}`} />
        <h1>Variants of {pattern.name}</h1>
        <span className="dim">swap one or two colours</span>
        <span className="spacer" />
        <Link className="link" to={`/patterns/${pattern.id}`}>
          Back to the sheet
        </Link>
      </div>
      <div className={classes.variants}>
        <div className={classes.variantsFrom}>
          {used.map((paint) => {
            const full = exchanged[paint.id] === undefined && Object.keys(exchanged).length >= MOST_EXCHANGED;
            return (
              <Exchanged
                key={paint.id}
                paint={paint}
                rack={rack}
                ticked={exchanged[paint.id] ?? []}
                full={full}
                onToggle={(to) => toggle(paint.id, to)}
              />
            );
          })}
        </div>
        <ul
          className={`${classes.family} on-stage`}
          style={{ '--columns': family.length < 4 ? 2 : 3 }}
          aria-label="The family"
        >
          <li>
            <WideBait body={version.body} texture={texture} tall={0.4} label={`${pattern.name} as it is`} />
            <b>{pattern.name}</b> as it is
          </li>
          {family.map((swaps) => (
            <Variant
              key={JSON.stringify(swaps)}
              sheet={sheet}
              swaps={swaps}
              said={swaps
                .map((one) => `${names.get(one.paint)} becomes ${names.get(one.for[0]?.paint ?? '')}`)
                .join(', ')}
            />
          ))}
          {family.length === 0 && (
            <li className={classes.familyNone}>Open a colour on the left and tick what it could become.</li>
          )}
        </ul>
      </div>
    </div>
  );
}

function Variant({ sheet, swaps, said }: { sheet: Sheet; swaps: Swaps; said: string }) {
  const { pattern, version } = sheet;
  const queries = useQueryClient();
  const once = useOnce();
  const navigate = useNavigate();
  const [name, setName] = useState<string | null>(null);
  const seen = useQuery({
    queryKey: ['preview', version.id, version.revision, swaps],
    queryFn: () => ask(api.POST('/versions/{id}/preview', { params: { path: { id: version.id } }, body: { swaps } })),
  });
  const keep = useMutation({
    mutationFn: () =>
      once({ name: name ?? '', swaps }, (body, headers) =>
        ask(api.POST('/patterns/{id}/variants', { params: { path: { id: pattern.id } }, body, headers })),
      ),
    onSuccess: (kept) => {
      void queries.invalidateQueries({ queryKey: ['patterns'] });
      void navigate(`/patterns/${kept.pattern.id}`);
    },
  });
  const most = [...(seen.data?.zones ?? [])].sort((a, b) => b.delta_e - a.delta_e)[0];
  return (
    <li>
      <WideBait body={version.body} texture={seen.data?.texture} tall={0.4} label={`${pattern.name}: ${said}`} />
      <b>{said}</b>
      {most !== undefined && (
        <>
          <br />
          most changed: {most.zone}, {most.delta_e.toFixed(0)} DeltaE00
        </>
      )}
      {seen.isError && <p role="alert">{words(seen.error)}</p>}
      {name === null ? (
        <p>
          <UnstyledButton onClick={() => setName(`${pattern.name}, variant`)}>Keep as a new pattern</UnstyledButton>
        </p>
      ) : (
        <form
          onSubmit={(event) => {
            event.preventDefault();
            keep.mutate();
          }}
        >
          <TextInput
            size="xs"
            aria-label="Name of the variant"
            value={name}
            maxLength={120}
            required
            autoFocus
            onChange={(event) => setName(event.currentTarget.value)}
          />
          <Button type="submit" disabled={keep.isPending}>
            Keep
          </Button>
          {keep.isError && <p role="alert">{words(keep.error)}</p>}
        </form>
      )}
    </li>
  );
}

/** The paints of a pattern, in the order they are used. */
function usedIn(steps: Step[], rack: Paint[]): Paint[] {
  const ids = new Set(steps.filter(isPaint).flatMap((step) => step.document.mix.map((part) => part.paint)));
  return [...ids].flatMap((id) => rack.filter((paint) => paint.id === id));
}

/** Every way of exchanging one colour alone, or both together. */
function combinations(exchanged: Record<string, string[]>): Swaps[] {
  type One = Swaps[number];
  const one = (paint: string, to: string): One => ({ paint, for: [{ paint: to, drops: 1 }] });
  const [first, second] = Object.entries(exchanged);
  if (first === undefined) return [];
  const alone = first[1].map((to) => [one(first[0], to)]);
  if (second === undefined) return alone;
  return [
    ...alone,
    ...second[1].map((to) => [one(second[0], to)]),
    ...first[1].flatMap((a) => second[1].map((b) => [one(first[0], a), one(second[0], b)])),
  ];
}
