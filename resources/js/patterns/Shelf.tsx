import { Button, UnstyledButton } from '@mantine/core';
import { useDebouncedValue, useElementSize } from '@mantine/hooks';
import { type ReactNode, Suspense, useCallback, useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { useBodies, usePatterns, useShelfTexture } from '../api/queries';
import type { Body, Pattern, PatternState } from '../api/types';
import { Failed } from '../parts/Failed';
import { part } from '../parts/part';
import { Strip } from '../parts/Strip';
import { useLongList } from '../parts/useLongList';
import { Waiting } from '../parts/Waiting';
import { BaitPicture } from '../stage/BaitPicture';
import { counted, day } from '../units/units';
import { packed } from './packed';
import classes from './shelf.module.css';

const NewPattern = part(async () => (await import('./NewPattern')).NewPattern);

const STATES = { all: 'all', sketch: 'sketch', tried: 'tried', proven: 'proven', retired: 'retired' };
/** All baits on the shelf are drawn to this one scale, but those too long for it: they are drawn whole. */
const MM_PER_PX = 0.36;
/** The least room of a pattern, so that its words have some. */
const LEAST_PX = 300;
const RIM_PX = 6;
/** Patterns of a row stand so far apart, where there is room. */
const APART_PX = [24, 64] as const;
const ROWS_APART_PX = 12;
const BAIT_PX = 126;
/** About three lines of words, with the rims. */
const WORDS_PX = 80;
const TYPING_MS = 200;

/** The shelf: every pattern as its predicted bait, on its own body, to one scale. */
export function Shelf() {
  const [wanted, setWanted] = useState('');
  const [state, setState] = useState<PatternState>('all');
  const [sought] = useDebouncedValue(wanted.trim(), TYPING_MS);
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

  const shown = patterns.data.pages.flatMap((page) => page.patterns);
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
        <Lain
          patterns={shown}
          bodies={bodies}
          picked={comparing?.first ?? null}
          onPick={comparing === null ? undefined : pick}
          more={patterns.hasNextPage && !patterns.isFetching ? patterns.fetchNextPage : undefined}
        />
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

interface LainProps {
  patterns: Pattern[];
  bodies: Body[];
  picked: string | null;
  /** Picks one, where two are to be compared; else each leads to its sheet. */
  onPick: ((id: string) => void) | undefined;
  /** Asks for those that follow. */
  more: (() => unknown) | undefined;
}

/** Patterns lying in rows; of hundreds only the rows in sight are there. */
function Lain({ patterns, bodies, picked, onPick, more }: LainProps) {
  const { ref: box, width } = useElementSize<HTMLDivElement>();
  const room = Math.floor(width);
  const onBodies = (room === 0 ? [] : patterns).flatMap((pattern) => {
    const body = bodies.find((one) => one.id === pattern.version.body_id);
    return body === undefined ? [] : [{ pattern, body, ...sizeOf(body, room) }];
  });
  const rows = packed(
    onBodies.map((one) => one.place),
    room,
    ...APART_PX,
  );
  const height = useCallback(
    (row: number) => {
      const { from, to } = rows[row] ?? { from: 0, to: 0 };
      return Math.max(BAIT_PX, ...onBodies.slice(from, to).map((one) => one.height)) + WORDS_PX;
    },
    [rows, onBodies],
  );
  const { list, first, end, before, after, measure } = useLongList<HTMLUListElement>({
    count: rows.length,
    height,
    gap: ROWS_APART_PX,
    more,
  });
  const inSight = rows.slice(first, end);
  return (
    <div className={`${classes.shelf} on-stage`}>
      <div ref={box} />
      <ul ref={list} style={{ width: room, paddingTop: before, paddingBottom: after }}>
        {inSight.flatMap(({ from, to, between }, row) =>
          onBodies.slice(from, to).map((one, place) => (
            <li
              key={one.pattern.id}
              ref={place === 0 ? measure : undefined}
              data-index={place === 0 ? first + row : undefined}
              style={{ width: one.place, marginRight: from + place === to - 1 ? 0 : between }}
            >
              <Lying
                {...one}
                picked={picked === one.pattern.id}
                onPick={onPick === undefined ? undefined : () => onPick(one.pattern.id)}
              />
            </li>
          )),
        )}
        {patterns.length === 0 && <li className={classes.shelfNone}>No pattern found.</li>}
      </ul>
    </div>
  );
}

/** How large a body is drawn, and the room that it takes with its words, in pixels. */
function sizeOf(body: Body, room: number): { width: number; height: number; place: number; whole: boolean } {
  const bill = body.marks.bill_length_mm ?? 0;
  const wanted = Math.round(((body.length_mm + bill) * 1.07) / MM_PER_PX);
  const width = Math.min(room, wanted);
  const tall = Math.max(...body.profile.top_mm) + Math.max(...body.profile.bottom_mm);
  return {
    width,
    height: Math.round((tall * 1.12 + bill * 0.3) / MM_PER_PX) + 14,
    place: Math.min(room, Math.max(width, LEAST_PX) + 2 * RIM_PX),
    whole: wanted <= room,
  };
}

interface LyingProps {
  pattern: Pattern;
  body: Body;
  width: number;
  height: number;
  /** Whether there is room for it at the scale of the shelf. */
  whole: boolean;
  picked: boolean;
  onPick: (() => void) | undefined;
}

function Lying({ pattern, body, width, height, whole, picked, onPick }: LyingProps) {
  const texture = useShelfTexture(pattern.version.id, pattern.version.revision, true).data;
  return (
    <Onward to={`/patterns/${pattern.id}`} picked={picked} onPick={onPick}>
      <span className={classes.lyingBait} style={{ height: Math.max(height, BAIT_PX) }}>
        <BaitPicture
          body={body}
          texture={texture}
          view="left"
          width={width}
          height={height}
          mmPerPx={whole ? MM_PER_PX : undefined}
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
  );
}

function Onward(props: { to: string; picked: boolean; onPick: (() => void) | undefined; children: ReactNode }) {
  return props.onPick === undefined ? (
    <Link to={props.to} className={classes.lying}>
      {props.children}
    </Link>
  ) : (
    <UnstyledButton className={classes.lying} aria-pressed={props.picked} onClick={props.onPick}>
      {props.children}
    </UnstyledButton>
  );
}
