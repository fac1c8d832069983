import { Button } from '@mantine/core';
import { Link } from 'react-router';
import { useRuns } from '../api/listQueries';
import type { RunBrief } from '../api/types';
import { Failed } from '../parts/Failed';
import { PageTitle } from '../parts/PageTitle';
import table from '../parts/table.module.css';
import { useLongList } from '../parts/useLongList';
import { Waiting } from '../parts/Waiting';
import { clock, day } from '../units/units';

/** All runs, the latest first. */
export function Runs() {
  const runs = useRuns();
  if (runs.isError) return <Failed error={runs.error} retry={() => void runs.refetch()} />;
  if (runs.data === undefined) return <Waiting />;
  const all = runs.data.pages.flatMap((page) => page.runs);
  const more = runs.hasNextPage && !runs.isFetching ? () => void runs.fetchNextPage() : undefined;
  return (
    <div className="page">
      <div className="page-head">
        <PageTitle of="Runs" />
        <h1>Runs</h1>
        <span className="spacer" />
        {all.length > 0 && (
          <Button component={Link} to="/runs/new">
            Plan a run
          </Button>
        )}
      </div>
      {all.length === 0 ? (
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
            <Lines runs={all} more={more} />
          </table>
        </div>
      )}
    </div>
  );
}

const LINE_PX = 41;
const lineHeight = () => LINE_PX;

/** The lines in sight, with the room of the others. */
function Lines({ runs, more }: { runs: RunBrief[]; more: (() => void) | undefined }) {
  const { list, first, end, before, after, measure } = useLongList<HTMLTableSectionElement>({
    count: runs.length,
    height: lineHeight,
    more,
  });
  return (
    <tbody ref={list}>
      {before > 0 && (
        <tr>
          <td colSpan={7} className={table.room} style={{ height: before }} />
        </tr>
      )}
      {runs.slice(first, end).map((run, i) => (
        <tr key={run.id} ref={measure} data-index={first + i}>
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
      {after > 0 && (
        <tr>
          <td colSpan={7} className={table.room} style={{ height: after }} />
        </tr>
      )}
    </tbody>
  );
}
