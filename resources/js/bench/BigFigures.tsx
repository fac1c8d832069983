import type { PlannedStep, Settings, Step } from '../api/types';
import { air } from '../ladder/words';
import { length, minutes } from '../units/units';

interface Props {
  step: Step;
  planned: PlannedStep | undefined;
  used: { [name: string]: number } | undefined;
  settings: Settings;
}

/** The figures that matter, large; a figure really used stands in place of the planned one, and says so. */
export function BigFigures({ step, planned, used, settings }: Props) {
  const d = step.document;
  const figures: [string, string][] = [];
  const say = (name: string, plain: string) => (used?.[name] === undefined ? plain : `${plain}, as used`);
  if (d.type === 'paint') {
    const [figure, unit] = air(step, used?.psi ?? d.psi, settings);
    const coats = used?.coats ?? d.coats ?? 1;
    figures.push(
      [figure, say('psi', unit)],
      [String(used?.strokes ?? d.strokes), say('strokes', 'strokes a side')],
      [String(coats), say('coats', `${coats === 1 ? 'coat' : 'coats'}, ${d.weight}`)],
    );
    const mix = planned?.mix;
    if (mix != null) {
      const drops = [...mix.paints.map((p) => p.drops), ...(mix.reducer_drops > 0 ? [mix.reducer_drops] : [])];
      const names = [...mix.paints.map((p) => p.name), ...(mix.reducer_drops > 0 ? ['reducer'] : [])];
      figures.push([drops.join('+'), `drops for all: ${names.join(' + ')}`]);
    }
  } else if (d.type === 'eye') {
    figures.push(
      [String(length.show(d.diameter_mm ?? 0, settings)), `${length.unit(settings)}, ${d.pupil} pupil`],
      [d.set_with ?? '', 'set with'],
    );
  } else if (d.type === 'clear') {
    figures.push(
      [String(d.coats), d.coats === 1 ? 'coat' : 'coats'],
      [minutes(planned?.wait_min ?? 0), planned?.wait_for ?? ''],
    );
  } else {
    figures.push([minutes(d.minutes ?? 0), d.type === 'wait' ? 'to wait' : 'a bait']);
  }
  return (
    <dl className="bench-figures">
      {figures.map(([value, name]) => (
        <div key={name}>
          <dd className={value.length > 7 ? 'long' : ''}>{value}</dd>
          <dt>{name}</dt>
        </div>
      ))}
    </dl>
  );
}
