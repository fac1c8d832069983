import { Button } from '@mantine/core';
import { useState } from 'react';
import type { Melt, Settings } from '../api/types';
import { counted, minutes, temperature } from '../units/units';
import classes from './bench.module.css';

interface Props {
  melt: Melt;
  settings: Settings;
  /** Labels of the clocks that run for this step: so far it was heated before a reload. */
  running: string[];
  onHeat: (seconds: number, label: string) => void;
}

/** The next heating of the vinyl, each with its clock, until it can be dipped into; then again each time it has cooled. */
export function HeatClock({ melt, settings, running, onHeat }: Props) {
  const [pressed, setPressed] = useState(0);
  const heated = Math.max(pressed, ...running.map((label) => Number(/^heat (\d+) of/.exec(label)?.[1] ?? 0)));
  const count = melt.heats.length;
  const next = melt.heats[heated] ?? melt.again_s;
  const at = (c: number) => `${Math.round(temperature.show(c, settings))} ${temperature.unit(settings)}`;
  const label = heated < count ? `heat ${heated + 1} of ${count}` : 'heat again';
  return (
    <div className={classes.before}>
      <p>
        <b>{heated < count ? `Heat ${heated + 1} of ${count}` : 'Hot enough to dip'}</b>
        {heated < count
          ? '; then stir and measure. Hot enough already? Leave out the rest.'
          : `, if the thermometer says ${at(melt.from_c)} to ${at(melt.to_c)}. It lasts about ${minutes(melt.holds_min)}, ${counted(melt.dips, 'dip')}.`}
      </p>
      <p>Never over {at(melt.never_c)}: the thermometer decides.</p>
      <Button
        variant="default"
        onClick={() => {
          onHeat(next, label);
          setPressed(heated + 1);
        }}
      >
        {heated < count ? `Start ${next} s` : `Heat again: ${next} s`}
      </Button>
    </div>
  );
}
