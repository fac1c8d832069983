import { Anchor } from '@mantine/core';
import type { DipStep } from '../api/types';
import { within } from '../parts/bounds';
import { Figure } from '../parts/Figure';
import layout from '../parts/layout.module.css';
import { Select } from '../parts/Select';
import { temperature } from '../units/units';
import type { Face, FormProps } from './face';
import { PaintChoice } from './PaintChoice';
import classes from './steps.module.css';
import '../parts/controls';

/** Nobody dips a bait by less of its length. */
const LEAST_IN = 20;

export const dip: Face<DipStep> = {
  name: 'Vinyl dip',
  Form: DipForm,
  foot: ({ document }, settings) => [
    `${temperature.show(document.melt_c, settings)} ${temperature.unit(settings)}`,
    document.dips > 1 ? `×${document.dips}` : '',
  ],
  figures: () => ({}),
  bench: ({ document }, { planned, settings }) => [
    [String(temperature.show(document.melt_c, settings)), `${temperature.unit(settings)} in the cup`],
    [String(document.dips), document.dips === 1 ? 'dip' : 'dips'],
    ...(planned?.stirs ?? []).map(({ name, ml }): [string, string] => [String(ml), `ml of ${name} in the cup`]),
  ],
};

function DipForm({ step: { document }, version, vocabulary, paints, settings, onChange }: FormProps<DipStep>) {
  const { bounds } = vocabulary;
  const [part] = document.mix;
  return (
    <>
      <div className={classes.row}>
        <span>Colour</span>
        <div className={classes.pair}>
          <PaintChoice
            label="Colour of the dip"
            paints={paints}
            version={version}
            chosen={part?.paint ?? ''}
            onChoose={(paint) => onChange({ mix: [{ paint, drops: 1 }, ...document.mix.slice(1)] })}
          />
          {part !== undefined && (
            <Anchor component="button" type="button" onClick={() => onChange({ mix: [] })}>
              clear vinyl
            </Anchor>
          )}
        </div>
      </div>
      <div className={layout.three}>
        <Figure
          label="Colour in it, %"
          value={document.colour_percent}
          {...within(bounds.colour_percent)}
          step={5}
          onSave={(colour_percent) => colour_percent !== null && onChange({ colour_percent })}
        />
        <Figure
          label="Vinyl, ml"
          value={document.cup_ml}
          {...within(bounds.cup_ml)}
          step={10}
          decimals={0}
          onSave={(cup_ml) => cup_ml !== null && onChange({ cup_ml })}
        />
        <Figure
          label={`Dipped at, ${temperature.unit(settings)}`}
          value={temperature.show(document.melt_c, settings)}
          {...within(bounds.melt_c, (c) => temperature.show(c, settings))}
          decimals={0}
          onSave={(shown) => shown !== null && onChange({ melt_c: temperature.read(shown, settings) })}
        />
      </div>
      <div className={layout.three}>
        <Select
          label="Skin"
          options={['mist', 'light', 'medium', 'heavy'] as const}
          value={document.weight}
          onChoose={(weight) => onChange({ weight })}
        />
        <Figure
          label="Dips"
          value={document.dips}
          {...within(bounds.dips)}
          decimals={0}
          onSave={(dips) => dips !== null && onChange({ dips })}
        />
        <Figure
          label="In up to, %"
          value={Math.round(document.to_u * 100)}
          min={LEAST_IN}
          max={100}
          decimals={0}
          onSave={(percent) => percent !== null && onChange({ to_u: percent / 100 })}
        />
      </div>
      <p className="dim">
        {document.to_u < 0.99
          ? 'Of its length; what lies behind that, the base of the tail, stays out of the vinyl and free to swim.'
          : 'All of it goes in, the base of the tail too: it will swim stiffer.'}{' '}
        {document.dips === 1
          ? 'Hang it by the tail until it is cold.'
          : 'Hang it by the tail until it is cold between the dips.'}
      </p>
    </>
  );
}
