import { UnstyledButton } from '@mantine/core';
import type { ReactNode } from 'react';
import { Link } from 'react-router';
import { useShelfTexture } from '../api/queries';
import type { Body, Pattern } from '../api/types';
import { BaitPicture } from '../stage/BaitPicture';
import { useSize } from '../stage/useSize';
import { counted, day } from '../units/units';
import { packed, type Row } from './packed';
import classes from './shelf.module.css';

/** Scales of the shelf, mm a pixel: all baits on it are drawn to one, but those too long for it, which are drawn whole. */
const SCALES = { small: 0.5, usual: 0.36, large: 0.24 } as const;
export type ShelfScale = keyof typeof SCALES;
/** The least room of a pattern, so that its words have some. */
const LEAST_PX = 300;
const RIM_PX = 6;
/** Patterns of a row stand so far apart, where there is room. */
const APART_PX = [24, 120] as const;
export const ROWS_APART_PX = 12;
const BAIT_PX = 126;
/** About three lines of words, with the rims. */
const WORDS_PX = 80;

export interface Shelved {
  patterns: Pattern[];
  bodies: Body[];
  scale: ShelfScale;
  picked: string | null;
  /** Picks one, where two are to be compared; else each leads to its sheet. */
  onPick: ((id: string) => void) | undefined;
}

interface Placed {
  pattern: Pattern;
  body: Body;
  width: number;
  height: number;
  /** The room that it takes with its words. */
  place: number;
  /** Whether there is room for it at the scale of the shelf. */
  whole: boolean;
  mmPerPx: number;
}

/** The patterns with the room that each takes, in rows, as soon as it is known how wide the shelf is. */
export function useShelfRows({ patterns, bodies, scale }: Shelved) {
  const mmPerPx = SCALES[scale] ?? SCALES.usual;
  const { ref: measured, width: room } = useSize<HTMLDivElement>();
  // Before the page is laid out there is none.
  const placed = (room <= 1 ? [] : patterns).flatMap((pattern): Placed[] => {
    const body = bodies.find((one) => one.id === pattern.version.body_id);
    return body === undefined ? [] : [{ pattern, body, ...sizeOf(body, room, mmPerPx) }];
  });
  const rows = packed(
    placed.map((one) => one.place),
    room,
    ...APART_PX,
  );
  return { measured, room, placed, rows };
}

export function heightOf(row: Row | undefined, placed: Placed[]): number {
  return Math.max(BAIT_PX, ...placed.slice(row?.from, row?.to).map((one) => one.height)) + WORDS_PX;
}

interface RowsProps extends Shelved {
  placed: Placed[];
  rows: Row[];
  /** The number of the first of them. */
  first?: number;
  measure?: (element: HTMLElement | null) => void;
}

/** Rows of the shelf. */
export function ShelfRows({ placed, rows, first = 0, measure, picked, onPick }: RowsProps) {
  return rows.flatMap(({ from, to, between }, row) =>
    placed.slice(from, to).map(({ place, ...one }, i) => (
      <li
        key={one.pattern.id}
        ref={i === 0 ? measure : undefined}
        data-index={i === 0 ? first + row : undefined}
        style={{ width: place, marginRight: from + i === to - 1 ? 0 : between }}
      >
        <Lying
          {...one}
          picked={picked === one.pattern.id}
          onPick={onPick === undefined ? undefined : () => onPick(one.pattern.id)}
        />
      </li>
    )),
  );
}

/** How large a body is drawn, and the room that it takes with its words, in pixels. */
function sizeOf(body: Body, room: number, mmPerPx: number): Omit<Placed, 'pattern' | 'body'> {
  const bill = body.marks.bill_length_mm ?? 0;
  const wanted = Math.round(((body.length_mm + bill + (body.marks.tail_length_mm ?? 0)) * 1.07) / mmPerPx);
  const width = Math.min(room, wanted);
  const tall = Math.max(...body.profile.top_mm) + Math.max(...body.profile.bottom_mm);
  return {
    width,
    height: Math.round((tall * 1.12 + bill * 0.3) / mmPerPx) + 14,
    place: Math.min(room, Math.max(width, LEAST_PX) + 2 * RIM_PX),
    whole: wanted <= room,
    mmPerPx,
  };
}

/** What is proven of a pattern whose newest version is not. */
function provenWords({ proven }: Pattern): string {
  return proven === null ? '' : `version ${proven.number} proven on ${proven.body}`;
}

interface LyingProps extends Omit<Placed, 'place'> {
  picked: boolean;
  onPick: (() => void) | undefined;
}

function Lying({ pattern, body, width, height, whole, mmPerPx, picked, onPick }: LyingProps) {
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
          mmPerPx={whole ? mmPerPx : undefined}
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
