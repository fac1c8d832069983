import { type ReactNode, Suspense, useState } from 'react';
import type { BodyShape, Core, Look, Settings, Texture, ZonesBeside } from '../api/types';
import { part } from '../parts/part';
import { Strip } from '../parts/Strip';
import { LampControl } from '../stage/LampControl';
import { BENCH_LAMP } from '../stage/lamp';
import type { OnBody, View } from '../stage/pixels';
import { type StageLight, shownIn } from '../stage/shown';
import { useSize } from '../stage/useSize';
import { BothFlanks } from './BothFlanks';
import { Flank } from './Flank';
import { layOut } from './layOut';
import classes from './plate.module.css';
import { SectionHere } from './SectionHere';
import type { Hold } from './useHold';
import { Views } from './Views';
import { WhatItDoes } from './WhatItDoes';

/** How it is looked at, and how that is changed. */
interface PlateView {
  look: Look;
  setLook: (look: Look) => void;
  light: StageLight;
  setLight: (light: StageLight) => void;
  held: 'plate' | 'hand' | 'sides';
  setHeld: (held: 'plate' | 'hand' | 'sides') => void;
  /** The view that has all the room. */
  alone: View | null;
  setAlone: (view: View | null) => void;
}

interface Props {
  body: BodyShape;
  texture: Texture | undefined;
  settings: Settings;
  view: PlateView;
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

const OTHER_HIGH = 92;
const OTHER_WIDE = 230;

/** The bait drawn as a plate: three views on one axis, the film at a point, a section, and the slip of the chosen step. */
export function Plate(props: Props) {
  const { body, core, hold } = props;
  const { look, held, alone } = props.view;
  const [moved, setMoved] = useState(BENCH_LAMP);
  const beside = useSize<HTMLDivElement>();
  const room = useSize<HTMLDivElement>();
  const layout = layOut(body, room.width, room.height, alone);
  // Where it is seen large already, or the slip needs the room, it is not drawn small beside.
  const bothFlanks =
    held === 'sides' ||
    (held === 'plate' && layout.views.some(({ view }) => view === 'right')) ||
    (Boolean(props.slip) && props.zones.length > 0);
  const shown = shownIn(props.texture, props.view.light, look);
  const light = shown.light === 'glint' ? 'glint' : 'flat';
  const lamp = light === 'glint' ? moved : BENCH_LAMP;
  return (
    <section className={`${classes.plate} ${props.slip ? classes.withSlip : ''} on-stage`} aria-label="Plate">
      <div className={classes.head}>
        <div className={classes.title}>{props.title}</div>
        <div className={classes.switches}>
          <Strip
            onStage
            legend="View"
            value={held}
            options={{ plate: 'Plate', hand: 'In the hand', sides: 'Both sides' }}
            onChange={props.view.setHeld}
          />
          <Strip
            onStage
            legend="Look"
            value={look}
            options={{ matte: 'Matte', clear: 'Under clear' }}
            onChange={props.view.setLook}
          />
          <Strip
            onStage
            legend="Light"
            value={shown.light}
            options={{ flat: 'Flat light', glint: 'Glint', ...(props.texture?.night && { night: 'By night' }) }}
            onChange={props.view.setLight}
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
            alone={alone}
            onAlone={props.view.setAlone}
          />
        )}
        {held === 'hand' && (
          <Suspense fallback={<p role="status">Loading the bait to turn …</p>}>
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
          <>
            <BothFlanks body={body} shown={shown} light={light} lamp={lamp} />
            <Suspense fallback={<p role="status">Comparing the two sides…</p>}>{props.sides}</Suspense>
          </>
        )}
        <div className={light === 'flat' && held === 'plate' ? classes.over : classes.below}>
          <p className={classes.caption}>{props.caption}</p>
          {light === 'glint' && <LampControl lamp={moved} onLamp={setMoved} />}
        </div>
      </div>
      <div className={classes.right} ref={beside.ref}>
        <div className={classes.above}>
          <div className={classes.beside}>
            {core !== undefined && <SectionHere core={core} hold={hold} small={Boolean(props.slip)} />}
            <div>
              {!bothFlanks && (
                <Flank
                  {...{ body, shown, light, lamp }}
                  view="right"
                  width={Math.max(80, Math.min(OTHER_WIDE, Math.floor(beside.width)))}
                  height={OTHER_HIGH}
                />
              )}
              <WhatItDoes zones={props.zones} />
            </div>
          </div>
        </div>
        {props.slip}
      </div>
    </section>
  );
}
