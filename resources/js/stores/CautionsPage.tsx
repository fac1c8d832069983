import { Button } from '@mantine/core';
import { useCautions } from '../api/shopQueries';
import { Failed } from '../parts/Failed';
import { PageTitle } from '../parts/PageTitle';
import { Waiting } from '../parts/Waiting';
import classes from './cautions.module.css';

/** All that can hurt at this work, in one place, to hang beside the bench. */
export function CautionsPage() {
  const cautions = useCautions();
  if (cautions.isError) return <Failed error={cautions.error} retry={() => void cautions.refetch()} />;
  if (cautions.data === undefined) return <Waiting />;
  return (
    <section aria-label="Cautions">
      <div className="page-head">
        <PageTitle of="Cautions" />
        <h1>What can hurt</h1>
        <span className="dim">the usual protection; the product’s own sheet goes first</span>
        <span className="spacer" />
        <Button className="no-print" onClick={() => window.print()}>
          Print
        </Button>
      </div>
      <ul className={classes.hazards}>
        {cautions.data.hazards.map((hazard) => (
          <li key={hazard.name}>
            <h2>{hazard.name}</h2>
            <p>{hazard.hurts}</p>
            <p>
              <b>{hazard.caution}</b>
            </p>
            {hazard.never !== null && <p className={classes.never}>{hazard.never}</p>}
          </li>
        ))}
      </ul>
      <p>{cautions.data.last}</p>
    </section>
  );
}
