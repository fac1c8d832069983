import { Button, Checkbox, UnstyledButton } from '@mantine/core';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import { api, ask, words } from '../../api/client';
import { useBodies, useShelfTexture } from '../../api/queries';
import type { Paint, Replacements } from '../../api/types';
import { said } from '../../mixing/useMix';
import { BaitPicture } from '../../stage/BaitPicture';
import '../../parts/controls';
import layout from '../../parts/layout.module.css';
import classes from './paint.module.css';

type Offer = Replacements['offers'][number];
type Use = Replacements['uses'][number];

/** The nearest replacements, by the colour of the finished baits, with the changed bait beside the old. */
export function ReplacePaint({ paint }: { paint: Paint }) {
  const [mixed, setMixed] = useState(false);
  const [chosen, setChosen] = useState<number | null>(null);
  const search = useMutation({
    mutationFn: (mixes: boolean) =>
      ask(
        api.POST('/paints/{id}/replacements', {
          params: { path: { id: paint.id } },
          body: { mixed: mixes, in_stock: true },
        }),
      ),
    onMutate: () => setChosen(null),
  });
  const offer = chosen === null ? undefined : search.data?.offers[chosen];
  return (
    <section aria-label="Replace it">
      <h2 className={classes.paintHead}>Run out? Find the nearest paint</h2>
      {paint.used_in === 0 ? (
        <p className="dim">No pattern uses it, so there is no finished bait to hold a replacement against.</p>
      ) : (
        <>
          <p className={layout.row}>
            <Button disabled={search.isPending} onClick={() => search.mutate(mixed)}>
              {search.isPending ? 'Trying the rack on the baits …' : 'Find what comes nearest'}
            </Button>
            <Checkbox
              size="xs"
              label="mixes too"
              checked={mixed}
              onChange={(event) => setMixed(event.currentTarget.checked)}
            />
          </p>
          {search.isError && <p role="alert">{words(search.error)}</p>}
          {search.data !== undefined && (
            <ol className={classes.offers} aria-label="Replacements, the nearest first">
              {search.data.offers.map((one, i) => (
                <li key={one.parts.map((part) => `${part.paint}${part.drops}`).join()}>
                  <UnstyledButton className={layout.rowButton} aria-pressed={chosen === i} onClick={() => setChosen(i)}>
                    <b>{said(one.parts)}</b>
                    <span>{one.delta_e.toFixed(1)}</span>
                    <span className="dim">{worst(one)}</span>
                  </UnstyledButton>
                </li>
              ))}
            </ol>
          )}
          {search.data !== undefined && (
            <p className="dim">
              Figures: DeltaE00 of the finished bait over the zones it is used in. Under 1 hardly anybody sees.
            </p>
          )}
          {offer !== undefined &&
            search.data?.uses.map((use) => <Beside key={use.version} use={use} paint={paint} offer={offer} />)}
        </>
      )}
    </section>
  );
}

function worst(offer: Offer): string {
  const zone = [...offer.zones].sort((a, b) => b.delta_e - a.delta_e)[0];
  return zone === undefined ? '' : `most at the ${zone.zone}, ${zone.delta_e.toFixed(1)}`;
}

function Beside({ use, paint, offer }: { use: Use; paint: Paint; offer: Offer }) {
  const queries = useQueryClient();
  const swaps = [{ paint: paint.id, for: offer.parts.map(({ paint: id, drops }) => ({ paint: id, drops })) }];
  const version = useQuery({
    queryKey: ['version', use.version],
    queryFn: () => ask(api.GET('/versions/{id}', { params: { path: { id: use.version } } })),
  }).data;
  const body = useBodies().data?.find((one) => one.id === version?.body.id);
  const before = useShelfTexture(use.version, version?.revision ?? 0, version !== undefined).data;
  const after = useQuery({
    queryKey: ['preview', use.version, version?.revision, swaps],
    queryFn: () => ask(api.POST('/versions/{id}/preview', { params: { path: { id: use.version } }, body: { swaps } })),
    placeholderData: (previous) => previous,
  }).data;
  const keep = useMutation({
    mutationFn: () =>
      ask(
        api.POST('/versions/{id}/edits', {
          params: { path: { id: use.version } },
          body: {
            revision: version?.revision ?? 0,
            change: { op: 'swap', swaps },
          },
        }),
      ),
    onSuccess: () => queries.invalidateQueries(),
  });
  if (body === undefined || version === undefined) return null;
  return (
    <figure className={`${classes.beside} on-stage`}>
      <div>
        <BaitPicture body={body} texture={before} view="left" width={250} height={96} label={`${use.name} as it is`} />
        <BaitPicture
          body={body}
          texture={after?.texture}
          view="left"
          width={250}
          height={96}
          label={`${use.name} with ${said(offer.parts)}`}
        />
      </div>
      <figcaption>
        <b>{use.name}</b> as it is, and with {said(offer.parts)}.{' '}
        {use.alone && offer.parts.length > 1 && `On its eye, or stirred into its clear, ${offer.most} alone. `}
        {keep.isSuccess ? (
          <Link className="link" to={`/patterns/${use.pattern}`}>
            Changed; look at it
          </Link>
        ) : (
          <UnstyledButton disabled={keep.isPending} onClick={() => keep.mutate()}>
            Change this pattern
          </UnstyledButton>
        )}
        {keep.isError && <span role="alert"> {words(keep.error)}</span>}
      </figcaption>
    </figure>
  );
}
