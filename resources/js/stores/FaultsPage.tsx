import { TextInput } from '@mantine/core';
import { useState } from 'react';
import { useFaults } from '../api/shopQueries';
import { CausesInOrder } from '../parts/CausesInOrder';
import { DropsOnPaper } from '../parts/DropsOnPaper';
import { Failed } from '../parts/Failed';
import layout from '../parts/layout.module.css';
import { PageTitle } from '../parts/PageTitle';
import { Waiting } from '../parts/Waiting';
import { counted } from '../units/units';
import '../parts/controls';
import classes from './faults.module.css';

/** What goes wrong while spraying, to look up: what it looks like, and what to try first. */
export function FaultsPage() {
  const faults = useFaults();
  const [wanted, setWanted] = useState('');
  if (faults.isError) return <Failed error={faults.error} retry={() => void faults.refetch()} />;
  if (faults.data === undefined) return <Waiting />;
  const { sheet, causes } = faults.data;
  const tries = new Map(causes.map((one) => [one.name, one.try]));
  const sought = wanted.trim().toLowerCase();
  const shown = faults.data.faults.filter((fault) =>
    [fault.name, fault.looks, ...fault.causes.flatMap((one) => [one.cause, tries.get(one.cause) ?? ''])].some((text) =>
      text.toLowerCase().includes(sought),
    ),
  );
  return (
    <section aria-label="Faults">
      <div className="page-head">
        <PageTitle of="Faults" />
        <h1>When something is wrong</h1>
        <span className="dim">
          causes in the order to try for an ordinary coat; at the bench, for the step with its figures
        </span>
      </div>
      <div className={layout.sieve}>
        <TextInput
          type="search"
          size="xs"
          aria-label="Search by what is seen or what to try"
          placeholder="Search"
          value={wanted}
          onChange={(event) => setWanted(event.currentTarget.value)}
        />
        <span className="dim" role="status">
          {shown.length} of {faults.data.faults.length}
        </span>
      </div>
      <ul className={classes.faults}>
        {shown.map((fault) => (
          <li key={fault.name}>
            <DropsOnPaper drops={fault.drops} {...sheet} label={`${fault.name}: ${fault.looks}`} />
            <div>
              <h2>{fault.name}</h2>
              <p>{fault.looks}</p>
              <CausesInOrder causes={fault.causes} tries={tries} />
              {fault.helped > 0 && (
                <p className="dim">What helped here counts: {counted(fault.helped, 'time')} so far.</p>
              )}
            </div>
          </li>
        ))}
      </ul>
      {shown.length === 0 && <p className="dim">Nothing found.</p>}
    </section>
  );
}
