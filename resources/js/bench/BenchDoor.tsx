import { Button } from '@mantine/core';
import { Link, Navigate } from 'react-router';
import { useRuns } from '../api/queries';
import { Failed } from '../parts/Failed';
import { PageTitle } from '../parts/PageTitle';
import { Waiting } from '../parts/Waiting';
import { counted } from '../units/units';
import classes from './door.module.css';

/** Leads to the run on the clamps; asks which when there are several. */
export function BenchDoor() {
  const runs = useRuns();
  if (runs.isError) return <Failed error={runs.error} retry={() => void runs.refetch()} />;
  if (runs.data === undefined) return <Waiting />;
  const open = runs.data.filter((run) => run.state === 'at the bench');
  if (open.length === 1) return <Navigate to={`/bench/${open[0]?.id}`} replace />;
  return (
    <div className="page">
      <div className="page-head">
        <PageTitle of="Bench" />
        <h1>Bench</h1>
      </div>
      {open.length === 0 ? (
        <div className="empty">
          <h2>Nothing on the clamps</h2>
          <p>
            Plan a run and start it; the bench then leads through it one step at a time, and stays where it was through
            a reload.
          </p>
          <Button component={Link} to="/runs/new">
            Plan a run
          </Button>
        </div>
      ) : (
        <ul className={classes.which}>
          {open.map((run) => (
            <li key={run.id}>
              <Button
                component={Link}
                to={`/bench/${run.id}`}
                variant="default"
                size="lg"
                fullWidth
                justify="flex-start"
              >
                Run {run.number}: {run.pattern.name}, {counted(run.bait_count, 'bait')}
              </Button>
            </li>
          ))}
        </ul>
      )}
    </div>
  );
}
