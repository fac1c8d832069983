import { Button } from '@mantine/core';
import { Link } from 'react-router';
import { useBaits, useBodies, useShelfTexture } from '../api/queries';
import type { BaitBrief, Body } from '../api/types';
import { Failed } from '../parts/Failed';
import { PageTitle } from '../parts/PageTitle';
import { Waiting } from '../parts/Waiting';
import { BaitPicture } from '../stage/BaitPicture';
import { day } from '../units/units';
import classes from './log.module.css';

const EYE = { diameterMm: 5, iris: '#d8a040', pupil: 'round' };

/** Finished baits, the latest first, lying on grey to one scale. */
export function Log() {
  const baits = useBaits();
  const bodies = useBodies().data;
  if (baits.isError) return <Failed error={baits.error} retry={() => void baits.refetch()} />;
  if (baits.data === undefined || bodies === undefined) return <Waiting />;
  return (
    <div className="page">
      <div className="page-head">
        <PageTitle of="Log" />
        <h1>Log</h1>
        <span className="dim">{baits.data.length} finished baits</span>
      </div>
      {baits.data.length === 0 ? (
        <div className="empty">
          <h2>No bait is finished yet</h2>
          <p>
            When a run ends at the bench, its baits come here under their numbers, with what was planned and what was
            done.
          </p>
          <Button component={Link} to="/bench">
            To the bench
          </Button>
        </div>
      ) : (
        <ul className={`${classes.log} on-stage`}>
          {baits.data.map((bait) => (
            <Line key={bait.id} bait={bait} body={bodies.find((b) => b.id === bait.version.body_id)} />
          ))}
        </ul>
      )}
    </div>
  );
}

function Line({ bait, body }: { bait: BaitBrief; body: Body | undefined }) {
  const texture = useShelfTexture(bait.version.id, 0, true).data;
  return (
    <li>
      <Link to={`/log/${bait.id}`}>
        {body !== undefined && (
          <BaitPicture
            body={body}
            texture={texture}
            view="left"
            width={190}
            height={74}
            label={`${bait.label}, as planned`}
            eye={EYE}
          />
        )}
        <span>
          <b>{bait.label}</b> {bait.proven && <span className="seal">Proven</span>}
          <br />
          {bait.pattern.name}, version {bait.version.number}
          {bait.version.fitted ? ` fitted to ${bait.version.body}` : ''} · run {bait.run.number}, bait {bait.position}{' '}
          of {bait.run.baits}
          {bait.finished_at === null ? '' : ` · ${day(bait.finished_at)}`}
          {bait.lesson !== '' && (
            <>
              <br />
              <em>{bait.lesson}</em>
            </>
          )}
        </span>
      </Link>
    </li>
  );
}
