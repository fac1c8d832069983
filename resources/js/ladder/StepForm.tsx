import { NativeSelect, Switch, Textarea, TextInput } from '@mantine/core';
import { useCallback, useEffect, useRef, useState } from 'react';
import type { Paint, Settings, Step, StepDocument, Version, Vocabulary } from '../api/types';
import { length } from '../units/units';
import { within } from './bounds';
import { Figure } from './Figure';
import { PaintFields } from './PaintFields';
import { useLastWord } from './useLastWord';
import { TYPE_NAMES } from './words';

/** What to set; or how, seen from the step as it is when earlier changes have arrived. */
export type StepSet = Partial<StepDocument> | ((now: StepDocument) => Partial<StepDocument>);

export interface StepFormProps {
  step: Step;
  version: Pick<Version, 'id' | 'revision'>;
  vocabulary: Vocabulary;
  paints: Paint[];
  settings: Settings;
  onChange: (set: StepSet) => unknown;
}

/** Everything a painter sets for one step; each field is saved as it is done. */
export function StepForm(props: StepFormProps) {
  const { step, vocabulary, settings, onChange } = props;
  const d = step.document;
  const number = useCallback(
    (field: keyof StepDocument) => (value: number | null) => onChange({ [field]: value }),
    [onChange],
  );

  return (
    <div className="step-form" data-step-form={d.id}>
      <div className="two">
        <h2>
          {step.shown.number} · {TYPE_NAMES[d.type]}
        </h2>
        <Switch
          label="On"
          checked={d.on}
          onChange={(event) => onChange({ on: event.currentTarget.checked })}
          size="xs"
          labelPosition="left"
          style={{ justifySelf: 'end' }}
        />
      </div>
      <Words
        label="Called"
        value={d.title}
        placeholder={step.shown.name}
        onSave={(title) => onChange({ title })}
        max={80}
      />
      {d.type === 'paint' && <PaintFields {...props} />}
      {d.type === 'eye' && (
        <>
          <div className="two">
            <Figure
              label={`Diameter, ${length.unit(settings)}`}
              value={length.show(d.diameter_mm ?? 5, settings)}
              {...within(vocabulary.bounds.diameter_mm, (mm) => length.show(mm, settings))}
              step={0.5}
              onSave={(shown) => shown !== null && onChange({ diameter_mm: length.read(shown, settings) })}
            />
            <TextInput
              label="Iris"
              type="color"
              size="xs"
              value={d.iris ?? '#d89a3a'}
              onChange={(event) => onChange({ iris: event.currentTarget.value })}
            />
          </div>
          <NativeSelect
            label="Pupil"
            size="xs"
            data={vocabulary.pupils}
            value={d.pupil ?? 'round'}
            onChange={(event) => onChange({ pupil: event.currentTarget.value })}
          />
          <Words label="Set with" value={d.set_with ?? ''} onSave={(set_with) => onChange({ set_with })} max={60} />
        </>
      )}
      {d.type === 'clear' && (
        <>
          <NativeSelect
            label="Clear"
            size="xs"
            data={vocabulary.clears.map((c) => c.name)}
            value={d.clear ?? ''}
            onChange={(event) => onChange({ clear: event.currentTarget.value })}
          />
          <Figure
            label="Coats"
            value={d.coats ?? 1}
            {...within(vocabulary.bounds.clear_coats)}
            decimals={0}
            onSave={number('coats')}
          />
          <p className="caution">
            {vocabulary.clears.find((c) => c.name === d.clear)?.caution} Follow the product’s own sheet.
          </p>
        </>
      )}
      {(d.type === 'prep' || d.type === 'inspect' || d.type === 'wait') && (
        <>
          {d.type !== 'wait' && (
            <Words label="What to do" value={d.task ?? ''} onSave={(task) => onChange({ task })} max={500} long />
          )}
          <Figure
            label="Minutes"
            value={d.minutes ?? 0}
            {...within(vocabulary.bounds.minutes)}
            onSave={number('minutes')}
          />
        </>
      )}
      <Words label="Check to make" value={d.check} onSave={(check) => onChange({ check })} max={300} long />
    </div>
  );
}

/** A text that is saved when the field is left. */
function Words(props: {
  label: string;
  value: string;
  placeholder?: string;
  max: number;
  long?: boolean;
  onSave: (value: string) => void;
}) {
  const [shown, setShown] = useState(props.value);
  const saved = useRef(props.value);
  useEffect(() => {
    saved.current = props.value;
    setShown(props.value);
  }, [props.value]);
  const save = () => {
    if (shown === saved.current) return;
    saved.current = shown;
    props.onSave(shown);
  };
  useLastWord(save);
  const shared = {
    label: props.label,
    value: shown,
    placeholder: props.placeholder,
    maxLength: props.max,
    size: 'xs' as const,
    onBlur: save,
  };
  return props.long ? (
    <Textarea {...shared} rows={2} onChange={(event) => setShown(event.currentTarget.value)} />
  ) : (
    <TextInput
      {...shared}
      onChange={(event) => setShown(event.currentTarget.value)}
      onKeyDown={(event) => event.key === 'Enter' && event.currentTarget.blur()}
    />
  );
}
