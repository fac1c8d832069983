import type { StepDocument } from '../api/types';
import { SavedText } from '../parts/SavedText';
import type { StepOf } from './face';
import type { RestPart } from './Rest';

const SHORT = 34;

interface Props {
  step: StepOf<StepDocument>;
  onChange(set: { title: string } | { check: string }): unknown;
}

/** What every step has: what it is called, and what to check when it is done. */
export function nameAndCheck({ step: { document: d, shown }, onChange }: Props): RestPart {
  return {
    name: 'Name and check',
    words:
      d.check === ''
        ? 'name and check'
        : `check: ${d.check.length > SHORT ? `${d.check.slice(0, SHORT - 2)}…` : d.check}`,
    fields: (
      <>
        <SavedText
          label="Called"
          value={d.title}
          placeholder={shown.name}
          onSave={(title) => onChange({ title })}
          max={80}
        />
        <SavedText label="Check to make" value={d.check} onSave={(check) => onChange({ check })} max={300} long />
      </>
    ),
  };
}
