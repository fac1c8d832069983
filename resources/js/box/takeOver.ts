import type { IDBPDatabase } from 'idb';
import type { BenchEvent } from '../api/types';
import type { LeftEdits, Schema } from './store';

const BOX = 'hawkbrush-bench-';
const EDITS = 'hawkbrush-edits-';

/** Moves what an older page of Hawkbrush had kept to where it is kept now. */
export async function takeOver(db: IDBPDatabase<Schema>, keys: string[]): Promise<void> {
  for (const key of keys) {
    const old = JSON.parse(localStorage.getItem(key) ?? 'null');
    if (key.startsWith(BOX)) {
      const kept = db.transaction('entries', 'readwrite');
      for (const event of (old ?? []) as BenchEvent[])
        void kept.store.add({ run: key.slice(BOX.length), event, about: event.type });
      await kept.done;
    } else if (old !== null) await db.put('edits', old as LeftEdits, key.slice(EDITS.length));
    localStorage.removeItem(key);
  }
}
