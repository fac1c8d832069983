import { Button } from '@mantine/core';
import { Suspense, useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { useBodies, usePatterns } from '../api/queries';
import type { PatternState } from '../api/types';
import { Failed } from '../parts/Failed';
import { part } from '../parts/part';
import { Strip } from '../parts/Strip';
import { useTyped } from '../parts/useTyped';
import { Waiting } from '../parts/Waiting';
import { ShelfRows, type Shelved, useShelfRows } from './ShelfRows';
import classes from './shelf.module.css';

const NewPattern = part(async () => (await import('./NewPattern')).NewPattern);
const LongShelf = part(async () => (await import('./LongShelf')).LongShelf);

const STATES = { all: 'all', sketch: 'sketch', tried: 'tried', proven: 'proven', retired: 'retired' };
/** The shelf: every pattern as its predicted bait, on its own body, to one scale. */
export function Shelf() {
  const [wanted, setWanted] = useState('');
  const [state, setState] = useState<PatternState>('all');
  const sought = useTyped(wanted);
  const patterns = usePatterns(sought, state);
  const bodies = useBodies().data;
  const [adding, setAdding] = useState(false);
  // Comparing: the one picked first, or that none is yet.
  const [comparing, setComparing] = useState<{ first: string | null } | null>(null);
  const go = useNavigate();
  const pick = (id: string) => {
    if (comparing === null || comparing.first === null) setComparing({ first: id });
    else if (comparing.first === id) setComparing({ first: null });
    else void go(`/patterns/${comparing.first}/beside/${id}`);
  };
  if (patterns.isError) return <Failed error={patterns.error} retry={() => void patterns.refetch()} />;
  if (patterns.data === undefined || bodies === undefined) return <Waiting />;

  const { patterns: shown, next } = patterns.data;
  const shelved = { bodies, picked: comparing?.first ?? null, onPick: comparing === null ? undefined : pick };
  const asked = sought !== '' || state !== 'all';

  return (
    <div className="page shelf-page">
      <div className="page-head">
        <h1>Patterns</h1>
        <span className="spacer" />
        <input
          type="search"
          className={`field ${classes.shelfSearch}`}
          aria-label="Search by name, species or water"
          placeholder="Search"
          value={wanted}
          onChange={(event) => setWanted(event.currentTarget.value)}
        />
        <Strip legend="State" className={classes.shelfStates} value={state} options={STATES} onChange={setState} />
        {(shown.length > 1 || comparing !== null) && (
          <Button variant="default" onClick={() => setComparing(comparing === null ? { first: null } : null)}>
            {comparing === null ? 'Compare two' : 'No comparing'}
          </Button>
        )}
        <Button onClick={() => setAdding(true)} disabled={bodies.length === 0}>
          New pattern
        </Button>
      </div>
      {comparing !== null && (
        <p role="status" className={classes.shelfComparing}>
          {comparing.first === null ? 'Pick the one for the left.' : 'Now pick the one for the right.'}
        </p>
      )}
      {shown.length === 0 && !asked ? (
        <div className="empty">
          <h2>The shelf is empty</h2>
          <p>
            Here every pattern lies as the bait it will make.{' '}
            {bodies.length === 0 ? 'First put a body into the drawer.' : 'Pick a body and begin the first one.'}
          </p>
          {bodies.length === 0 ? (
            <Button component={Link} to="/stores/bodies">
              To the body drawer
            </Button>
          ) : (
            <Button onClick={() => setAdding(true)}>Begin a pattern</Button>
          )}
        </div>
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
      {adding && (
        <Suspense>
          <NewPattern opened onClose={() => setAdding(false)} bodies={bodies.filter((body) => !body.archived)} />
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
