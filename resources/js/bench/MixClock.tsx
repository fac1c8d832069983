import { Button } from '@mantine/core';
import type { Batch } from '../api/types';
import { mixWords } from '../runs/mixWords';
import { counted, minutes } from '../units/units';
import classes from './bench.module.css';

interface Props {
  batch: Batch;
  /** How many baits have this coat already. */
  coated: number;
  /** Labels of the clocks that run for this step. */
  running: string[];
  onMixed: (seconds: number, label: string) => void;
}

/** Stirred slowly for this long; a common practice. */
const STIR = '30 to 40 seconds, slowly, scraping the cup';

/** Which mix comes next, and a clock that counts to its real end. */
export function MixClock({ batch, coated, running, onMixed }: Props) {
  let before = 0;
  const at = batch.mixes.findIndex((mix) => {
    before += mix.baits;
    return coated < before;
  });
  const mix = batch.mixes[at];
  if (mix === undefined) return null;
  const left = before - coated;
  const label = `mix ${at + 1} of ${batch.mixes.length}`;
  const mixed = running.includes(label);
  return (
    <div className={classes.mix}>
      <div className={classes.before}>
        <p>
          <b>
            Mix {at + 1} of {batch.mixes.length}
          </b>{' '}
          {mixWords(mix)}; {counted(left, 'bait')} still to do from it.{!mixed && ` Stir ${STIR}.`}
        </p>
        <p>
          {!mixed && `It lasts about ${minutes(mix.usable_min)}. `}At two thirds, {minutes((mix.usable_min * 2) / 3)},
          begin no bait that you cannot finish. When it pulls threads, stop and mix a fresh batch.
        </p>
      </div>
      {!mixed && (
        <Button variant="default" onClick={() => onMixed(mix.usable_min * 60, label)}>
          It is mixed: start {minutes(mix.usable_min)}
        </Button>
      )}
    </div>
  );
}
