import { Anchor } from '@mantine/core';
import { Link } from 'react-router';
import { useGauge } from '../api/shopQueries';
import type { CoatAir, PlannedStep, Settings } from '../api/types';
import { inPressure } from '../units/sentence';
import { clockLeft, minutes, pressure, temperature } from '../units/units';
import classes from './bench.module.css';

interface Props {
  air: CoatAir | undefined;
  planned: PlannedStep | undefined;
  settings: Settings;
  /** Whether the cup still has the colour before in it. */
  first: boolean;
  /** Air that is used. */
  psi: number | undefined;
  /** Whether what is said of the air was said of that; else it was found here since. */
  current: boolean;
  /** Seconds to hold the dryer on a side; 0 where it is not set by heat. */
  holdS: number;
  /** Where the test sheet of a step that tries something out stands. */
  sheet: string | null;
  onPsi: (psi: number) => void;
  onHold: () => void;
}

/** What comes before and after the trigger: clean, set the air, and how long to hold the dryer. */
export function BeforeSpraying({ air, planned, settings, first, psi, current, holdS, sheet, onPsi, onHold }: Props) {
  const clean = first ? (planned?.clean ?? null) : null;
  return (
    <div className={classes.before}>
      {clean !== null && (
        <p>
          <b>First:</b> {clean.says} {minutes(clean.minutes)}
          {clean.cleaner_ml > 0 ? `, ${clean.cleaner_ml} ml of cleaner` : ''}.
        </p>
      )}
      {air?.air != null && (
        <p>
          {current || psi === undefined
            ? inPressure(air.air.says, settings)
            : `Set ${pressure.show(psi, settings)} ${pressure.unit(settings)}, as you found it here.`}{' '}
          <Gauge psi={psi} settings={settings} onPsi={onPsi} />{' '}
          {sheet !== null && (
            <Anchor component={Link} to={sheet}>
              Test sheet
            </Anchor>
          )}
        </p>
      )}
      {holdS > 0 && air !== undefined && (
        <p>
          Hold the {air.dry.dryer} on each side for {clockLeft(holdS)}, moving it; about{' '}
          {temperature.show(air.dry.surface_c, settings)} {temperature.unit(settings)} at the bait (model).{' '}
          {air.dry.softens && <b>Too warm for plastic: hold it farther away. </b>}
          <Anchor component="button" type="button" onClick={onHold}>
            Start {clockLeft(holdS)}
          </Anchor>
        </p>
      )}
    </div>
  );
}

/** Shown when it is off by more. */
const NEAR = 0.1;

function Gauge({ psi, settings, onPsi }: Pick<Props, 'psi' | 'settings' | 'onPsi'>) {
  const gauge = useGauge().data;
  if (gauge === undefined || (!gauge.connected && gauge.said === '')) return null;
  if (gauge.psi === null) return <b role="status">{gauge.said}</b>;
  const read = gauge.psi;
  const off = psi !== undefined && Math.abs(read - psi) > NEAR * psi;
  return (
    <span data-gauge>
      The gauge reads{' '}
      <b>
        {pressure.show(read, settings)} {pressure.unit(settings)}
      </b>
      .{' '}
      {off && (
        <Anchor component="button" type="button" onClick={() => onPsi(read)}>
          I spray with that
        </Anchor>
      )}
    </span>
  );
}
