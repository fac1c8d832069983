import type { BodyShape, Settings, TypedStep } from '../api/types';
import { Chip } from '../parts/Chip';
import { ZoneOutline } from '../stage/ZoneOutline';
import { faceOf } from '../steps/kinds';
import classes from './slip.module.css';

interface Props {
  typed: TypedStep | undefined;
  body: BodyShape;
  settings: Settings;
  trouble: string | null;
}

/** The step that words come to, drawn as it would stand on the ladder, and the words that mean nothing. */
export function TypedWords({ typed, body, settings, trouble }: Props) {
  if (trouble !== null) return <span>{trouble}</span>;
  if (typed === undefined || typed.as === null) return <span className="dim">Reading …</span>;
  const { shown } = typed.as;
  const figures = faceOf(typed.as).foot(typed.as, settings).filter(Boolean);
  return (
    <span className={classes.typed}>
      {shown.chip !== undefined && <Chip chip={shown.chip} />}
      {shown.cover !== undefined && (
        <span className={classes.typedWhere}>
          <ZoneOutline body={body} cover={shown.cover} />
        </span>
      )}
      <span>
        <b>Add {shown.name}</b> {[shown.technique, shown.where, ...figures].filter(Boolean).join(' · ')}
      </span>
      {typed.unknown.length > 0 && <span>Not understood: {typed.unknown.join(', ')}</span>}
    </span>
  );
}
