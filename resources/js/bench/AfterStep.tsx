import { useRunTexture } from '../api/queries';
import type { Run, Step } from '../api/types';
import { BaitPicture } from '../stage/BaitPicture';
import { useSize } from '../stage/useSize';
import classes from './bench.module.css';

/** How the bait looks after a step, from the side that is sprayed and from underneath. */
export function AfterStep({ run, step, side }: { run: Run; step: Step; side: 'left' | 'right' }) {
  const stepId = step.document.id;
  const texture = useRunTexture(run.id, stepId).data;
  const pictures = useSize<HTMLDivElement>();
  return (
    <section className={classes.benchLook} aria-label="After this step" ref={pictures.ref}>
      <p>After this step, {side} side</p>
      <BaitPicture
        body={run.body_shape}
        texture={texture}
        view={side}
        width={Math.max(120, pictures.width - 48)}
        height={190}
        label={`${side === 'left' ? 'Left' : 'Right'} flank after ${step.shown.name}`}
      />
      <p>From underneath</p>
      <BaitPicture
        body={run.body_shape}
        texture={texture}
        view="belly"
        width={Math.max(120, pictures.width - 48)}
        height={110}
        label="From underneath"
      />
    </section>
  );
}
