import { NativeSelect } from '@mantine/core';
import { useState } from 'react';
import { useVersion, useVocabulary } from '../api/queries';
import type { Ground } from '../api/types';
import { PatternChoice } from '../patterns/PatternChoice';
import '../parts/controls';
import classes from './mixing.module.css';

const PLAIN = ['white', 'grey', 'black'] as const;

/** What a film lies on: white, grey, black, or a zone of a pattern after one of its steps. */
export function GroundAsked({
  label,
  value,
  onChange,
}: {
  label: string;
  value: Ground;
  onChange: (ground: Ground) => void;
}) {
  const there = typeof value === 'string' ? null : value;
  const [pattern, setPattern] = useState('');
  return (
    <fieldset className={classes.groundAsked}>
      <legend>{label}</legend>
      <PatternChoice
        label={`${label}: ground`}
        name={there === null ? String(value) : pattern}
        first={PLAIN.map((name) => ({ value: name, text: name, shown: name }))}
        onFirst={(name) => onChange(PLAIN.find((one) => one === name) ?? 'white')}
        onChoose={({ name, version }) => {
          setPattern(name);
          onChange({ version: version.id, upto: null, zone: 'flank' });
        }}
      />
      {there !== null && <There value={there} onChange={onChange} />}
    </fieldset>
  );
}

function There({ value, onChange }: { value: Exclude<Ground, string>; onChange: (ground: Ground) => void }) {
  const steps = useVersion(value.version).data?.steps;
  const zones = useVocabulary().data?.zones ?? [];
  return (
    <>
      <NativeSelect
        size="xs"
        aria-label="After which step"
        value={value.upto ?? ''}
        onChange={(event) => onChange({ ...value, upto: event.currentTarget.value || null })}
      >
        <option value="">finished</option>
        {steps?.map((step, i) => (
          <option key={step.document.id} value={step.document.id}>
            after {i + 1} {step.shown.name}
          </option>
        ))}
      </NativeSelect>
      <NativeSelect
        size="xs"
        aria-label="Zone"
        value={value.zone}
        onChange={(event) => onChange({ ...value, zone: event.currentTarget.value })}
      >
        {zones.map((zone) => (
          <option key={zone}>{zone}</option>
        ))}
      </NativeSelect>
    </>
  );
}
