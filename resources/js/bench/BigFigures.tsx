import type { Step } from '../api/types';
import type { AtBench } from '../steps/face';
import { faceOf } from '../steps/kinds';
import classes from './big-figures.module.css';

/** The figures that matter, large; a figure really used stands in place of the planned one, and says so. */
export function BigFigures({ step, at }: { step: Step; at: AtBench }) {
  return (
    <dl className={classes.figures}>
      {faceOf(step)
        .bench(step, at)
        .map(([value, name]) => (
          <div key={name}>
            <dd className={value.length > 7 ? classes.long : ''}>{value}</dd>
            <dt>{name}</dt>
          </div>
        ))}
    </dl>
  );
}
