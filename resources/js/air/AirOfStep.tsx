import { Anchor, NativeSelect } from '@mantine/core';
import type { CoatAir, PaintStep, Settings, Vocabulary } from '../api/types';
import '../parts/controls';
import { inPressure } from '../units/sentence';
import { pressure } from '../units/units';
import classes from './air.module.css';
import { CountExperience } from './CountExperience';
import { Reasons } from './Reasons';
import { WindowScale } from './WindowScale';

interface Props {
  document: PaintStep;
  air: NonNullable<CoatAir['air']>;
  works: Vocabulary['works'];
  settings: Settings;
  onChange(set: Partial<PaintStep>): unknown;
}

/** The window for this work, paint, thinning and nozzle, where the plan stands in it, and why. */
export function AirOfStep({ document, air, works, settings, onChange }: Props) {
  const psi = pressure.unit(settings);
  const show = (value: number) => pressure.show(value, settings);
  const off = air.psi.stands !== 'within';
  const thin = air.thinning.stands !== 'within';
  return (
    <section aria-label="Usual air and thinning" className={classes.air}>
      {air.nozzle !== null && <p className={classes.first}>{air.nozzle}.</p>}
      <p>{inPressure(air.says, settings)}</p>
      <WindowScale of="Air" window={air.psi} now={document.psi} unit={psi} show={show} />
      <WindowScale of="Thinned" window={air.thinning} now={document.thinning_percent} unit="%" show={(one) => one} />
      <p className={classes.acts}>
        {off && (
          <Anchor component="button" type="button" onClick={() => onChange({ psi: air.psi.set })}>
            Set it so: {show(air.psi.set)} {psi}
          </Anchor>
        )}
        {thin && (
          <Anchor component="button" type="button" onClick={() => onChange({ thinning_percent: air.thinning.set })}>
            Thin it so: {air.thinning.set} %
          </Anchor>
        )}
      </p>
      <div className={classes.why}>
        <Reasons of="Why this air" window={air.psi} settings={settings} />
        <Reasons of="Why so thin" window={air.thinning} settings={settings} />
      </div>
      {air.experience !== null && <CountExperience experience={air.experience} settings={settings} />}
      <NativeSelect
        label="What it is used for"
        size="xs"
        data={[
          {
            value: '',
            label: air.said
              ? 'from technique, place and weight'
              : `${air.work_says} (from technique, place and weight)`,
          },
          ...works.map((work) => ({ value: work.name, label: work.label })),
        ]}
        value={air.said ? air.work : ''}
        onChange={(event) => {
          const work = works.find((one) => one.name === event.currentTarget.value)?.name ?? null;
          void onChange({ work: work as PaintStep['work'] });
        }}
      />
    </section>
  );
}
