import { type DBSchema, type IDBPDatabase, openDB } from 'idb';
import type { BenchEvent, BenchRecord, Change } from '../api/types';

/** Something done at the bench that the server does not have yet. */
export interface Entry {
  /** Its place among all entries of this browser, whichever tab they came from; none while it is held in the page only. */
  seq?: number;
  run: string;
  event: BenchEvent;
  /** What it is, in words, for whoever looks at it later. */
  about: string;
  /** Goes to the server before its event does. */
  photo?: Blob;
  /** Why the server would not take it; it is set aside then. */
  refused?: string;
}

/** Edits of a pattern that the server does not have yet, as one window left them. */
export interface LeftEdits {
  /** Whether they met another's change: then they are asked about before they are sent. */
  ask: boolean;
  changes: { key: string; extends?: string; change: Change }[];
}

export interface Schema extends DBSchema {
  entries: { key: number; value: Entry };
  /** By pattern and window. */
  edits: { key: string; value: LeftEdits };
  /** The record of a run as the server gave it last, for when it cannot be asked. */
  records: { key: string; value: BenchRecord };
}

/** Begins what an older page of Hawkbrush kept elsewhere. */
const OLD = /^hawkbrush-(bench|edits)-/;

let opened: Promise<IDBPDatabase<Schema>> | null = null;

function database(): Promise<IDBPDatabase<Schema>> {
  opened ??= open();
  opened.catch(() => {
    opened = null;
  });
  return opened;
}

async function open(): Promise<IDBPDatabase<Schema>> {
  const db = await new Promise<IDBPDatabase<Schema>>((found, fail) => {
    openDB<Schema>('hawkbrush', 2, {
      upgrade(made, from) {
        if (from < 1) {
          made.createObjectStore('entries', { keyPath: 'seq', autoIncrement: true });
          made.createObjectStore('records');
        }
        made.createObjectStore('edits');
      },
      // A page of an older Hawkbrush holds it as it was; until that is closed, this one keeps nothing here and says so.
      blocked: () => fail(new Error('Another page of an older Hawkbrush is open.')),
      blocking(_from, _to, event) {
        (event.target as IDBDatabase).close();
        opened = null;
      },
      terminated() {
        opened = null;
      },
    }).then(found, fail);
  });
  const old = Object.keys(localStorage).filter((key) => OLD.test(key));
  if (old.length > 0) await (await import('./takeOver')).takeOver(db, old);
  return db;
}

export async function allEntries(): Promise<Entry[]> {
  return (await database()).getAll('entries');
}

/** All of them or none; fails when the browser gives no room. */
export async function putEntries(entries: Entry[]): Promise<void> {
  const adding = (await database()).transaction('entries', 'readwrite', { durability: 'strict' });
  await Promise.all([...entries.map((entry) => adding.store.put(entry)), adding.done]);
}

export async function dropEntries(seqs: number[]): Promise<void> {
  const dropping = (await database()).transaction('entries', 'readwrite');
  await Promise.all([...seqs.map((seq) => dropping.store.delete(seq)), dropping.done]);
}

export async function keepRecord(run: string, record: BenchRecord): Promise<void> {
  await (await database()).put('records', record, run);
}

export async function keptRecord(run: string): Promise<BenchRecord | undefined> {
  return (await database()).get('records', run);
}

/** Keeps what a window has not sent of a pattern in place of what it kept before. */
export async function keepEdits(pattern: string, window: string, left: LeftEdits): Promise<void> {
  const db = await database();
  const place = `${pattern}-${window}`;
  await (left.changes.length === 0 ? db.delete('edits', place) : db.put('edits', left, place));
}

/** Moves what all windows have left of a pattern to this one, all of it or nothing. */
export async function takeEdits(pattern: string, window: string): Promise<LeftEdits> {
  const taking = (await database()).transaction('edits', 'readwrite');
  const places = IDBKeyRange.bound(`${pattern}-`, `${pattern}-\uffff`);
  const left = await taking.store.getAll(places);
  const all = { ask: left.some((one) => one.ask), changes: left.flatMap((one) => one.changes) };
  await taking.store.delete(places);
  if (all.changes.length > 0) await taking.store.put(all, `${pattern}-${window}`);
  await taking.done;
  return all;
}
