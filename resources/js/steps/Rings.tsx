import { Anchor, Checkbox } from '@mantine/core';
import type { EyeStep } from '../api/types';
import { within } from '../parts/bounds';
import { Figure } from '../parts/Figure';
import { Select } from '../parts/Select';
import type { FormProps } from './face';
import { PaintChoice } from './PaintChoice';
import '../parts/controls';
import classes from './steps.module.css';

type Ring = EyeStep['rings'][number];

const BY = ['punch', 'pen', 'brush', 'cotton bud'] as const;
const MOST = 4;
/** Widths of a disc of white, its colour and the pupil; the rest follows inwards. */
const WIDTHS = [100, 78, 40, 20];

/** The small recipe of a painted eye: a disc through a punch, its colour, the pupil, a spark. */
export function Rings({ step: { document }, version, vocabulary, paints, onChange }: FormProps<EyeStep>) {
  const { rings } = document;
  const set = (at: number, fields: Partial<Ring>) =>
    onChange({ rings: rings.map((ring, i) => (i === at ? { ...ring, ...fields } : ring)) });
  const names = (at: number) => (at === 0 ? 'disc' : at === rings.length - 1 && at > 0 ? 'pupil' : 'colour');
  return (
    <div data-rings={rings.length}>
      {rings.map((ring, at) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: two may be of one paint; they stand in their order
        <fieldset key={`${at} ${ring.paint}`} className={classes.ring}>
          <legend>
            {at + 1}. {names(at)}
          </legend>
          <PaintChoice
            label={`Paint of the ${names(at)}`}
            paints={paints}
            version={version}
            chosen={ring.paint}
            onChoose={(paint) => set(at, { paint })}
          />
          <Figure
            label="Width, %"
            value={ring.percent}
            {...within(vocabulary.bounds.ring_percent)}
            step={5}
            decimals={0}
            onSave={(percent) => percent !== null && set(at, { percent })}
          />
          <Select label="By" options={BY} value={ring.by} onChoose={(by) => set(at, { by })} />
          <Anchor
            component="button"
            type="button"
            aria-label={`Leave ${names(at)} out`}
            onClick={() => onChange({ rings: rings.filter((_, i) => i !== at) })}
          >
            leave out
          </Anchor>
        </fieldset>
      ))}
      <p className={classes.after}>
        {rings.length < MOST && (
          <Anchor
            component="button"
            type="button"
            onClick={() =>
              onChange({ rings: [...rings, begun(paints, rings, version.body.marks.eye_socket_mm !== null)] })
            }
          >
            {rings.length === 0 ? 'Paint it with paints of the rack' : 'Another on it'}
          </Anchor>
        )}
        <Checkbox
          size="xs"
          label="A spark of white"
          checked={document.spark}
          onChange={(event) => void onChange({ spark: event.currentTarget.checked })}
        />
      </p>
    </div>
  );
}

/**
 * First the whitest opaque paint, then a colour, through the punch or, where there is no socket to place it by, dabbed with
 * a cotton bud; then the darkest by pen.
 */
function begun(paints: FormProps<EyeStep>['paints'], rings: Ring[], socket: boolean): Ring {
  const opaque = paints.filter((paint) => !paint.archived && paint.kind === 'opaque');
  const byLight = [...opaque].sort((a, b) => light(b.hex) - light(a.hex));
  const paint = rings.length === 1 ? byLight[Math.floor(byLight.length / 2)] : byLight.at(rings.length === 0 ? 0 : -1);
  return {
    paint: paint?.id ?? paints[0]?.id ?? '',
    percent: WIDTHS[rings.length] ?? 15,
    by: rings.length === 2 ? 'pen' : socket ? 'punch' : 'cotton bud',
  };
}

/** How light a swatch is, to put swatches in order only. */
function light(hex: string): number {
  return [1, 3, 5].reduce((sum, at) => sum + Number.parseInt(hex.slice(at, at + 2), 16), 0);
}
