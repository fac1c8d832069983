import { Button, Checkbox, UnstyledButton } from '@mantine/core';
import { useMutation } from '@tanstack/react-query';
import { useState } from 'react';
import { api, ask, words } from '../api/client';
import type { ColourGiven, Ground, MixOffers, MixPart } from '../api/types';
import { ColourAsked } from './ColourAsked';
import type { Sprayed } from './Mixing';
import { said } from './useMix';
import '../parts/controls';
import layout from '../parts/layout.module.css';
import classes from './mixing.module.css';

/** The best mixes of two or three paints for a wanted colour, in whole drops, with what remains. */
export function MixSearch({
  sprayed,
  over,
  onTake,
}: {
  sprayed: Sprayed;
  over: Ground;
  onTake: (parts: MixPart[]) => void;
}) {
  const [target, setTarget] = useState<ColourGiven>({ hex: '#8a7b3c' });
  const [inStock, setInStock] = useState(true);
  const search = useMutation({
    mutationFn: () => ask(api.POST('/mixes/search', { body: { target, over, ...sprayed, in_stock: inStock } })),
  });
  return (
    <section aria-label="Ask for a colour" className={classes.mixSearch}>
      <h2>Ask for a colour</h2>
      <ColourAsked value={target} onChange={setTarget} />
      <p className={layout.row}>
        <Button disabled={search.isPending} onClick={() => search.mutate()}>
          {search.isPending ? 'Going over the rack …' : 'Find mixes'}
        </Button>
        <Checkbox
          size="xs"
          label="only from bottles with something in them"
          checked={inStock}
          onChange={(event) => setInStock(event.currentTarget.checked)}
        />
      </p>
      {search.isError && (
        <p role="alert" className="notice">
          {words(search.error)}
        </p>
      )}
      {search.data !== undefined && (
        <>
          <Offers found={search.data} offers={search.data.offers.filter((offer) => offer.near)} onTake={onTake} />
          {search.data.offers.some((offer) => !offer.near) && (
            <>
              <p>
                {search.data.offers.some((offer) => offer.near)
                  ? 'No other paints of this rack come near. What lies nearest of the rest:'
                  : 'Nothing on this rack comes near that colour: it lies beyond what these paints can make. What lies nearest:'}
              </p>
              <Offers found={search.data} offers={search.data.offers.filter((offer) => !offer.near)} onTake={onTake} />
            </>
          )}
          <p className="dim">
            {search.data.whole
              ? `Of ${search.data.looked_at} paints every two and three were weighed,`
              : `Of ${search.data.looked_at} paints every two were weighed, and every three of the 120 that come nearest,`}{' '}
            and of the most promising every mix in up to 12 drops was tried (one that is a hair better may be missing),{' '}
            for a film of {search.data.dry_um.toFixed(1)} µm dry over what is chosen. Left half: wanted; right half: the
            mix. How far off in DeltaE00, how much redder or darker in steps of L*a*b*; a model’s, so try a drop on a
            card.
          </p>
        </>
      )}
    </section>
  );
}

/** Mixes, the nearest first, with how they are beside the wanted colour; what comes near with a figure too. */
function Offers({
  found,
  offers,
  onTake,
}: {
  found: MixOffers;
  offers: MixOffers['offers'];
  onTake: (parts: MixPart[]) => void;
}) {
  const [first] = offers;
  if (first === undefined) return null;
  return (
    <ol
      className={`${classes.mixOffers} on-stage`}
      aria-label={first.near ? 'Mixes, the nearest first' : 'Mixes further off, the nearest first'}
    >
      {offers.map((offer) => (
        <li key={offer.parts.map((part) => part.paint + part.drops).join()}>
          <UnstyledButton onClick={() => onTake(offer.parts.map(({ paint, drops }) => ({ paint, drops })))}>
            <span
              className={classes.mixPair}
              role="img"
              aria-label={`wanted ${found.target.hex}, comes to ${offer.colour.hex}`}
            >
              <i style={{ background: found.target.hex }} />
              <i style={{ background: offer.colour.hex }} />
            </span>
            <b>{said(offer.parts)}</b>
            <span>
              {[offer.near ? `${offer.delta_e.toFixed(1)} off` : '', offer.words]
                .filter((told) => told !== '')
                .join(': ')}
            </span>
          </UnstyledButton>
          {offer.warning !== null && <small>{offer.warning}</small>}
        </li>
      ))}
    </ol>
  );
}
