import { UnstyledButton } from '@mantine/core';
import type { CSSProperties, KeyboardEvent, PointerEvent, Ref } from 'react';
import type { BodyShape, Handle, Settings } from '../api/types';
import { BaitPicture } from '../stage/BaitPicture';
import type { Lamp } from '../stage/lamp';
import { type Frame, type Light, type OnBody, pixelOf, type View } from '../stage/pixels';
import { placeNear, placeUnder } from '../stage/places';
import type { Shown } from '../stage/shown';
import { HandleRing } from './HandleRing';
import { IndexLines } from './IndexLines';
import type { PlateLayout, PlateView } from './layOut';
import classes from './plate.module.css';
import { traces } from './traces';
import type { Hold } from './useHold';

interface Props {
  body: BodyShape;
  /** How the views lie in their room, and who measures that. */
  layout: PlateLayout;
  room: Ref<HTMLDivElement>;
  shown: Shown;
  settings: Settings;
  light: Light;
  lamp: Lamp;
  spot: OnBody;
  /** Where that lies, in words. */
  spotSays: string;
  onSpot: (spot: OnBody) => void;
  /** A mark is to be put where the bait is pressed. */
  placing: boolean;
  hold: Hold;
  description: string;
  /** The view that has the whole room, and who gives it one. */
  alone: View | null;
  onAlone: (view: View | null) => void;
}

const STEP_U = 0.01;
const STEP_DEG = 4;
/** Seen this much from the side, a place on back or belly is drawn there too. */
const OVER_DEG = 62;

/** Back, flank and belly as a maker draws them, with the index lines, the spot and the handles. */
export function Views(props: Props) {
  const { body, room, layout, shown, hold, spot } = props;
  const pin = pinned(body, layout, spot);
  const rings = ringsOf(body, layout, hold.handles, pin);

  const move = (event: KeyboardEvent) => {
    const by = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] }[event.key];
    if (by === undefined) return;
    event.preventDefault();
    const deg = (spot.deg > 180 ? 360 - spot.deg : spot.deg) + (by[1] ?? 0) * STEP_DEG;
    props.onSpot({
      u: Math.max(0.005, Math.min(0.995, spot.u + (by[0] ?? 0) * STEP_U)),
      deg: Math.max(0, Math.min(180, deg)),
    });
  };

  return (
    <div ref={room} className={`${classes.views} ${props.placing ? classes.placing : ''}`}>
      <IndexLines body={body} layout={layout} settings={props.settings} />
      {layout.views.map(({ view, name, left, top, width, height, frame }) => (
        <figure
          key={view}
          data-view={view}
          style={{ left, top, width, height }}
          onPointerDown={(event) => {
            const rect = event.currentTarget.getBoundingClientRect();
            const at = placeUnder(body, view, frame, event.clientX - rect.left, event.clientY - rect.top);
            if (at !== null) props.onSpot(at);
          }}
        >
          <BaitPicture
            body={body}
            texture={shown.texture}
            view={view}
            width={width}
            height={height}
            mmPerPx={1 / frame.scale}
            night={shown.night}
            light={props.light}
            lamp={props.lamp}
            glossy={shown.glossy}
            label={`${name}. ${props.description}`}
          />
          <figcaption style={besideTail(body, width, frame)}>
            <UnstyledButton
              className={classes.viewName}
              aria-pressed={props.alone === view}
              title={props.alone === view ? 'Show all views' : 'Give this view the whole room'}
              onPointerDown={(event) => event.stopPropagation()}
              onClick={() => props.onAlone(props.alone === view ? null : view)}
            >
              {name}
            </UnstyledButton>
          </figcaption>
        </figure>
      ))}
      <svg className={classes.lines} aria-hidden="true">
        {rings.map(({ handle, view, at, apart }) => (
          <path key={handle.id + view.view} className={classes.trace} d={`M${at.x} ${at.y}L${apart.x} ${apart.y}`} />
        ))}
        {layout.views.map(({ view, left, top, frame }) =>
          traces(body, view, frame, hold.handles).map((d) => (
            <path key={view + d} d={d} className={classes.trace} transform={`translate(${left} ${top})`} />
          )),
        )}
      </svg>
      {pin !== null && (
        <button
          type="button"
          className={classes.pin}
          style={{ left: pin.x, top: pin.y }}
          aria-label={`Spot, ${props.spotSays}; arrow keys move it`}
          onKeyDown={move}
        >
          <i />
          <b>A</b>
        </button>
      )}
      {rings.map(({ handle, view, at, apart, again }) => (
        <HandleRing
          key={handle.id + view.view}
          handle={handle}
          hold={hold}
          x={apart.x}
          y={apart.y}
          again={again}
          under={(event) => under(body, view, event, { x: at.x - apart.x, y: at.y - apart.y })}
        />
      ))}
    </div>
  );
}

/** The name of a view stands where the tail ends, clear of the bill. */
function besideTail(body: BodyShape, width: number, at: Frame): CSSProperties {
  const long = body.length_mm * at.scale;
  if (at.mirrored) return { left: Math.max(0, at.noseX - long), right: 'auto' };
  return { right: Math.max(0, width - at.noseX - long) };
}

/** @param off how far the ring lies beside the place it stands for */
function under(body: BodyShape, view: PlateView, event: PointerEvent, off: { x: number; y: number }): OnBody {
  const rect = event.currentTarget.parentElement?.getBoundingClientRect();
  const x = event.clientX - (rect?.left ?? 0) - view.left + off.x;
  return placeNear(body, view.view, view.frame, x, event.clientY - (rect?.top ?? 0) - view.top + off.y);
}

/** Where the spot is seen: on the flank before back and belly. */
function pinned(body: BodyShape, layout: PlateLayout, spot: OnBody) {
  for (const name of ['left', 'back', 'belly', 'right']) {
    const view = layout.views.find((one) => one.view === name);
    const at = view === undefined ? null : pixelOf(body, view.view, view.frame, spot.u, spot.deg);
    if (view !== undefined && at !== null) return { x: at.x + view.left, y: at.y + view.top };
  }
  return null;
}

interface Ring {
  handle: Handle;
  view: PlateView;
  /** Where the place is seen. */
  at: { x: number; y: number };
  /** Where its ring is drawn: beside it, where another would lie on it. */
  apart: { x: number; y: number };
  again: boolean;
}

/** Rings that touch could not be told apart by a finger. */
const APART = 27;

function ringsOf(
  body: BodyShape,
  layout: PlateLayout,
  handles: Handle[],
  pin: { x: number; y: number } | null,
): Ring[] {
  const taken = pin === null ? [] : [pin];
  return handles
    .filter((handle) => !handle.of_section)
    .flatMap((handle) =>
      places(body, layout, handle).map(({ at, view }, i) => {
        const apart = spread(at, taken);
        taken.push(apart);
        return { handle, view, at, apart, again: i > 0 };
      }),
    );
}

/** The nearest free place around a point, tried in rounds. */
function spread(at: { x: number; y: number }, taken: { x: number; y: number }[]): { x: number; y: number } {
  const free = (x: number, y: number) =>
    taken.every((one) => Math.max(Math.abs(one.x - x), Math.abs(one.y - y)) >= APART);
  for (let far = 0; far <= 4 * APART; far += 6) {
    for (let turn = 0; turn < (far === 0 ? 1 : 16); turn++) {
      const angle = (turn / 16) * 2 * Math.PI;
      const [x, y] = [at.x + far * Math.cos(angle), at.y + far * Math.sin(angle)];
      if (free(x, y)) return { x, y };
    }
  }
  return at;
}

/** The views on which a handle is drawn: the flank, and the back or the belly if it is well seen there. */
function places(body: BodyShape, layout: PlateLayout, handle: Handle) {
  const folded = handle.deg > 180 ? 360 - handle.deg : handle.deg;
  const seen = { left: true, right: false, back: folded < OVER_DEG, belly: folded > 180 - OVER_DEG };
  return layout.views.flatMap((view) => {
    // What is for the right side only is taken hold of on the flank as if seen through.
    const deg = view.view === 'left' ? folded : handle.deg;
    const at = seen[view.view] ? pixelOf(body, view.view, view.frame, handle.u, deg) : null;
    return at === null ? [] : [{ at: { x: at.x + view.left, y: at.y + view.top }, view }];
  });
}
