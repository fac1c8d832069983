import { DateInput } from '@mantine/dates';
import type { ReactNode } from 'react';
import '@mantine/dates/styles.layer.css';
import './controls';
import { day } from '../units/units';
import { dayOf } from './dayOf';

interface Props {
  label: string;
  /** YYYY-MM-DD; empty: none. */
  value: string;
  onChange: (day: string) => unknown;
  error?: ReactNode;
  size?: 'xs';
  /** Whether there may be none. */
  required?: boolean;
}

/** A day, typed or taken from a calendar. What is no day goes back to the last one when the field is left. */
export function DayField({ value, onChange, required = false, ...field }: Props) {
  return (
    <DateInput
      {...field}
      value={value === '' ? null : value}
      valueFormat={day}
      dateParser={dayOf}
      placeholder="none"
      // Read aloud and tabbed to where its field stands.
      popoverProps={{ withinPortal: false }}
      weekendDays={[]}
      hideOutsideDates
      clearable={!required}
      clearButtonProps={{ 'aria-label': `No day for “${field.label}”` }}
      previousLabel="Month before"
      nextLabel="Month after"
      onChange={(picked) => onChange(picked ?? '')}
    />
  );
}
