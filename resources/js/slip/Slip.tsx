import { CloseButton, Switch } from '@mantine/core';
import { type ReactNode, type RefObject, useEffect, useRef } from 'react';
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
  /** The focus goes in as often as it is asked for by whoever opens it. */
  entering: { asked: number; given: RefObject<number> };
}

/** The chosen step, out of its rung: what matters, the usual rest in a line, and its advice. */
export function Slip({ advice, onClose, entering, ...form }: Props) {
  const { step, onChange } = form;
  const { document: d, shown } = step;
  const { name, Form } = faceOf(step);
  const { asked, given } = entering;
  const title = useRef<HTMLHeadingElement>(null);
  // A rung that is walked to opens its slip too, and keeps the focus.
  useEffect(() => {
    if (given.current === asked) return;
    given.current = asked;
    title.current?.focus({ preventScroll: true });
  }, [asked, given]);
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
        <Switch
          label="On"
          checked={d.on}
          onChange={(event) => onChange({ on: event.currentTarget.checked })}
          size="xs"
          labelPosition="left"
        />
        <CloseButton size="sm" aria-label="Close the slip" onClick={onClose} />
        {/* Seen first; after its controls in the order of Tab, so that the next one is what the step is about. */}
        <h2 ref={title} tabIndex={-1}>
          {shown.name}
        </h2>
        <span className="dim">
          step {shown.number}
          {name === 'Paint' ? '' : ` · ${name.toLowerCase()}`}
        </span>
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
      {/* Seen above the form; after it in the order of Tab, so that what it offers comes when the step has been read. */}
      <div className={classes.advice}>{advice}</div>
    </section>
  );
}
