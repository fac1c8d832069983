import { Button } from '@mantine/core';
import { useLocalStorage } from '@mantine/hooks';
import { Suspense, useState } from 'react';
import { useNavigate } from 'react-router';
import { useBodies, usePatterns, useSettings } from '../api/queries';
import { fromAddress, useInAddress } from '../parts/address';
import { keysOf } from '../parts/choices';
import { Failed } from '../parts/Failed';
import { part } from '../parts/part';
import { Strip } from '../parts/Strip';
import { useTyped } from '../parts/useTyped';
import { Waiting } from '../parts/Waiting';
import { ShelfRows, type ShelfScale, type Shelved, useShelfRows } from './ShelfRows';
import classes from './shelf.module.css';

const NewPattern = part(async () => (await import('./NewPattern')).NewPattern);
const EmptyShelf = part(async () => (await import('./EmptyShelf')).EmptyShelf);
const Samples = part(async () => (await import('./Samples')).Samples);
const LongShelf = part(async () => (await import('./LongShelf')).LongShelf);

const STATES = { all: 'all', sketch: 'sketch', tried: 'tried', proven: 'proven', retired: 'retired' };
/** The shelf: every pattern as its predicted bait, on its own body, to one scale. */
export function Shelf() {
  const [wanted, setWanted] = useState(() => fromAddress('q'));
  const [state, setState] = useState(() => keysOf(STATES).find((one) => one === fromAddress('state')) ?? 'all');
  const sought = useTyped(wanted);
  const patterns = usePatterns(sought, state);
  const bodies = useBodies().data;
  const samples = useSettings().data?.samples ?? 0;
  // What the new pattern begins on: the id of a body, the name of a shape; empty: none in particular.
  const [adding, setAdding] = useState<string | null>(() => fromAddress('new') || null);
  useInAddress({ q: sought, state: state === 'all' ? '' : state, new: adding ?? '' });
  // Comparing: the one picked first, or that none is yet.
  const [comparing, setComparing] = useState<{ first: string | null } | null>(null);
  const [scale, setScale] = useLocalStorage<ShelfScale>({
    key: 'hawkbrush shelf',
    defaultValue: 'usual',
    getInitialValueInEffect: false,
  });
  const go = useNavigate();
  const pick = (id: string) => {
    if (comparing === null || comparing.first === null) setComparing({ first: id });
    else if (comparing.first === id) setComparing({ first: null });
    else void go(`/patterns/${comparing.first}/beside/${id}`);
  };
  if (patterns.isError) return <Failed error={patterns.error} retry={() => void patterns.refetch()} />;
  if (patterns.data === undefined || bodies === undefined) return <Waiting />;

  const { patterns: shown, next } = patterns.data;
  const shelved = { bodies, scale, picked: comparing?.first ?? null, onPick: comparing === null ? undefined : pick };
  const asked = sought !== '' || state !== 'all';

  return (
    <div className="page shelf-page">
      <div className="page-head">
        <h1>Patterns</h1>
        <span className="spacer" />
        {(shown.length > 0 || asked) && (
          <>
            <input
              type="search"
              className={`field ${classes.shelfSearch}`}
              aria-label="Search by name, species or water"
              placeholder="Search"
              value={wanted}
              onChange={(event) => setWanted(event.currentTarget.value)}
            />
            <Strip legend="State" className={classes.shelfStates} value={state} options={STATES} onChange={setState} />
          </>
        )}
        {(shown.length > 1 || comparing !== null) && (
          <Button variant="default" onClick={() => setComparing(comparing === null ? { first: null } : null)}>
            {comparing === null ? 'Compare two' : 'No comparing'}
          </Button>
        )}
        {shown.length > 0 && (
          <Strip
            legend="Scale"
            className={classes.shelfStates}
            value={scale}
            options={{ small: 'small', usual: 'medium', large: 'large' }}
            onChange={setScale}
          />
        )}
        <Button onClick={() => setAdding('')}>New pattern</Button>
      </div>
      {comparing !== null && (
        <p role="status" className={classes.shelfComparing}>
          {comparing.first === null ? 'Pick the one for the left.' : 'Now pick the one for the right.'}
        </p>
      )}
      {samples > 0 && (
        <Suspense>
          <Samples count={samples} />
        </Suspense>
      )}
      {shown.length === 0 && !asked ? (
        <Suspense>
          <EmptyShelf bodies={bodies.length} onBegin={(shape) => setAdding(shape ?? '')} />
        </Suspense>
      ) : (
        <div className={`${classes.shelf} on-stage`}>
          {shown.length === 0 ? (
            <p className={classes.shelfNone}>No pattern found.</p>
          ) : next === null ? (
            <ShortShelf {...shelved} patterns={shown} />
          ) : (
            <Suspense>
              <LongShelf {...shelved} sought={sought} state={state} first={patterns.data} />
            </Suspense>
          )}
        </div>
      )}
      {adding !== null && (
        <Suspense>
          <NewPattern
            opened
            on={adding}
            onClose={() => setAdding(null)}
            bodies={bodies.filter((body) => !body.archived)}
          />
        </Suspense>
      )}
    </div>
  );
}

/** A shelf of one page: all of it is there. */
function ShortShelf(shelved: Shelved) {
  const { measured, room, placed, rows } = useShelfRows(shelved);
  return (
    <>
      <div ref={measured} />
      <ul style={{ width: room }}>
        <ShelfRows {...shelved} placed={placed} rows={rows} />
      </ul>
    </>
  );
}
