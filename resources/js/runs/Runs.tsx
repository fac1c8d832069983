import { Button } from '@mantine/core';
import { Link } from 'react-router';
import { useRuns } from '../api/listQueries';
import { useBodies, useShelfTexture } from '../api/queries';
import type { Body, RunBrief } from '../api/types';
import { Failed } from '../parts/Failed';
import { PageTitle } from '../parts/PageTitle';
import { standing } from '../parts/standing';
import { useLongList } from '../parts/useLongList';
import { Waiting } from '../parts/Waiting';
import { WideBait } from '../stage/WideBait';
import { clock, counted, day } from '../units/units';
import classes from './runs.module.css';

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
        <Lines runs={all} more={more} />
      )}
    </div>
  );
}

const LINE_PX = 122;
const lineHeight = () => LINE_PX;

/** The runs in sight, with the room of the others. */
function Lines({ runs, more }: { runs: RunBrief[]; more: (() => void) | undefined }) {
  const bodies = useBodies().data;
  const { list, first, end, before, after, measure } = useLongList<HTMLUListElement>({
    count: runs.length,
    height: lineHeight,
    more,
  });
  return (
    <ul ref={list} className={`${classes.runs} on-stage`} style={{ paddingTop: before, paddingBottom: after }}>
      {runs.slice(first, end).map((run, i) => (
        <li key={run.id} ref={measure} data-index={first + i}>
          <Line run={run} body={bodies?.find((body) => body.id === run.body_id)} />
        </li>
      ))}
    </ul>
  );
}

function Line({ run, body }: { run: RunBrief; body: Body | undefined }) {
  const texture = useShelfTexture(run.version.id, 0, true).data;
  const at = run.started_at ?? run.starts_at;
  return (
    <>
      <WideBait body={body} texture={texture} tall={0.38} label={`${run.pattern.name}, as planned`} />
      <span>
        <Link className={classes.runName} to={`/runs/${run.id}`}>
          Run {run.number}
        </Link>
        <b>{run.pattern.name}</b>
        <br />
        {counted(run.bait_count, 'bait')} on {run.body} ·{' '}
        <Link to={`/patterns/${run.pattern.id}/versions/${run.version.id}`}>
          version {run.version.number}
          {run.version.fitted ? ', fitted' : ''}
        </Link>
        {run.repeat_of === null ? '' : ` · repeats ${run.repeat_of.label}`}
      </span>
      <span>
        <b>{STATES[run.state]}</b>
        <br />
        {run.state === 'finished' && run.finished_at !== null ? (
          `${day(run.finished_at)} ${clock(run.finished_at)}`
        ) : (
          <>
            {run.state === 'planned' ? 'starts' : 'since'} {day(at)} {clock(at)}
          </>
        )}
        {run.stands !== null && (
          <>
            <br />
            {standing(run.stands)}
          </>
        )}
      </span>
      {run.state === 'at the bench' && (
        <Button component={Link} to={`/bench/${run.id}`}>
          To the bench
        </Button>
      )}
    </>
  );
}

const STATES = { planned: 'Planned', 'at the bench': 'At the bench', finished: 'Finished' };
