import type { BodyShape, Settings } from '../../api/types';
import { length } from '../../units/units';
import classes from './bodies.module.css';

/** What follows from the measures. */
export function Figures({ shape, settings }: { shape: BodyShape; settings: Settings }) {
  const unit = length.unit(settings);
  return (
    <dl className={classes.bodyFigures}>
      <div>
        <dt>length</dt>
        <dd>
          {length.show(shape.length_mm, settings)} {unit}
        </dd>
      </div>
      <div>
        <dt>girth</dt>
        <dd>
          {length.show(shape.girth_mm, settings)} {unit}
        </dd>
      </div>
      <div>
        <dt>area to paint</dt>
        <dd>{(shape.area_mm2 / 100).toFixed(1)} cm²</dd>
      </div>
      <div>
        <dt>volume</dt>
        <dd>{(shape.volume_mm3 / 1000).toFixed(1)} ml</dd>
      </div>
    </dl>
  );
}
