import type { KeyboardEvent, PointerEvent } from 'react';
import type { Core } from '../api/types';
import classes from './core.module.css';

const WIDE = 296;
const HIGH = 72;
const LEFT = 20;
const RIGHT = 64;
const PAD = 6;

interface Props {
  whole: Core;
  /** The last step that lies here, of those chosen. */
  now: string | null;
  onStep: (stepId: string) => void;
}

/** How the colour of a spot travels from coat to coat: L*, chroma and hue. Scrubbed with pointer or arrow keys. */
export function ColourTravel({ whole, now, onStep }: Props) {
  const colours = [whole.ground, ...whole.coats.map((coat) => coat.colour)];
  const at = whole.coats.findIndex((coat) => coat.step === now) + 1;
  const x = (i: number) => LEFT + (i / (colours.length - 1)) * (WIDE - LEFT - RIGHT);
  const y = (share: number) => HIGH - PAD - Math.max(0, Math.min(1, share)) * (HIGH - 2 * PAD);
  const go = (i: number) => {
    const coat = whole.coats[Math.max(0, Math.min(whole.coats.length - 1, i - 1))];
    if (coat !== undefined && coat.step !== now) onStep(coat.step);
  };
  const scrub = (event: PointerEvent<HTMLDivElement>) => {
    if (event.type === 'pointermove' && event.buttons === 0) return;
    const box = event.currentTarget.getBoundingClientRect();
    const across = ((event.clientX - box.left) / box.width) * WIDE - LEFT;
    go(Math.round((across / (WIDE - LEFT - RIGHT)) * (colours.length - 1)));
  };
  const keys = (event: KeyboardEvent) => {
    const by = { ArrowLeft: -1, ArrowDown: -1, ArrowRight: 1, ArrowUp: 1 }[event.key];
    if (by === undefined) return;
    event.preventDefault();
    event.stopPropagation();
    go(at + by);
  };
  const lines = [
    { name: 'L*', dash: '', share: (i: number) => (colours[i]?.l ?? 0) / 100, shown: (i: number) => colours[i]?.l },
    { name: 'C', dash: '5 3', share: (i: number) => (colours[i]?.c ?? 0) / 100, shown: (i: number) => colours[i]?.c },
    { name: 'h', dash: '1.5 3', share: (i: number) => (colours[i]?.h ?? 0) / 360, shown: (i: number) => colours[i]?.h },
  ];
  const here = colours[at];
  return (
    <div
      className={classes.travel}
      role="slider"
      tabIndex={0}
      aria-label="Colour from coat to coat"
      aria-valuemin={0}
      aria-valuemax={whole.coats.length}
      aria-valuenow={at}
      aria-valuetext={`${at === 0 ? 'bare' : `after ${whole.coats[at - 1]?.number} ${whole.coats[at - 1]?.name}`}: L* ${here?.l}, chroma ${here?.c}, hue ${here?.h}`}
      onPointerDown={(event) => {
        event.currentTarget.setPointerCapture(event.pointerId);
        scrub(event);
      }}
      onPointerMove={scrub}
      onKeyDown={keys}
    >
      <svg viewBox={`0 0 ${WIDE} ${HIGH + 12}`} aria-hidden="true">
        <line x1={x(at)} x2={x(at)} y1={0} y2={HIGH} className={classes.travelNow} />
        {lines.map((line) => (
          <g key={line.name}>
            <polyline
              points={colours.map((_, i) => `${x(i)},${y(line.share(i))}`).join(' ')}
              strokeDasharray={line.dash}
            />
            <circle cx={x(at)} cy={y(line.share(at))} r={2.6} />
          </g>
        ))}
        {spread(lines.map((line) => y(line.share(colours.length - 1)))).map((top, i) => (
          <text key={lines[i]?.name} x={WIDE - RIGHT + 6} y={top + 4}>
            {lines[i]?.name} {Math.round(lines[i]?.shown(at) ?? 0)}
          </text>
        ))}
        {colours.map((colour, i) => (
          // biome-ignore lint/suspicious/noArrayIndexKey: the coats are counted
          <rect key={i} x={x(i) - 4} y={HIGH + 3} width={8} height={8} fill={colour.hex} />
        ))}
      </svg>
    </div>
  );
}

/** Labels keep a line of height between them. */
function spread(tops: number[]): number[] {
  const order = tops.map((top, i) => ({ top, i })).sort((a, b) => a.top - b.top);
  let last = Number.NEGATIVE_INFINITY;
  const out = [...tops];
  for (const one of order) {
    last = Math.max(one.top, last + 13);
    out[one.i] = last;
  }
  const over = Math.max(0, Math.max(...out) - (HIGH - 4));
  return out.map((top) => top - over);
}
