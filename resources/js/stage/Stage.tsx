import { type KeyboardEvent, lazy, type ReactNode, Suspense, useMemo, useState } from 'react';
import type { BodyShape, Look, Texture } from '../api/types';
import { Strip } from '../parts/Strip';
import { BaitPicture } from './BaitPicture';
import type { Eye } from './fittings';
import { LampControl } from './LampControl';
import { BENCH_LAMP } from './lamp';
import { frame, type Light, pixelOf, type View } from './pixels';
import classes from './stage.module.css';
import { useSize } from './useSize';

export interface Spot {
  u: number;
  deg: number;
}

/** By night only what glows is seen. */
export type StageLight = Light | 'night';

interface Props {
  body: BodyShape;
  texture: Texture | undefined;
  eye: Eye | null;
  look: Look;
  light: StageLight;
  onLook: (look: Look) => void;
  onLight: (light: StageLight) => void;
  spot: Spot;
  onSpot: (spot: Spot) => void;
  caption: string;
  description: string;
  children: ReactNode;
  /** The two sides held against each other, where there is something to hold. */
  sides: ReactNode;
}

const OTHERS: [View, string][] = [
  ['right', 'right flank'],
  ['back', 'back'],
  ['belly', 'belly'],
];

/** Widest column of views beside the left flank, and the gap between views below it, as in stage.css. */
const BESIDE = 240;
const GAP = 10;
/** What a view's name takes under it. */
const CAPTION = 24;

const InHand = lazy(async () => ({ default: (await import('./InHand')).InHand }));

/** The bait on neutral ground: the left flank large, the other views beside it. */
export function Stage(props: Props) {
  const main = useSize<HTMLDivElement>();
  const side = useSize<HTMLDivElement>();
  const { body, look, spot } = props;
  // Where nothing glows yet, night has nothing to show.
  const chosen = props.light === 'night' && !props.texture?.night ? 'flat' : props.light;
  const texture = useMemo(() => under(props.texture, chosen), [props.texture, chosen]);
  const [moved, setMoved] = useState(BENCH_LAMP);
  const [held, setHeld] = useState<'views' | 'hand' | 'sides'>('views');
  const night = chosen === 'night';
  const light: Light = chosen === 'glint' ? 'glint' : 'flat';
  const eye = night ? null : props.eye;
  const lamp = light === 'glint' ? moved : BENCH_LAMP;
  const shared = { body, texture, eye, light, lamp, glossy: look === 'clear' && !night, onPick: props.onSpot };
  // Beside the left flank there is room for one; below it they lie side by side.
  const beside = side.width <= BESIDE;
  const sideWidth = beside ? side.width : Math.floor((side.width - 2 * GAP) / 3);
  const room = beside ? Math.max(40, side.height / OTHERS.length - CAPTION) : Number.POSITIVE_INFINITY;
  const sideHeight = Math.min(110, sideWidth * 0.5, room);
  const caption = (
    <p className={classes.stageCaption}>
      {held === 'views' && 'left flank, '}
      {props.caption}
    </p>
  );

  const moveSpot = (event: KeyboardEvent) => {
    const by = { ArrowLeft: [-0.01, 0], ArrowRight: [0.01, 0], ArrowUp: [0, -4], ArrowDown: [0, 4] }[event.key];
    if (by === undefined) return;
    event.preventDefault();
    props.onSpot({
      u: Math.max(0.005, Math.min(0.995, spot.u + (by[0] ?? 0))),
      deg: Math.max(0, Math.min(180, (spot.deg > 180 ? 360 - spot.deg : spot.deg) + (by[1] ?? 0))),
    });
  };

  return (
    <section className={`${classes.stage} on-stage`} aria-label="Stage">
      <div className={classes.stageHead}>
        {props.children}
        <div className={classes.stageSwitches}>
          <Strip
            onStage
            legend="View"
            value={held}
            options={{ views: 'Views', hand: 'In the hand', sides: 'Both sides' }}
            onChange={setHeld}
          />
          <Strip
            onStage
            legend="Look"
            value={look}
            options={{ matte: 'Matte', clear: 'Under clear' }}
            onChange={props.onLook}
          />
          <Strip
            onStage
            legend="Light"
            value={chosen}
            options={{ flat: 'Flat light', glint: 'Glint', ...(props.texture?.night && { night: 'By night' }) }}
            onChange={props.onLight}
          />
        </div>
      </div>
      {light === 'glint' && <LampControl lamp={moved} onLamp={setMoved} />}
      {held === 'hand' && (
        <Suspense fallback={<p role="status">Taking it in the hand …</p>}>
          <InHand
            body={body}
            texture={texture}
            eye={eye}
            look={night ? 'matte' : look}
            light={light}
            lamp={lamp}
            description={props.description}
          />
        </Suspense>
      )}
      {held === 'sides' && (
        <Suspense fallback={<p role="status">Laying the sides over each other …</p>}>{props.sides}</Suspense>
      )}
      <div className={classes.stageViews} hidden={held !== 'views'}>
        <div
          className={classes.stageMain}
          ref={main.ref}
          role="application"
          aria-label="Spot on the left flank: arrow keys move it"
          // biome-ignore lint/a11y/noNoninteractiveTabindex: the arrow keys move the spot that the Core cuts through
          tabIndex={0}
          onKeyDown={moveSpot}
        >
          <BaitPicture
            {...shared}
            view="left"
            width={main.width}
            height={main.height}
            label={`Left flank. ${props.description}`}
          />
          <Pin body={body} width={main.width} height={main.height} spot={spot} />
        </div>
        {held === 'views' && caption}
        <div className={classes.stageSide} ref={side.ref}>
          {OTHERS.map(([view, name]) => (
            <figure key={view}>
              <BaitPicture
                {...shared}
                view={view}
                width={sideWidth}
                height={sideHeight}
                label={`${name}, as predicted`}
              />
              <figcaption>{name}</figcaption>
            </figure>
          ))}
        </div>
      </div>
      {held !== 'views' && caption}
    </section>
  );
}

/** The texture as that light shows it: flakes that change their colour do so away from the mirror angle. */
function under(texture: Texture | undefined, light: StageLight): Texture | undefined {
  const colours = { flat: undefined, glint: texture?.away, night: texture?.night }[light];
  if (texture === undefined || colours === undefined) return texture;
  return { ...texture, palette: colours, glint: light === 'night' ? colours : texture.glint };
}

function Pin({ body, width, height, spot }: { body: BodyShape; width: number; height: number; spot: Spot }) {
  const at = pixelOf(body, 'left', frame(body, 'left', width, height), spot.u, spot.deg);
  return at === null ? null : <i className={classes.stagePin} style={{ left: at.x, top: at.y }} />;
}
