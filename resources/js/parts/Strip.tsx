interface Props<T extends string> {
  /** What is chosen, for those who do not see it. */
  legend: string;
  name: string;
  value: T;
  options: Record<T, string>;
  className?: string;
  onChange: (value: T) => void;
}

/** A few choices in a row, the chosen one underlined. */
export function Strip<T extends string>({ legend, name, value, options, className = '', onChange }: Props<T>) {
  return (
    <fieldset className={`strip ${className}`}>
      <legend className="visually-hidden">{legend}</legend>
      {(Object.keys(options) as T[]).map((option) => (
        <label key={option} className={option === value ? 'on' : ''}>
          <input type="radio" name={name} checked={option === value} onChange={() => onChange(option)} />
          {options[option]}
        </label>
      ))}
    </fieldset>
  );
}
