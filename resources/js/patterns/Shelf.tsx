import { Button, UnstyledButton } from '@mantine/core';
import { useIntersection } from '@mantine/hooks';
import { type ReactNode, Suspense, useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { useBodies, usePatterns, useShelfTexture } from '../api/queries';
import type { Body, Pattern } from '../api/types';
import { Failed } from '../parts/Failed';
import { part } from '../parts/part';
import { Strip } from '../parts/Strip';
import { Waiting } from '../parts/Waiting';
import { BaitPicture } from '../stage/BaitPicture';
import { useRoom } from '../stage/useRoom';
import { counted, day } from '../units/units';
import classes from './shelf.module.css';

const NewPattern = part(async () => (await import('./NewPattern')).NewPattern);

const STATES = { all: 'all', sketch: 'sketch', tried: 'tried', proven: 'proven', retired: 'retired' };
type State = keyof typeof STATES;
/** All baits on the shelf are drawn to this one scale, but those too long for it: they are drawn whole. */
const MM_PER_PX = 0.36;
/** Keeps the line of an eye that is not set yet from changing between pictures. */

/** The shelf: every pattern as its predicted bait, on its own body, to one scale. */
export function Shelf() {
  const patterns = usePatterns();
  const bodies = useBodies().data;
  const [wanted, setWanted] = useState('');
  const [state, setState] = useState<State>('all');
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

  const words = wanted.toLowerCase().split(/\s+/).filter(Boolean);
  const shown = patterns.data.filter(
    (p) =>
      (state === 'all' ? p.state !== 'retired' : p.state === state) &&
      words.every((word) => `${p.name} ${p.species} ${p.water}`.toLowerCase().includes(word)),
  );

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
        {patterns.data.length > 1 && (
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
      {patterns.data.length === 0 ? (
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
        <ul className={`${classes.shelf} on-stage`}>
          {shown.map((pattern) => (
            <Lying
              key={pattern.id}
              pattern={pattern}
              body={bodies.find((b) => b.id === pattern.version.body_id)}
              picked={comparing?.first === pattern.id}
              onPick={comparing === null ? undefined : () => pick(pattern.id)}
            />
          ))}
          {shown.length === 0 && <li className={classes.shelfNone}>Nothing on the shelf answers to that.</li>}
        </ul>
      )}
      {adding && (
        <Suspense>
          <NewPattern opened onClose={() => setAdding(false)} bodies={bodies.filter((body) => !body.archived)} />
        </Suspense>
      )}
    </div>
  );
}

/** What is proven of a pattern whose newest version is not. */
function provenWords({ proven }: Pattern): string {
  return proven === null ? '' : `version ${proven.number} proven on ${proven.body}`;
}

interface LyingProps {
  pattern: Pattern;
  body: Body | undefined;
  picked: boolean;
  /** Picks it, where two are to be compared; else it leads to its sheet. */
  onPick: (() => void) | undefined;
}

function Lying({ pattern, body, picked, onPick }: LyingProps) {
  const { ref, entry } = useIntersection<HTMLLIElement>({ rootMargin: '300px' });
  const texture = useShelfTexture(pattern.version.id, pattern.version.revision, entry?.isIntersecting ?? false).data;
  const room = useRoom();
  if (body === undefined) return null;
  const wanted = Math.round(((body.length_mm + (body.marks.bill_length_mm ?? 0)) * 1.07) / MM_PER_PX);
  const width = Math.min(room, wanted);
  const tall = Math.max(...body.profile.top_mm) + Math.max(...body.profile.bottom_mm);
  const height = Math.round((tall * 1.12 + (body.marks.bill_length_mm ?? 0) * 0.3) / MM_PER_PX) + 14;
  return (
    <li ref={ref}>
      <Onward to={`/patterns/${pattern.id}`} minWidth={Math.min(width, 300)} picked={picked} onPick={onPick}>
        <span className={classes.lyingBait} style={{ height: Math.max(height, 126) }}>
          <BaitPicture
            body={body}
            texture={texture}
            view="left"
            width={width}
            height={height}
            mmPerPx={wanted > room ? undefined : MM_PER_PX}
            label={`${pattern.name}, as predicted`}
          />
        </span>
        <span className={classes.lyingWords}>
          <b>{pattern.name}</b>{' '}
          {pattern.state === 'proven' && pattern.proven?.current ? (
            <span className="seal">Proven</span>
          ) : (
            <i>{pattern.state === 'proven' ? provenWords(pattern) : pattern.state}</i>
          )}
          <br />
          {pattern.species && `${pattern.species} · `}
          {body.name} · {counted(pattern.version.steps, 'step')}
          {pattern.last_painted === null ? '' : ` · painted ${day(pattern.last_painted)}`}
        </span>
      </Onward>
    </li>
  );
}

function Onward(props: {
  to: string;
  minWidth: number;
  picked: boolean;
  onPick: (() => void) | undefined;
  children: ReactNode;
}) {
  const style = { minWidth: props.minWidth };
  return props.onPick === undefined ? (
    <Link to={props.to} className={classes.lying} style={style}>
      {props.children}
    </Link>
  ) : (
    <UnstyledButton className={classes.lying} style={style} aria-pressed={props.picked} onClick={props.onPick}>
      {props.children}
    </UnstyledButton>
  );
}
