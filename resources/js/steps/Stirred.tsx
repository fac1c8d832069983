import { Anchor, NativeSelect } from '@mantine/core';
import type { ClearStep } from '../api/types';
import { within } from '../parts/bounds';
import { Figure } from '../parts/Figure';
import layout from '../parts/layout.module.css';
import { length } from '../units/units';
import type { FormProps } from './face';
import { PaintChoice } from './PaintChoice';
import '../parts/controls';
import classes from './steps.module.css';

type One = ClearStep['stirred'][number];

const MOST = 3;
const OWN = 'own range';
/** Half a teaspoon in a cup: seen, and still a clear. */
const BEGUN = { percent: 1, flake_mm: 0.4 };
/** Silver to the belly, black to the back. */
const PLACES = ['belly', 'back', 'whole'] as const;

/** What is stirred into the clear, and where that part of it goes: each is a film of its own on the Stage. */
export function Stirred({ step: { document }, version, vocabulary, paints, settings, onChange }: FormProps<ClearStep>) {
  const { stirred } = document;
  const set = (at: number, fields: Partial<One>) =>
    onChange({ stirred: stirred.map((one, i) => (i === at ? { ...one, ...fields } : one)) });
  const next = paints.find((paint) => !paint.archived && ['metallic', 'holographic', 'pearl'].includes(paint.kind));
  return (
    <div data-stirred={stirred.length}>
      {stirred.map((one, at) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: two may be of one paint; they stand in their order
        <fieldset key={`${at} ${one.paint}`} className={classes.part}>
          <legend>Stirred in</legend>
          <PaintChoice
            label="Stirred into the clear"
            paints={paints}
            version={version}
            chosen={one.paint}
            onChoose={(paint) => set(at, { paint })}
          />
          <div className={layout.three}>
            <Figure
              label="Of the clear, %"
              value={one.percent}
              {...within(vocabulary.bounds.stirred_percent)}
              step={0.5}
              decimals={1}
              onSave={(percent) => percent !== null && set(at, { percent })}
            />
            <Figure
              label={`Flake, ${length.unit(settings)}`}
              value={length.show(one.flake_mm, settings)}
              {...within(vocabulary.bounds.flake_mm, (mm) => length.show(mm, settings))}
              step={0.1}
              onSave={(shown) => shown !== null && set(at, { flake_mm: length.read(shown, settings) })}
            />
            <NativeSelect
              label="Where"
              size="xs"
              data={'zone' in one.where ? vocabulary.zones : [OWN, ...vocabulary.zones]}
              value={'zone' in one.where ? one.where.zone : OWN}
              onChange={(event) => {
                const zone = event.currentTarget.value;
                if (zone !== OWN) void set(at, { where: { zone } });
              }}
            />
          </div>
          <Anchor
            component="button"
            type="button"
            className={classes.out}
            onClick={() => onChange({ stirred: stirred.filter((_, i) => i !== at) })}
          >
            Take it out
          </Anchor>
        </fieldset>
      ))}
      {stirred.length > 0 && <p className="dim">A flake size of 0 is a powder: an even film.</p>}
      {stirred.length < MOST && next !== undefined && (
        <Anchor
          component="button"
          type="button"
          onClick={() =>
            onChange({
              stirred: [...stirred, { paint: next.id, ...BEGUN, where: { zone: PLACES[stirred.length] ?? 'whole' } }],
            })
          }
        >
          {stirred.length === 0 ? 'Stir glitter or pearl in' : 'Stir another in'}
        </Anchor>
      )}
    </div>
  );
}
