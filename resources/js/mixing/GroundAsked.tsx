import { NativeSelect } from '@mantine/core';
import { useQuery } from '@tanstack/react-query';
import { api, ask } from '../api/client';
import { usePatterns, useVocabulary } from '../api/queries';
import type { Ground } from '../api/types';
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
  const patterns = usePatterns().data ?? [];
  const there = typeof value === 'string' ? null : value;
  return (
    <fieldset className={classes.groundAsked}>
      <legend>{label}</legend>
      <NativeSelect
        size="xs"
        aria-label={`${label}: ground`}
        value={there === null ? String(value) : there.version}
        onChange={(event) => {
          const picked = event.currentTarget.value;
          const plain = PLAIN.find((name) => name === picked);
          onChange(plain ?? { version: picked, upto: null, zone: 'flank' });
        }}
      >
        {PLAIN.map((name) => (
          <option key={name}>{name}</option>
        ))}
        <optgroup label="On a pattern">
          {patterns.map((pattern) => (
            <option key={pattern.id} value={pattern.version.id}>
              {pattern.name}
            </option>
          ))}
        </optgroup>
      </NativeSelect>
      {there !== null && (
        <There
          value={there}
          pattern={patterns.find((one) => one.version.id === there.version)?.id ?? ''}
          onChange={onChange}
        />
      )}
    </fieldset>
  );
}

function There({
  value,
  pattern,
  onChange,
}: {
  value: Exclude<Ground, string>;
  pattern: string;
  onChange: (ground: Ground) => void;
}) {
  const steps = useQuery({
    queryKey: ['sheet', pattern],
    queryFn: () => ask(api.GET('/patterns/{id}', { params: { path: { id: pattern } } })),
    enabled: pattern !== '',
  }).data?.version.steps;
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
