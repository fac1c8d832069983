import type { Bait, Pattern, Sheet, Version } from '../api/types';
import { versionWords } from '../patterns/Versions';
import '../parts/controls';

export interface Painted {
  version: string;
  says: string;
  body: string;
}

/** As typed: a number field that is empty holds no number. */
export interface Fields {
  version_id: string;
  body_id: string;
  baits: number | string;
  air_c: number | string;
  humidity_percent: number | string;
  /** The day, YYYY-MM-DD. */
  starts_on: string;
  /** The time of day, HH:MM; empty while it is not typed to its end. */
  starts_at: string;
}

/** What the form begins with: the version of the bait that is repeated, the one asked for, or that of the first pattern. */
export function starting(
  bait: Bait | undefined,
  asked: Version | undefined,
  itsPattern: Sheet | undefined,
  first: Pattern | undefined,
): Painted | null {
  if (bait !== undefined) return { version: bait.version.id, says: bait.pattern.name, body: bait.version.body_id };
  if (asked !== undefined) {
    const says = `${itsPattern?.pattern.name ?? ''}, ${versionWords(asked)}`;
    return { version: asked.id, says, body: asked.body.id };
  }
  return first === undefined ? null : painted(first);
}

export function painted({ name, version }: Pattern): Painted {
  return { version: version.id, says: `${name}, version ${version.number}`, body: version.body_id };
}

export function localNow(): Pick<Fields, 'starts_on' | 'starts_at'> {
  const now = new Date();
  const local = new Date(now.getTime() - now.getTimezoneOffset() * 60_000).toISOString();
  return { starts_on: local.slice(0, 10), starts_at: local.slice(11, 16) };
}
