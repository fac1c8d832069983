import { useId } from 'react';
import { keysOf } from './choices';
import classes from './Strip.module.css';

interface Props<T extends string> {
  /** What is chosen, for those who do not see it. */
  legend: string;
  value: T;
  options: { [option in T]?: string };
  className?: string;
  onStage?: boolean;
  onChange: (value: T) => void;
}

/** A few choices in a row, the chosen one underlined. */
export function Strip<T extends string>({
  legend,
  value,
  options,
  className = '',
  onStage = false,
  onChange,
}: Props<T>) {
  const name = useId();
  return (
    <fieldset className={`${classes.strip} ${onStage ? classes.onStage : ''} ${className}`}>
      <legend className="visually-hidden">{legend}</legend>
      {keysOf(options).map((option) => (
        <label key={option} className={option === value ? classes.on : ''}>
          <input type="radio" name={name} checked={option === value} onChange={() => onChange(option)} />
          {options[option]}
        </label>
      ))}
    </fieldset>
  );
}
