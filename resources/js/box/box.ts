import { api, ask, Problem, photograph, Unreachable, words } from '../api/client';
import type { BenchEvent, BenchRecord } from '../api/types';
import { allEntries, dropEntries, type Entry, keepRecord, putEntries } from './store';

const TRY_AGAIN_MS = 4000;
const MOST_AT_ONCE = 50;

interface BoxState {
  /** In the order in which they were done. */
  waiting: Entry[];
  /** What the server would not take. */
  aside: Entry[];
  /** Why sending has stopped for now. */
  trouble: string | null;
  /** Why nothing can be kept in this browser; what is done is held in the page then. */
  unkept: string | null;
}

/**
 * What is done at the bench goes into a box on this device first and to the server from there, in its order, from
 * whichever page is open. All tabs share one box: each entry is added and dropped by itself, and one tab at a time sends.
 */
class Box {
  state: BoxState = { waiting: [], aside: [], trouble: null, unkept: null };
  /** Called with the record that the server answered with. */
  onRecord: (run: string, record: BenchRecord) => void = () => {};

  /** Called with a run that refused something. */
  onRefused: (run: string) => void = () => {};

  private kept: Entry[] = [];
  private held: Entry[] = [];
  private unkept: string | null = null;
  private trouble: string | null = null;
  private sending = false;
  private again = false;
  private timer: ReturnType<typeof setTimeout> | undefined;
  private readonly listeners = new Set<() => void>();
  private readonly tabs = typeof BroadcastChannel === 'undefined' ? null : new BroadcastChannel('hawkbrush-box');

  constructor() {
    if (this.tabs !== null) this.tabs.onmessage = () => void this.load();
    window.addEventListener('online', () => void this.flush());
    window.addEventListener('beforeunload', (event) => {
      if (this.held.length > 0) event.preventDefault();
    });
    void this.load().then(() => this.flush());
  }

  subscribe = (listener: () => void) => {
    this.listeners.add(listener);
    return () => this.listeners.delete(listener);
  };

  /** Counts at once; whether it could be kept is seen in the state. */
  async add(entries: Entry[]): Promise<void> {
    this.held = [...this.held, ...entries];
    this.publish();
    await this.keep(entries);
    await this.flush();
  }

  /** Sends an entry that was set aside once more. */
  async sendAgain(entry: Entry): Promise<void> {
    await this.change(entry, { ...entry, refused: undefined });
    await this.flush();
  }

  /** What it said is kept as a note of its step, which a finished run takes too. */
  async asNote(entry: Entry): Promise<void> {
    const { id, step, bait, at } = entry.event;
    const event: BenchEvent = { id: `${id}-n`, type: 'note', step, bait, at, data: { text: entry.about } };
    await this.change(entry, { ...entry, event, photo: undefined, refused: undefined });
    await this.flush();
  }

  async letGo(entry: Entry): Promise<void> {
    this.held = this.held.filter((one) => one !== entry);
    if (entry.seq !== undefined) await dropEntries([entry.seq]);
    await this.changed();
  }

  private async keep(entries: Entry[]): Promise<void> {
    try {
      await putEntries(entries);
      this.held = this.held.filter((entry) => !entries.includes(entry));
      this.unkept = null;
      await this.changed();
    } catch (error) {
      this.unkept = error instanceof DOMException && error.name === 'QuotaExceededError' ? 'full' : 'blocked';
      this.publish();
    }
  }

  private async change(entry: Entry, to: Entry): Promise<void> {
    if (entry.seq === undefined) this.held = this.held.map((one) => (one === entry ? to : one));
    else await putEntries([to]);
    await this.changed();
  }

  private async changed(): Promise<void> {
    await this.load();
    this.tabs?.postMessage('changed');
  }

  private async load(): Promise<void> {
    try {
      this.kept = await allEntries();
    } catch {
      this.unkept ??= 'blocked';
    }
    this.publish();
  }

  private publish(): void {
    const all = [...this.kept, ...this.held];
    this.state = {
      waiting: all.filter((entry) => entry.refused === undefined),
      aside: all.filter((entry) => entry.refused !== undefined),
      trouble: this.trouble,
      unkept: this.unkept,
    };
    for (const listener of this.listeners) listener();
  }

  /** Sends what waits; what is added meanwhile goes out with it. */
  async flush(): Promise<void> {
    this.again = true;
    if (this.sending) return;
    this.sending = true;
    try {
      while (this.again) {
        this.again = false;
        await alone(() => this.sendAll());
      }
    } finally {
      this.sending = false;
    }
    clearTimeout(this.timer);
    if (this.state.waiting.length > 0) this.timer = setTimeout(() => void this.flush(), TRY_AGAIN_MS);
  }

  private async sendAll(): Promise<void> {
    // Another tab may have sent some of it meanwhile.
    await this.load();
    let most = MOST_AT_ONCE;
    while (this.state.waiting.length > 0) {
      const batch = firstOfOneKind(this.state.waiting, most);
      try {
        await this.send(batch);
        this.trouble = null;
      } catch (error) {
        if (error instanceof Problem && error.status < 500) {
          const at = Number(/^\/events\/(\d+)/.exec(error.document?.errors?.[0]?.pointer ?? '')?.[1] ?? -1);
          if (batch.length === 1) await this.setAside(batch[0], words(error));
          else if (batch[at] !== undefined) await this.setAside(batch[at], words(error));
          // It does not say which: they are sent one by one, so that only what is refused is set aside.
          else most = 1;
        } else {
          this.trouble = error instanceof Unreachable ? 'Hawkbrush does not answer.' : words(error);
          this.publish();
          return;
        }
      }
    }
    this.publish();
  }

  private async send(batch: Entry[]): Promise<void> {
    const [first] = batch;
    if (first === undefined) return;
    if (first.photo !== undefined && first.event.type === 'photo') {
      const call = photograph(first.photo, first.event.data.photo_id);
      await ask(api.POST('/runs/{id}/photos', { params: { path: { id: first.run } }, ...call }));
    }
    const record = await ask(
      api.POST('/runs/{id}/events', {
        params: { path: { id: first.run } },
        body: { events: batch.map((e) => e.event) },
      }),
    );
    await keepRecord(first.run, record).catch(() => {});
    this.onRecord(first.run, record);
    this.held = this.held.filter((entry) => !batch.includes(entry));
    await dropEntries(batch.flatMap((entry) => entry.seq ?? [])).catch(() => {});
    await this.changed();
  }

  private async setAside(entry: Entry | undefined, why: string): Promise<void> {
    if (entry === undefined) return;
    await this.change(entry, { ...entry, refused: why });
    this.onRefused(entry.run);
  }
}

/** The first entries that go to one run in one request. A photograph goes alone. */
function firstOfOneKind(entries: Entry[], most: number): Entry[] {
  const [first] = entries;
  if (first === undefined || first.photo !== undefined) return entries.slice(0, 1);
  const end = entries.findIndex((entry) => entry.run !== first.run || entry.photo !== undefined);
  return entries.slice(0, Math.min(most, end < 0 ? entries.length : end));
}

/** One tab at a time; where browsers give no locks, the server still keeps each entry once. */
async function alone(work: () => Promise<void>): Promise<void> {
  if (navigator.locks === undefined) await work();
  else await navigator.locks.request('hawkbrush-box', work);
}

export const box = new Box();
