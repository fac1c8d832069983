import { api, ask, newId, Problem, words } from '../api/client';
import type { Change, Edited, Look, Version } from '../api/types';
import { keepEdits, takeEdits } from '../box/store';

/** The change, or a function of the version at the time it is sent. */
export type Wanted = Change | 'undo' | 'redo' | ((now: Version) => Change | undefined);

/** An edit that is not with the server yet. */
export interface Waiting {
  key: string;
  /** The edit that the painter was still at: one undo takes both back. */
  extends?: string;
  wanted: Wanted;
  settle: (version: Version | undefined) => void;
}

interface LineState {
  waiting: Waiting[];
  /** Why the line has stopped for now, or what was refused. */
  trouble: string | null;
  /** The version as changed elsewhere. The line waits until the painter decides about the edits. */
  theirs: Version | null;
}

interface Sheet {
  current: () => Version | undefined;
  shown: () => { upto: string | null; look: Look };
  took: (edited: Edited, show: { upto: string | null; look: Look }) => void;
}

const TRY_AGAIN_MS = 3000;
/** Who sets the same fields again within this time is still at the same edit, however long either takes to save. */
const STILL_AT_IT_MS = 1500;

/**
 * The edits of one pattern go out one after the other, each on the revision the one before it made. The line stops at the
 * first that meets another tab's, or no server; nothing in it is let go unasked. What is left when the sheet is closed is
 * kept in the browser and goes out when it is opened again; its key tells the server what it has already.
 */
export class EditLine {
  state: LineState = { waiting: [], trouble: null, theirs: null };
  private busy = false;
  private timer: ReturnType<typeof setTimeout> | undefined;
  private readonly listeners = new Set<() => void>();
  private sheet: Sheet;
  /** Whether the sheet is open; else there is nobody to ask. */
  private open = false;
  /** Its edits are kept in the browser in a place of this window's own. */
  private readonly window = newId();
  private last: { key: string; at: number } | null = null;
  private static readonly lines = new Map<string, EditLine>();

  private constructor(
    private readonly pattern: string,
    sheet: Sheet,
  ) {
    this.sheet = sheet;
  }

  /** The line of a pattern: one, however often its sheet is closed and opened while an edit is on its way. */
  static of(pattern: string, sheet: Sheet): EditLine {
    const line = EditLine.lines.get(pattern) ?? new EditLine(pattern, sheet);
    line.sheet = sheet;
    EditLine.lines.set(pattern, line);
    return line;
  }

  subscribe = (listener: () => void) => {
    this.listeners.add(listener);
    return () => this.listeners.delete(listener);
  };

  /** The sheet is open: edits left unsent earlier are taken up; those that clashed are asked about. */
  async attach(): Promise<void> {
    this.open = true;
    this.go();
    // Where nothing can be kept, nothing was.
    const { ask, changes } = await takeEdits(this.pattern, this.window).catch(() => ({ ask: false, changes: [] }));
    const known = this.state.waiting.map((one) => one.key);
    const left = changes
      .filter(({ key }) => !known.includes(key))
      .map(({ change, ...one }) => ({ ...one, wanted: change, settle: () => {} }));
    if (left.length === 0) return;
    this.set({ waiting: [...left, ...this.state.waiting] });
    if (ask) this.set({ theirs: this.sheet.current() ?? null });
    this.go();
  }

  /** The sheet is closed. What is on its way goes on; what is stuck is kept until it is opened again. */
  detach(): void {
    this.open = false;
    if (this.state.theirs !== null) this.put(true);
    else if (this.state.trouble !== null) this.put();
  }

  send(wanted: Wanted): Promise<Version | undefined> {
    const [key, at, last] = [newId(), performance.now(), this.last];
    this.last = typeof wanted === 'string' ? null : { key, at };
    const still = last !== null && at - last.at < STILL_AT_IT_MS;
    return new Promise((settle) => this.add({ key, extends: still ? last.key : undefined, wanted, settle }));
  }

  /** Applies the chosen edits to the current version and drops the others. */
  settle(chosen: string[]): void {
    const { theirs, waiting } = this.state;
    if (theirs === null) return;
    this.sheet.took({ version: theirs, texture: null, trouble: '', told: '' }, this.sheet.shown());
    for (const one of waiting) if (!chosen.includes(one.key)) one.settle(undefined);
    this.set({ theirs: null, waiting: waiting.filter((one) => chosen.includes(one.key)) });
    this.go();
  }

  /** Keeps in the browser what waits, so that it outlives the page. */
  keep(ask = false): void {
    const now = this.sheet.current();
    const changes = this.state.waiting.flatMap(({ key, extends: before, wanted }) => {
      const change = typeof wanted === 'function' ? now && wanted(now) : wanted;
      // A step back has no key by which the server would know it: sent again it would be another.
      return change === undefined || typeof change === 'string' ? [] : [{ key, extends: before, change }];
    });
    // Without storage it is held in the page; leaving is asked about while it is stuck.
    keepEdits(this.pattern, this.window, { ask, changes }).catch(() => {});
  }

  /** Kept in the browser, and no longer here. */
  private put(ask = false): void {
    clearTimeout(this.timer);
    this.keep(ask);
    for (const one of this.state.waiting) one.settle(undefined);
    this.state = { waiting: [], trouble: null, theirs: null };
    this.tell();
  }

  private add(one: Waiting): void {
    this.set({ waiting: [...this.state.waiting, one] });
    this.go();
  }

  private go(): void {
    const [first] = this.state.waiting;
    const version = this.sheet.current();
    if (this.busy || this.state.theirs !== null || first === undefined || version === undefined) return;
    const change = typeof first.wanted === 'function' ? first.wanted(version) : first.wanted;
    if (change === undefined) {
      this.done(first, undefined);
      return;
    }
    clearTimeout(this.timer);
    this.busy = true;
    // No waiting before it is sent: a page that is being closed has no later.
    void this.sendOne(first, change, version);
  }

  private async sendOne(one: Waiting, change: Change | 'undo' | 'redo', version: Version): Promise<void> {
    const show = this.sheet.shown();
    const params = { path: { id: version.id } };
    const body = { revision: version.revision, show };
    try {
      const edited = await ask(
        typeof change === 'string'
          ? api.POST(`/versions/{id}/${change}`, { params, body })
          : api.POST('/versions/{id}/edits', { params, body: { ...body, change, key: one.key, extends: one.extends } }),
      );
      this.sheet.took(edited, show);
      this.busy = false;
      this.set({ trouble: edited.trouble === '' ? null : edited.trouble });
      this.done(one, edited.version);
    } catch (error) {
      this.busy = false;
      this.met(one, error);
    }
  }

  private met(one: Waiting, error: unknown): void {
    const current = error instanceof Problem && error.status === 409 ? error.document?.current : undefined;
    const stale = isVersion(current) ? current : undefined;
    if (stale !== undefined) {
      if (this.open) this.set({ theirs: stale });
      else this.put(true);
    } else if (error instanceof Problem && error.status < 500) {
      this.set({ trouble: words(error) });
      this.done(one, undefined);
    } else {
      this.set({ trouble: words(error) });
      if (this.open) this.timer = setTimeout(() => this.go(), TRY_AGAIN_MS);
      else this.put();
    }
  }

  private done(one: Waiting, version: Version | undefined): void {
    this.set({ waiting: this.state.waiting.filter((other) => other !== one) });
    one.settle(version);
    this.go();
  }

  private set(change: Partial<LineState>): void {
    this.state = { ...this.state, ...change };
    if (change.waiting !== undefined) this.keep();
    this.tell();
  }

  private tell(): void {
    for (const listener of this.listeners) listener();
  }
}

function isVersion(value: unknown): value is Version {
  return typeof value === 'object' && value !== null && 'pattern_id' in value && 'steps' in value;
}
