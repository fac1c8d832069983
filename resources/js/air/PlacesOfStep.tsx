import { Anchor } from '@mantine/core';
import { words } from '../api/client';
import { usePlaces } from '../api/shopQueries';
import type { Version } from '../api/types';
import classes from './air.module.css';
import { costs } from './costs';

interface Props {
  version: Pick<Version, 'id' | 'revision' | 'steps'>;
  step: string;
  onMove: (to: number) => void;
}

/** Where a step may stand without being seen, and what each place saves or costs. */
export function PlacesOfStep({ version, step, onMove }: Props) {
  const places = usePlaces(version.id, version.revision, step);
  if (places.isError) return <p role="alert">{words(places.error)}</p>;
  if (places.data === undefined) return <p role="status">Trying it in other places …</p>;
  const now = version.steps.findIndex((one) => one.document.id === step);
  const others = places.data.filter((place) => place.to !== now);
  if (others.length === 0) return <p>It can’t move without changing the look, or a mask or drying forbids it.</p>;
  return (
    <ul className={classes.places}>
      {others.map((place) => (
        <li key={place.to}>
          as step {place.to + 1}, {place.to < now ? 'before' : 'after'} <b>{version.steps[place.to]?.shown.name}</b>:{' '}
          {costs(place)}.{' '}
          <Anchor component="button" type="button" onClick={() => onMove(place.to)}>
            Put it there
          </Anchor>
        </li>
      ))}
    </ul>
  );
}
