import { Button } from '@mantine/core';
import { Link } from 'react-router';
import { useRuns } from '../api/queries';
import { Failed } from '../parts/Failed';
import { PageTitle } from '../parts/PageTitle';
import table from '../parts/table.module.css';
import { Waiting } from '../parts/Waiting';
import { clock, day } from '../units/units';

/** All runs, the latest first. */
export function Runs() {
  const runs = useRuns();
  if (runs.isError) return <Failed error={runs.error} retry={() => void runs.refetch()} />;
  if (runs.data === undefined) return <Waiting />;
  return (
    <div className="page">
      <div className="page-head">
        <PageTitle of="Runs" />
        <h1>Runs</h1>
        <span className="spacer" />
        {runs.data.length > 0 && (
          <Button component={Link} to="/runs/new">
            Plan a run
          </Button>
        )}
      </div>
      {runs.data.length === 0 ? (
        <div className="empty">
          <h2>Nothing is planned</h2>
          <p>
            A run turns a pattern, a body, a number of baits and today’s room into drops, waits and a timed order of
            work.
          </p>
          <Button component={Link} to="/runs/new">
            Plan the first run
          </Button>
        </div>
      ) : (
        <div className={table.scroll}>
          <table className={table.table}>
            <thead>
              <tr>
                <th>Run</th>
                <th>Pattern</th>
                <th>Body</th>
                <th className={table.num}>Baits</th>
                <th>State</th>
                <th>Starts</th>
                <th>
                  <span className="visually-hidden">Go on</span>
                </th>
              </tr>
            </thead>
            <tbody>
              {runs.data.map((run) => (
                <tr key={run.id}>
                  <td>
                    <Link className="link" to={`/runs/${run.id}`}>
                      Run {run.number}
                    </Link>
                  </td>
                  <td>
                    {run.pattern.name},{' '}
                    <Link className="link" to={`/patterns/${run.pattern.id}/versions/${run.version.id}`}>
                      version {run.version.number}
                      {run.version.fitted ? ', fitted' : ''}
                    </Link>
                    {run.repeat_of === null ? '' : `, repeats ${run.repeat_of.label}`}
                  </td>
                  <td>{run.body}</td>
                  <td className={table.num}>{run.bait_count}</td>
                  <td>{run.state}</td>
                  <td>
                    {day(run.started_at ?? run.starts_at)} {clock(run.started_at ?? run.starts_at)}
                  </td>
                  <td>
                    {run.state === 'at the bench' && (
                      <Link className="link" to={`/bench/${run.id}`}>
                        To the bench
                      </Link>
                    )}
                  </td>
                </tr>
              ))}
            </tbody>
          </table>
        </div>
      )}
    </div>
  );
}
