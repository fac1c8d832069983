import { Checkbox, NativeSelect } from '@mantine/core';
import type { PaintStep, Vocabulary } from '../api/types';
import '../parts/controls';
import type { FormProps } from './face';
import classes from './steps.module.css';

export type Technique = Vocabulary['techniques'][number];

export const OWN = 'own range';
export const WHOLE = 'whole';
/** A range that says nothing of an edge is open there. */
export const OPEN = { from_u: 0, to_u: 1, from_deg: 0, to_deg: 180, soft: 0.3 };
/** What a range of one's own begins with. */
const BEGUN = { from_u: 0.2, to_u: 0.9, from_deg: 40, to_deg: 110, soft: 0.4 };

/** Where it goes: a zone of the body, or a range whose edges are set; marks that stand by themselves need none. */
export function PlaceRow(props: FormProps<PaintStep> & { technique: Technique | undefined }) {
  const { step, vocabulary, technique, onPlace } = props;
  const { where } = step.document;
  const zone = 'zone' in where ? where.zone : OWN;
  const side = where.side === undefined ? {} : { side: where.side };
  const cut = zone !== WHOLE;
  return (
    <div className={classes.row}>
      <span>Place</span>
      <div className={classes.pair}>
        {technique?.placed && (
          <Checkbox
            size="xs"
            label="Cut off at the edge of a place"
            checked={cut}
            onChange={(event) => onPlace({ ...side, zone: event.currentTarget.checked ? 'flank' : WHOLE })}
          />
        )}
        {(!technique?.placed || cut) && (
          <NativeSelect
            aria-label="Place"
            size="xs"
            data={[...vocabulary.zones, OWN]}
            value={zone}
            onChange={(event) => {
              const chosen = event.currentTarget.value;
              void onPlace({ ...(chosen === OWN ? BEGUN : { zone: chosen }), ...side });
            }}
          />
        )}
      </div>
    </div>
  );
}
