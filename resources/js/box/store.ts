import { type DBSchema, type IDBPDatabase, openDB } from 'idb';
import type { BenchEvent, BenchRecord } from '../api/types';

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

interface Schema extends DBSchema {
  entries: { key: number; value: Entry };
  /** The record of a run as the server gave it last, for when it cannot be asked. */
  records: { key: string; value: BenchRecord };
}

const OLD_BOXES = 'hawkbrush-bench-';

let opened: Promise<IDBPDatabase<Schema>> | null = null;

function database(): Promise<IDBPDatabase<Schema>> {
  opened ??= openDB<Schema>('hawkbrush', 1, {
    upgrade(db) {
      db.createObjectStore('entries', { keyPath: 'seq', autoIncrement: true });
      db.createObjectStore('records');
    },
    terminated() {
      opened = null;
    },
  }).then(async (db) => {
    await takeOver(db);
    return db;
  });
  opened.catch(() => {
    opened = null;
  });
  return opened;
}

/** What an older page of Hawkbrush had kept. */
async function takeOver(db: IDBPDatabase<Schema>): Promise<void> {
  for (const key of Object.keys(localStorage).filter((k) => k.startsWith(OLD_BOXES))) {
    const events = JSON.parse(localStorage.getItem(key) ?? '[]') as BenchEvent[];
    const kept = db.transaction('entries', 'readwrite');
    for (const event of events) void kept.store.add({ run: key.slice(OLD_BOXES.length), event, about: event.type });
    await kept.done;
    localStorage.removeItem(key);
  }
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
