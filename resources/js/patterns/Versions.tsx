import { Link } from 'react-router';
import { useVersions } from '../api/queries';
import type { VersionBrief } from '../api/types';
import { counted, day } from '../units/units';
import classes from './sheet.module.css';

/** A version as one calls it, with where it comes from. */
export function versionWords(version: { number: number; note: string }): string {
  return `version ${version.number}${version.note === '' ? '' : ` (${version.note})`}`;
}

/** All versions of a pattern, the newest first, with the copies that were fitted for runs. */
export function Versions({ pattern, open }: { pattern: string; open: string }) {
  const versions = useVersions(pattern, true).data;
  if (versions === undefined) return <p role="status">One moment …</p>;
  return (
    <ul className={classes.versions} aria-label="Versions">
      {versions.map((version) => (
        <li key={version.id}>
          {version.id === open ? (
            <b>{versionWords(version)}</b>
          ) : (
            <Link className="link" to={`/patterns/${pattern}/versions/${version.id}`}>
              {versionWords(version)}
            </Link>
          )}
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
        </li>
      ))}
    </ul>
  );
}

function stateWords(version: VersionBrief): string {
  if (version.proven_at !== null) return `proven on ${counted(version.proven_baits, 'bait')}`;
  if (version.painted_at !== null) return `painted ${day(version.painted_at)}`;
  return version.fitted ? 'planned for a run' : 'being worked on';
}
