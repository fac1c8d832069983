import { Button, TextInput } from '@mantine/core';
import { useCallback, useState } from 'react';
import { Link } from 'react-router';
import { useBaits } from '../api/listQueries';
import { useBodies, useShelfTexture } from '../api/queries';
import type { BaitBrief, Body } from '../api/types';
import { fromAddress, useInAddress } from '../parts/address';
import { Failed } from '../parts/Failed';
import lying from '../parts/lying.module.css';
import { PageTitle } from '../parts/PageTitle';
import { useLongList } from '../parts/useLongList';
import { useTyped } from '../parts/useTyped';
import { Waiting } from '../parts/Waiting';
import { KeptPhoto } from '../stage/KeptPhoto';
import { WideBait } from '../stage/WideBait';
import { day } from '../units/units';
import classes from './log.module.css';

const HEAD_PX = 44;
const ROW_PX = 200;
/** Up to four baits lie in one row. */
const columnsOf = (baits: number) => (baits < 2 ? 1 : baits <= 4 ? baits : baits <= 6 ? 3 : 4);
/** A bait's picture, of its width. */
const TALL = 0.36;

/** Finished baits, the latest first, by their runs. */
export function Log() {
  const [wanted, setWanted] = useState(() => fromAddress('q'));
  const sought = useTyped(wanted);
  useInAddress({ q: sought });
  const baits = useBaits(sought);
  const bodies = useBodies().data;
  if (baits.isError) return <Failed error={baits.error} retry={() => void baits.refetch()} />;
  if (baits.data === undefined || bodies === undefined) return <Waiting />;
  const found = baits.data.pages.flatMap((page) => page.baits);
  const more = baits.hasNextPage && !baits.isFetching ? () => void baits.fetchNextPage() : undefined;
  return (
    <div className="page">
      <div className="page-head">
        <PageTitle of="Log" />
        <h1>Log</h1>
        <span className="dim">finished baits, the latest first</span>
      </div>
      {found.length === 0 && sought === '' ? (
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
            value={wanted}
            onChange={(event) => setWanted(event.currentTarget.value)}
          />
          <Runs runs={byRun(found)} bodies={bodies} more={more} />
          {found.length === 0 && <p role="status">No bait found.</p>}
        </>
      )}
    </div>
  );
}

interface RunsProps {
  runs: [number, BaitBrief[]][];
  bodies: Body[];
  more: (() => void) | undefined;
}

/** Baits by their runs; of years of them only the runs in sight are there. */
function Runs({ runs, bodies, more }: RunsProps) {
  const height = useCallback(
    (row: number) => {
      const baits = runs[row]?.[1].length ?? 0;
      return HEAD_PX + ROW_PX * Math.ceil(baits / columnsOf(baits));
    },
    [runs],
  );
  const { list, first, end, before, after, measure } = useLongList<HTMLDivElement>({
    count: runs.length,
    height,
    more,
  });
  return (
    <div ref={list} style={{ paddingTop: before, paddingBottom: after }}>
      {runs.slice(first, end).map(([run, ofRun], i) => (
        <section key={run} aria-label={`Run ${run}`} ref={measure} data-index={first + i} className={classes.ofRun}>
          <h2 className={classes.run}>
            Run {run} {ofRun[0] !== undefined && <span className="dim">{ofWhat(ofRun[0])}</span>}
          </h2>
          <ul
            className={`${lying.lying} ${ofRun.length === 1 ? lying.alone : ''} on-stage`}
            style={{ '--columns': columnsOf(ofRun.length) }}
          >
            {ofRun.map((bait) => (
              <Line key={bait.id} bait={bait} body={bodies.find((b) => b.id === bait.version.body_id)} />
            ))}
          </ul>
        </section>
      ))}
    </div>
  );
}

/** The latest run first, as the baits come. */
function byRun(baits: BaitBrief[]): [number, BaitBrief[]][] {
  const runs = new Map<number, BaitBrief[]>();
  for (const bait of baits) runs.set(bait.run.number, [...(runs.get(bait.run.number) ?? []), bait]);
  return [...runs];
}

function Line({ bait, body }: { bait: BaitBrief; body: Body | undefined }) {
  const texture = useShelfTexture(bait.version.id, 0, true).data;
  const told = [
    `bait ${bait.position} of ${bait.run.baits}`,
    bait.version.fitted ? `fitted to ${bait.version.body}` : '',
    ...bait.notes,
  ].filter(Boolean);
  return (
    <li>
      <Link to={`/log/${bait.id}`}>
        <span className={lying.pictures}>
          {bait.photo_id !== null && (
            <span className={classes.photo}>
              <KeptPhoto src={`/api/v1/photos/${bait.photo_id}`} alt={`${bait.label}, photographed`} />
            </span>
          )}
          <WideBait
            body={body}
            texture={texture}
            tall={bait.photo_id === null ? TALL : 2 * TALL}
            label={`${bait.label}, as planned`}
          />
        </span>
        <span>
          <b>{bait.label}</b> {bait.proven && bait.rejected === null && <span className="seal">Proven</span>}{' '}
          <span className="visually-hidden">{bait.pattern.name}, </span>
          {told.join(' · ')}
          {bait.rejected !== null && (
            <>
              <br />
              <strong>Rejected: {bait.rejected}</strong>
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

/** Of which pattern the baits of a run are, and when they were finished. */
function ofWhat({ pattern, version, finished_at }: BaitBrief): string {
  return [pattern.name, `version ${version.number}`, finished_at === null ? '' : day(finished_at)]
    .filter(Boolean)
    .join(' · ');
}
