import { type ReactNode, Suspense, useState } from 'react';
import type { BodyShape, Core, Look, Settings, Texture, ZonesBeside } from '../api/types';
import { part } from '../parts/part';
import { Strip } from '../parts/Strip';
import { BaitPicture } from '../stage/BaitPicture';
import { LampControl } from '../stage/LampControl';
import { BENCH_LAMP } from '../stage/lamp';
import type { OnBody } from '../stage/pixels';
import { type StageLight, shownIn } from '../stage/shown';
import { useSize } from '../stage/useSize';
import { layOut } from './layOut';
import classes from './plate.module.css';
import { SectionHere } from './SectionHere';
import type { Hold } from './useHold';
import { Views } from './Views';
import { WhatItDoes } from './WhatItDoes';

interface Props {
  body: BodyShape;
  texture: Texture | undefined;
  settings: Settings;
  look: Look;
  light: StageLight;
  onLook: (look: Look) => void;
  onLight: (light: StageLight) => void;
  spot: OnBody;
  onSpot: (spot: OnBody) => void;
  core: Core | undefined;
  zones: ZonesBeside;
  hold: Hold;
  placing: boolean;
  caption: string;
  description: string;
  title: ReactNode;
  /** The film at the spot. */
  film: ReactNode;
  /** What lies over the plate's lower right: the slip of a step, or the reference. */
  slip: ReactNode;
  /** The two sides held against each other. */
  sides: ReactNode;
}

const InHand = part(async () => (await import('./InHand')).InHand);

const OTHER_HIGH = 72;

/** The bait drawn as a plate: three views on one axis, the film at a point, a section, and the slip of the chosen step. */
export function Plate(props: Props) {
  const { body, look, core, hold } = props;
  const [held, setHeld] = useState<'plate' | 'hand' | 'sides'>('plate');
  const [moved, setMoved] = useState(BENCH_LAMP);
  const beside = useSize<HTMLDivElement>();
  const room = useSize<HTMLDivElement>();
  const layout = layOut(body, room.width, room.height);
  const bothFlanks = held === 'plate' && layout.views.some(({ view }) => view === 'right');
  const shown = shownIn(props.texture, props.light, look);
  const light = shown.light === 'glint' ? 'glint' : 'flat';
  const lamp = light === 'glint' ? moved : BENCH_LAMP;
  return (
    <section className={`${classes.plate} on-stage`} aria-label="Plate">
      <div className={classes.head}>
        <div className={classes.title}>{props.title}</div>
        <div className={classes.switches}>
          <Strip
            onStage
            legend="View"
            value={held}
            options={{ plate: 'Plate', hand: 'In the hand', sides: 'Both sides' }}
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
            value={shown.light}
            options={{ flat: 'Flat light', glint: 'Glint', ...(props.texture?.night && { night: 'By night' }) }}
            onChange={props.onLight}
          />
        </div>
      </div>
      {props.film}
      <div className={classes.middle}>
        {held === 'plate' && (
          <Views
            body={body}
            layout={layout}
            room={room.ref}
            shown={shown}
            settings={props.settings}
            light={light}
            lamp={lamp}
            spot={props.spot}
            spotSays={core?.at ?? ''}
            onSpot={props.onSpot}
            placing={props.placing}
            hold={hold}
            description={props.description}
          />
        )}
        {held === 'hand' && (
          <Suspense fallback={<p role="status">Taking it in the hand …</p>}>
            <InHand
              body={body}
              texture={shown.texture}
              night={shown.night}
              look={shown.night ? 'matte' : look}
              light={light}
              lamp={lamp}
              description={props.description}
              hold={hold}
              onPick={props.placing ? props.onSpot : undefined}
            />
          </Suspense>
        )}
        {held === 'sides' && (
          <Suspense fallback={<p role="status">Laying the sides over each other …</p>}>{props.sides}</Suspense>
        )}
        <div className={classes.below}>
          <p className={classes.caption}>{props.caption}</p>
          {light === 'glint' && <LampControl lamp={moved} onLamp={setMoved} />}
        </div>
      </div>
      <div className={classes.right} ref={beside.ref}>
        <div className={classes.beside}>
          {core !== undefined && <SectionHere core={core} hold={hold} />}
          <div>
            {!bothFlanks && (
              <figure data-view="right">
                <BaitPicture
                  body={body}
                  texture={shown.texture}
                  night={shown.night}
                  light={light}
                  lamp={lamp}
                  glossy={shown.glossy}
                  view="right"
                  width={Math.max(80, Math.floor(beside.width * 0.5))}
                  height={OTHER_HIGH}
                  label="right flank, as predicted"
                />
                <figcaption>right flank</figcaption>
              </figure>
            )}
            <WhatItDoes zones={props.zones} />
          </div>
        </div>
        {props.slip}
      </div>
    </section>
  );
}
