import { type KeyboardEvent, type PointerEvent, useRef } from 'react';
import type { BodyShape, Settings } from '../../api/types';
import { frame } from '../../stage/pixels';
import { length } from '../../units/units';
import classes from './bodies.module.css';
import type { Measures, Station } from './measured';

interface Props {
  shape: BodyShape;
  view: 'left' | 'back';
  width: number;
  height: number;
  measures: Measures;
  settings: Settings;
  onStations: (stations: Station[]) => void;
}

/** What a ring moves of its station besides its place along the body. */
const FIELDS = { left: [1, 2], back: [3] } as const;
const NAMES = { 1: 'up', 2: 'down', 3: 'width' } as const;
const STEP_MM = 0.5;
const LEAST_MM = 0.1;
const APART_PX = 26;
const tenth = (mm: number) => Math.round(mm * 10) / 10;

/** Rings on the outline where the calipers were put: pulled, or moved by keys, they are the stations of the form. */
export function StationRings({ shape, view, width, height, measures, settings, onStations }: Props) {
  const f = frame(shape, view, width, height);
  const { stations, length_mm: long } = measures;
  let last = 0;
  const from = useRef<{ x: number; y: number; scale: number; station: Station } | null>(null);
  const moved = (at: number, field: 1 | 2 | 3, station: Station, backMm: number, outMm: number) => {
    const [before, after] = [stations[at - 1]?.[0] ?? 0, stations[at + 1]?.[0] ?? 1];
    const u = Math.max(before + 0.005, Math.min(after - 0.005, tenth(station[0] * long + backMm) / long));
    const next: Station = [...station];
    next[0] = Math.round(u * 10000) / 10000;
    next[field] = Math.max(LEAST_MM, tenth(station[field] + outMm));
    onStations(stations.map((one, i) => (i === at ? next : one)));
  };
  return (
    <>
      {stations.flatMap((station, at) => {
        // Nose and tail are too narrow to be told apart by a finger, and so are two that stand close; their figures stand
        // in the form.
        const x = station[0] * long * f.scale;
        const taken = at === 0 || at === stations.length - 1 || x - last < APART_PX;
        if (taken || Math.min(station[1] + station[2], 2 * station[3]) * f.scale < APART_PX / 2) return [];
        last = x;
        return FIELDS[view].map((field) => {
          const out = field === 1 ? -1 : 1;
          const keys = (event: KeyboardEvent) => {
            const by = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] }[event.key];
            if (by === undefined) return;
            event.preventDefault();
            moved(at, field, station, (by[0] ?? 0) * STEP_MM, (by[1] ?? 0) * STEP_MM * out);
          };
          const pull = (event: PointerEvent) => {
            const start = from.current;
            if (event.buttons === 0 || start === null) return;
            const [x, y] = [event.clientX - start.x, event.clientY - start.y];
            moved(at, field, start.station, x / start.scale, (y * out) / start.scale);
          };
          const mm = field === 3 ? station[3] * 2 : station[field];
          return (
            <button
              // biome-ignore lint/suspicious/noArrayIndexKey: a station is its place in the row
              key={`${at} ${field}`}
              type="button"
              className={classes.ring}
              style={{ left: f.noseX + station[0] * long * f.scale, top: f.axisY + out * station[field] * f.scale }}
              aria-label={`Station ${at + 1}, ${NAMES[field]} ${length.show(mm, settings)} ${length.unit(settings)}; arrow keys move it`}
              onKeyDown={keys}
              onPointerDown={(event) => {
                event.currentTarget.setPointerCapture(event.pointerId);
                from.current = { x: event.clientX, y: event.clientY, scale: f.scale, station };
              }}
              onPointerMove={pull}
              onPointerUp={() => {
                from.current = null;
              }}
            >
              <i />
            </button>
          );
        });
      })}
    </>
  );
}
