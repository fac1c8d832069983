import { CloseButton, Switch } from '@mantine/core';
import type { ReactNode } from 'react';
import type { StepDocument } from '../api/types';
import type { FormProps } from '../steps/face';
import { faceOf } from '../steps/kinds';
import { nameAndCheck } from '../steps/nameAndCheck';
import '../parts/controls';
import { Rest } from '../steps/Rest';
import classes from './slip.module.css';

interface Props extends FormProps<StepDocument> {
  advice: ReactNode;
  onClose: () => void;
}

/** The chosen step, out of its rung: what matters, the usual rest in a line, and its advice. */
export function Slip({ advice, onClose, ...form }: Props) {
  const { step, onChange } = form;
  const { document: d, shown } = step;
  const { name, Form } = faceOf(step);
  return (
    <section
      className={classes.slip}
      data-step-form={d.id}
      aria-label={`Step ${shown.number}: ${shown.name}`}
      onKeyDown={(event) => {
        if (event.key !== 'Escape' || event.defaultPrevented) return;
        event.stopPropagation();
        onClose();
      }}
    >
      <header>
        <h2>{shown.name}</h2>
        <span className="dim">
          step {shown.number}
          {name === 'Paint' ? '' : ` · ${name.toLowerCase()}`}
        </span>
        <Switch
          label="On"
          checked={d.on}
          onChange={(event) => onChange({ on: event.currentTarget.checked })}
          size="xs"
          labelPosition="left"
        />
        <CloseButton size="sm" aria-label="Close the slip" onClick={onClose} />
      </header>
      {step.outside.length > 0 && (
        <p className="notice" role="note">
          Outside today’s limits:{' '}
          {step.outside.map((one) => `${one.field.replaceAll('_', ' ')} ${one.says}`).join(', ')}. Saved as it was;
          change it when you like.
        </p>
      )}
      <Form {...form} />
      {d.type !== 'paint' && <Rest parts={[nameAndCheck(form)]} />}
      {advice}
    </section>
  );
}
