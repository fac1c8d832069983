import { Anchor, Checkbox } from '@mantine/core';
import { useEyeFit } from '../api/shopQueries';
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
/** The next disc within the last. */
const NARROWER = 0.5;

/** The small recipe of a painted eye: a disc through a punch, its colour, the pupil, a spark. */
export function Rings({ step: { document }, version, vocabulary, paints, onChange }: FormProps<EyeStep>) {
  const { rings } = document;
  const begin = useEyeFit(version.id, version.revision, document.id).data?.begin ?? [];
  const last = rings.at(-1);
  const inner = last && { ...last, percent: Math.max(vocabulary.bounds.ring_percent[0] ?? 0, last.percent * NARROWER) };
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
        {rings.length < MOST && (inner !== undefined || begin.length > 0) && (
          <Anchor
            component="button"
            type="button"
            onClick={() => onChange({ rings: inner === undefined ? begin : [...rings, inner] })}
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
