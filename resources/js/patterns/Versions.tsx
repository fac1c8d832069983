import { Anchor } from '@mantine/core';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import { api, ask } from '../api/client';
import { useSettings, useVersions } from '../api/queries';
import type { Settings, VersionListed } from '../api/types';
import { listedChange } from '../ladder/words';
import { counted, day } from '../units/units';
import classes from './sheet.module.css';

/** A version as one calls it, with where it comes from. */
export function versionWords(version: { number: number; note: string }): string {
  return `version ${version.number}${version.note === '' ? '' : ` (${version.note})`}`;
}

/** All versions of a pattern, the newest first, with the copies that were fitted for runs, and what changed between them. */
export function Versions({ pattern, open }: { pattern: string; open: string }) {
  const versions = useVersions(pattern, true).data;
  const settings = useSettings().data;
  if (versions === undefined || settings === undefined) return <p role="status">One moment …</p>;
  return (
    <ul className={classes.versions} aria-label="Versions">
      {versions.map((version) => (
        <Listed key={version.id} pattern={pattern} version={version} open={open} settings={settings} />
      ))}
    </ul>
  );
}

function Listed(props: { pattern: string; version: VersionListed; open: string; settings: Settings }) {
  const { pattern, version, open, settings } = props;
  const [compared, setCompared] = useState(false);
  const here = version.id === open;
  const changes = [
    ...(version.body_was === null ? [] : [`${version.body_was} → ${version.body.name}`]),
    ...version.changes.map((change) => listedChange(change, settings)),
  ];
  return (
    <li>
      {here ? (
        <b>{versionWords(version)}</b>
      ) : (
        <Link className="link" to={`/patterns/${pattern}/versions/${version.id}`}>
          {versionWords(version)}
        </Link>
      )}{' '}
      {version.proven_at !== null && <span className="seal">Proven</span>}
      <br />
      {version.body.name} · {counted(version.steps, 'step')} · {stateWords(version)}
      {version.steps > 0 && (
        <>
          {' · '}
          <Link className="link" to={`/runs/new?version=${version.id}`}>
            paint it
          </Link>
        </>
      )}
      {!here && (
        <>
          {' · '}
          <Anchor component="button" type="button" aria-expanded={compared} onClick={() => setCompared((now) => !now)}>
            compare
          </Anchor>
        </>
      )}
      {changes.length > 0 && (
        <ul className={classes.versionChanges}>
          {changes.map((change) => (
            <li key={change}>{change}</li>
          ))}
        </ul>
      )}
      {compared && <Compared version={version.id} open={open} />}
    </li>
  );
}

/** How a version looks beside the one that is open, zone by zone. */
function Compared({ version, open }: { version: string; open: string }) {
  const zones = useQuery({
    queryKey: ['beside', open, version],
    queryFn: () => ask(api.GET('/versions/{id}/beside/{other}', { params: { path: { id: open, other: version } } })),
  }).data?.zones;
  if (zones === undefined) return <p role="status">Comparing …</p>;
  const seen = zones.filter((zone) => zone.words !== '');
  return (
    <ul className={classes.versionChanges} aria-label="Beside the one that is open">
      {seen.length === 0 && <li>To the eye it is the same.</li>}
      {seen.map((zone) => (
        <li key={zone.zone} className={classes.versionZone}>
          <span className="chip" aria-hidden="true">
            <i style={{ background: zone.one.hex }} />
            <i style={{ background: zone.other.hex }} />
          </span>
          {zone.zone}: {zone.words}
        </li>
      ))}
    </ul>
  );
}

function stateWords(version: VersionListed): string {
  if (version.proven_at !== null) return `proven on ${counted(version.proven_baits, 'bait')}`;
  if (version.painted_at !== null) return `painted ${day(version.painted_at)}`;
  return version.fitted ? 'planned for a run' : 'being worked on';
}
