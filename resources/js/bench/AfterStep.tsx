import { UnstyledButton } from '@mantine/core';
import { useRunTexture } from '../api/queries';
import type { Run, Step } from '../api/types';
import { BaitPicture } from '../stage/BaitPicture';
import { PlaceMarked } from '../stage/PlaceMarked';
import { useSize } from '../stage/useSize';
import classes from './after.module.css';

/** The flank is at most so much higher than the view from underneath. */
const FLANK = 0.62;
const CAPTIONS_PX = 58;
const LOWEST_PX = 150;

interface Props {
  run: Run;
  step: Step;
  side: 'left' | 'right';
  /** Undefined: the step lays no paint. */
  onPasses: (() => void) | undefined;
}

/** How the bait looks after a step, from the side that is sprayed and from underneath, with the place to spray outlined. */
export function AfterStep({ run, step, side, onPasses }: Props) {
  const stepId = step.document.id;
  const texture = useRunTexture(run.id, stepId).data;
  const room = useSize<HTMLDivElement>();
  const width = Math.max(120, room.width);
  const height = Math.max(LOWEST_PX, Math.floor((room.height - CAPTIONS_PX) * FLANK));
  const below = Math.max(80, room.height - CAPTIONS_PX - height);
  const { cover } = step.shown;
  return (
    <section className={classes.look} aria-label="After this step">
      <div className={classes.room} ref={room.ref}>
        <p>
          After this step, {side} side
          {cover !== undefined && <span> · outlined: where to spray</span>}
          {onPasses !== undefined && (
            <UnstyledButton className={classes.passes} onClick={onPasses}>
              One more pass? <kbd>O</kbd>
            </UnstyledButton>
          )}
        </p>
        <div className={classes.picture}>
          <BaitPicture
            body={run.body_shape}
            texture={texture}
            view={side}
            width={width}
            height={height}
            label={`${side === 'left' ? 'Left' : 'Right'} flank after ${step.shown.name}`}
          />
          {cover !== undefined && (
            <PlaceMarked body={run.body_shape} view={side} cover={cover} width={width} height={height} />
          )}
        </div>
        <p>From underneath</p>
        <BaitPicture
          body={run.body_shape}
          texture={texture}
          view="belly"
          width={width}
          height={below}
          label="From underneath"
        />
      </div>
    </section>
  );
}
