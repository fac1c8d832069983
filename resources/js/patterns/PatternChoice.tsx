import { useState } from 'react';
import { usePatterns } from '../api/queries';
import type { Pattern } from '../api/types';
import { type Choice, Chooser } from '../parts/Chooser';
import { useTyped } from '../parts/useTyped';

interface Props {
  label: string;
  /** The name of the pattern that is chosen now. */
  name: string;
  chosen?: string | undefined;
  /** Whether its label stands above it; else it is a small field in a row. */
  labelled?: boolean;
  /** Offered before all patterns. */
  first?: Choice[];
  onChoose: (pattern: Pattern) => void;
  onFirst?: (value: string) => void;
}

/** One of the patterns of the shelf, found by what is typed. */
export function PatternChoice({ label, name, chosen, labelled = false, first = [], onChoose, onFirst }: Props) {
  const [typed, setTyped] = useState('');
  const sought = useTyped(typed);
  const { data: page } = usePatterns(sought);
  const patterns = page?.patterns ?? [];
  return (
    <Chooser
      label={`${label}: ${name}`}
      field={labelled ? { label } : { size: 'xs' }}
      find="Find a pattern"
      groups={[
        ...(first.length === 0 || sought !== '' ? [] : [{ name: 'Plain', choices: first }]),
        {
          name: 'Patterns',
          choices: patterns.map((pattern) => ({
            value: pattern.id,
            text: pattern.name,
            shown: (
              <span>
                {pattern.name} <span className="dim">{pattern.species}</span>
              </span>
            ),
          })),
        },
      ]}
      chosen={chosen}
      others={page !== undefined && page.next !== null}
      onFind={setTyped}
      onChoose={(value) => {
        const pattern = patterns.find((one) => one.id === value);
        if (pattern === undefined) onFirst?.(value);
        else onChoose(pattern);
      }}
    >
      {name}
    </Chooser>
  );
}
