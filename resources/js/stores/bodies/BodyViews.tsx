import { Suspense, useMemo, useState } from 'react';
import type { BodyLook, BodyShape } from '../../api/types';
import { part } from '../../parts/part';
import { Strip } from '../../parts/Strip';
import { BaitPicture } from '../../stage/BaitPicture';
import { BENCH_LAMP } from '../../stage/lamp';
import { useSize } from '../../stage/useSize';
import { BARE } from './bare';
import classes from './bodies.module.css';
import { StationRings } from './StationRings';
import { zoneTexture } from './zoneTexture';

const InHand = part(async () => (await import('../../plate/InHand')).InHand);

interface Props {
  name: string;
  shape: BodyShape;
  zone: BodyLook['zones'][number] | undefined;
  /** The outline can be pulled where the calipers were put. */
  rings?: Pick<Parameters<typeof StationRings>[0], 'measures' | 'settings' | 'onStations'> | undefined;
}

/** The bare body: three views and a form to turn in the hand, or one of its zones on the side. */
export function BodyViews({ name, shape, zone, rings }: Props) {
  const box = useSize<HTMLDivElement>();
  const [held, setHeld] = useState<'views' | 'hand'>('views');
  const texture = useMemo(() => (zone === undefined ? BARE : zoneTexture(zone.cover)), [zone]);
  const tall = Math.round(box.width * 0.42);
  const half = Math.max(1, Math.floor(box.width / 2) - 8);
  const flat = Math.round(box.width * 0.2);
  const picture = { body: shape, texture, glossy: false } as const;
  return (
    <div className={`${classes.bodyViews} on-stage`}>
      <Strip
        onStage
        legend="View"
        value={held}
        options={{ views: 'Three views', hand: 'In the hand' }}
        onChange={setHeld}
      />
      <div ref={box.ref} className="body-views-box">
        {held === 'hand' ? (
          <Suspense fallback={<p role="status">Loading the bait to turn …</p>}>
            <div className={classes.bodyHand}>
              <InHand {...picture} look="matte" light="flat" lamp={BENCH_LAMP} description={`${name}, bare`} />
            </div>
          </Suspense>
        ) : (
          <>
            <div className={classes.ringed}>
              <BaitPicture
                {...picture}
                view="left"
                width={box.width}
                height={tall}
                label={`${name}, bare, from the side`}
              />
              {rings !== undefined && (
                <StationRings {...rings} shape={shape} view="left" width={box.width} height={tall} />
              )}
            </div>
            <div className={classes.bodyViewsTwo}>
              <div className={classes.ringed}>
                <BaitPicture {...picture} view="back" width={half} height={flat} label={`${name}, bare, from above`} />
                {rings !== undefined && (
                  <StationRings {...rings} shape={shape} view="back" width={half} height={flat} />
                )}
              </div>
              <BaitPicture {...picture} view="belly" width={half} height={flat} label={`${name}, bare, from below`} />
            </div>
          </>
        )}
      </div>
      {zone !== undefined && (
        <p className={classes.bodyZone}>
          <b>{zone.name}</b>, {(zone.area_mm2 / 100).toFixed(1)} cm²,{' '}
          {zone.own ? 'set by hand' : 'by the body’s own marks'}
        </p>
      )}
    </div>
  );
}
