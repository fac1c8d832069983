import { Button } from '@mantine/core';
import { Link, Navigate } from 'react-router';
import { useRuns } from '../api/queries';
import { Failed } from '../parts/Failed';
import layout from '../parts/layout.module.css';
import { PageTitle } from '../parts/PageTitle';
import { Waiting } from '../parts/Waiting';

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
        <ul className={layout.listed}>
          {open.map((run) => (
            <li key={run.id}>
              <Link className="link" to={`/bench/${run.id}`}>
                Run {run.number}: {run.pattern.name}, {run.bait_count} baits
              </Link>
            </li>
          ))}
        </ul>
      )}
    </div>
  );
}
