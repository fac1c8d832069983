import { Button, TextInput } from '@mantine/core';
import { useState } from 'react';
import { Link } from 'react-router';
import { useBaits, useBodies, useShelfTexture } from '../api/queries';
import type { BaitBrief, Body } from '../api/types';
import { Failed } from '../parts/Failed';
import lying from '../parts/lying.module.css';
import { PageTitle } from '../parts/PageTitle';
import { Waiting } from '../parts/Waiting';
import { BaitPicture } from '../stage/BaitPicture';
import { day } from '../units/units';
import classes from './log.module.css';

/** Finished baits, the latest first, lying on grey to one scale. */
export function Log() {
  const baits = useBaits();
  const [sought, setSought] = useState('');
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
        <>
          <TextInput
            type="search"
            className={classes.seek}
            aria-label="Search by number, pattern, body, run or lesson"
            placeholder="Search"
            value={sought}
            onChange={(event) => setSought(event.currentTarget.value)}
          />
          {byRun(baits.data.filter((bait) => answers(bait, sought))).map(([run, ofRun]) => (
            <section key={run} aria-label={`Run ${run}`}>
              <h2 className={classes.run}>Run {run}</h2>
              <ul className={`${lying.lying} on-stage`}>
                {ofRun.map((bait) => (
                  <Line key={bait.id} bait={bait} body={bodies.find((b) => b.id === bait.version.body_id)} />
                ))}
              </ul>
            </section>
          ))}
          {!baits.data.some((bait) => answers(bait, sought)) && <p role="status">No bait answers to that.</p>}
        </>
      )}
    </div>
  );
}

/** Whether every word sought stands in what is known of a bait. */
function answers(bait: BaitBrief, sought: string): boolean {
  const known =
    `${bait.label} ${bait.pattern.name} ${bait.version.body} run ${bait.run.number} ${bait.lesson} ${bait.notes.join(' ')} ${bait.rejected ?? ''}`.toLowerCase();
  return sought
    .toLowerCase()
    .split(/\s+/)
    .every((word) => known.includes(word));
}

/** The latest run first, as the baits come. */
function byRun(baits: BaitBrief[]): [number, BaitBrief[]][] {
  const runs = new Map<number, BaitBrief[]>();
  for (const bait of baits) runs.set(bait.run.number, [...(runs.get(bait.run.number) ?? []), bait]);
  return [...runs];
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
          />
        )}
        <span>
          <b>{bait.label}</b> {bait.proven && bait.rejected === null && <span className="seal">Proven</span>}
          <br />
          {bait.pattern.name}, version {bait.version.number}
          {bait.version.fitted ? ` fitted to ${bait.version.body}` : ''} · run {bait.run.number}, bait {bait.position}{' '}
          of {bait.run.baits}
          {bait.finished_at === null ? '' : ` · ${day(bait.finished_at)}`}
          {bait.rejected !== null && (
            <>
              <br />
              <b>Rejected: {bait.rejected}</b>
            </>
          )}
          {bait.notes.length > 0 && (
            <>
              <br />
              {bait.notes.join(' · ')}
            </>
          )}
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
