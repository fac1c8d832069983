import { Checkbox, TextInput } from '@mantine/core';
import { useState } from 'react';
import type { Paint } from '../api/types';
import { Chip } from '../parts/Chip';
import '../parts/controls';

/** So many paints are shown at once; who types finds the rest. */
const MOST_SHOWN = 40;

interface Props {
  paint: Paint;
  rack: Paint[];
  ticked: string[];
  /** No other colour can be exchanged. */
  full: boolean;
  onToggle: (to: string) => void;
}

/** A colour of the pattern, and opened, what it could become. */
export function Exchanged({ paint, rack, ticked, full, onToggle }: Props) {
  const [open, setOpen] = useState(false);
  return (
    <details open={open} onToggle={(event) => setOpen(event.currentTarget.open)}>
      <summary>
        <Chip chip={paint.chip} /> {paint.name}
        {ticked.length > 0 && <b> for {ticked.length}</b>}
      </summary>
      {full && <p className="dim">Two colours are swapped already.</p>}
      {open && (
        <Becomes
          paints={rack.filter((one) => !one.archived && one.id !== paint.id)}
          ticked={ticked}
          full={full}
          onToggle={onToggle}
        />
      )}
    </details>
  );
}

/** What a colour could become: paints of the rack. */
function Becomes({ paints, ticked, full, onToggle }: Omit<Props, 'paint' | 'rack'> & { paints: Paint[] }) {
  const [wanted, setWanted] = useState('');
  const found = paints.filter((one) => one.name.toLowerCase().includes(wanted.trim().toLowerCase()));
  const shown = found.filter((one, i) => i < MOST_SHOWN || ticked.includes(one.id));
  return (
    <>
      {paints.length > MOST_SHOWN && (
        <TextInput
          type="search"
          size="xs"
          aria-label="Find a paint"
          placeholder="Find a paint"
          value={wanted}
          onChange={(event) => setWanted(event.currentTarget.value)}
        />
      )}
      <ul>
        {shown.map((one) => (
          <li key={one.id}>
            <Checkbox
              size="xs"
              disabled={full}
              checked={ticked.includes(one.id)}
              onChange={() => onToggle(one.id)}
              label={
                <>
                  <Chip chip={one.chip} /> {one.name}
                </>
              }
            />
          </li>
        ))}
      </ul>
      {found.length > shown.length && <p className="dim">{found.length - shown.length} more: type to find them</p>}
    </>
  );
}
