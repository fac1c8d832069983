import { useState } from 'react';
import { usePaints } from '../api/listQueries';
import type { Ground, MixPart } from '../api/types';
import layout from '../parts/layout.module.css';
import { Waiting } from '../parts/Waiting';
import { CupForm } from './CupForm';
import { Films } from './Films';
import { MixSearch } from './MixSearch';
import classes from './mixing.module.css';
import { SaveMix } from './SaveMix';
import { useMixSeen } from './useMix';

export interface Sprayed {
  coats: number;
  weight: string;
  thinning_percent: number;
}

/** A mix built in drops, seen before it is mixed; and the best mixes of the rack for a colour. */
export function Mixing() {
  const rack = usePaints().data?.filter((paint) => !paint.archived);
  const [parts, setParts] = useState<MixPart[]>([]);
  const [sprayed, setSprayed] = useState<Sprayed>({ coats: 3, weight: 'light', thinning_percent: 0 });
  const [over, setOver] = useState<Ground>('white');
  const seen = useMixSeen({ parts, ...sprayed, ...(typeof over === 'string' ? {} : { over }) }, rack);
  if (rack === undefined) return <Waiting />;
  if (rack.length === 0) {
    return (
      <div className="empty">
        <h2>Nothing to mix from</h2>
        <p>Put paints on the rack first; then mixes can be tried here before a drop is spent.</p>
      </div>
    );
  }
  const shown = parts.length === 0 ? undefined : seen.data;
  return (
    <section aria-label="Mixing" className={classes.mixing}>
      <CupForm
        rack={rack}
        parts={parts}
        sprayed={sprayed}
        over={over}
        onParts={setParts}
        onSprayed={setSprayed}
        onOver={setOver}
      >
        <SaveMix parts={parts} rack={rack} onSaved={(id) => setParts([{ paint: id, drops: 1 }])} />
      </CupForm>
      <div>
        <div className={classes.mixingSeen} aria-live="polite">
          {shown === undefined ? (
            <p className="empty">
              Put a paint into the cup, or ask for a colour below: here the mix is seen before it is mixed.
            </p>
          ) : (
            <>
              <Films
                seen={shown}
                caption={`coats of ${shown.coat_um.toFixed(1)} µm dry, under clear; ${shown.kind}, ${Math.round(shown.solids * 100)} % solids`}
              />
              {shown.warning !== null && <p className={layout.caution}>{shown.warning}</p>}
              <p className="dim">
                {shown.from_card ? 'Estimate from measured cards.' : 'Estimate: some paints are not measured yet.'}
              </p>
            </>
          )}
        </div>
        <MixSearch sprayed={sprayed} over={over} onTake={setParts} />
      </div>
    </section>
  );
}
