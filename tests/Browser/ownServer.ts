import { type ChildProcess, spawn } from 'node:child_process';
import { type APIRequestContext, request } from '@playwright/test';

/** A server with the demo that a test may kill and start again. */
export class OwnServer {
  private process: ChildProcess | null = null;
  readonly url: string;

  constructor(private readonly port: number) {
    this.url = `http://127.0.0.1:${port}`;
  }

  async start(data: 'demo' | 'empty' | 'again' = 'demo', instruments: ('hygrometer' | 'gauge')[] = []): Promise<void> {
    const folder = `storage/framework/testing/own-${this.port}`;
    this.process = spawn('bash', ['tests/serve.sh', String(this.port), folder, data, ...instruments], {
      detached: true,
      stdio: 'ignore',
    });
    for (let i = 0; i < 400; i++) {
      if (await fetch(`${this.url}/api/v1/settings`).catch(() => null)) return;
      await new Promise((later) => setTimeout(later, 50));
    }
    throw new Error('The server did not start.');
  }

  /** At once, as a power cut would. */
  async kill(): Promise<void> {
    const { process: running } = this;
    if (running?.pid === undefined) return;
    const gone = new Promise((done) => running.once('exit', done));
    process.kill(-running.pid, 'SIGKILL');
    await gone;
    this.process = null;
  }

  api(): Promise<APIRequestContext> {
    return request.newContext({ baseURL: this.url, extraHTTPHeaders: { 'X-Hawkbrush': '1' } });
  }

  /** A run of the bleak, started: what the bench asks of it. */
  async run(baits = 3): Promise<StartedRun> {
    const api = await this.api();
    const { patterns } = await (await api.get('/api/v1/patterns')).json();
    const bleak = patterns.find((p: { species: string }) => p.species === 'bleak');
    const form = { version_id: bleak.version.id, baits, air_c: 21, humidity_percent: 50 };
    const run = await (await api.post('/api/v1/runs', { data: form })).json();
    return (await api.post(`/api/v1/runs/${run.id}/start`)).json();
  }

  async record(run: StartedRun): Promise<StartedRun['record']> {
    return (await (await (await this.api()).get(`/api/v1/runs/${run.id}`)).json()).record;
  }
}

export interface StartedRun {
  id: string;
  number: number;
  baits: { id: string; label: string }[];
  steps: { document: { id: string; type: string; on: boolean }; shown: { for_all: boolean; name: string } }[];
  record: {
    done: { [step: string]: number[] };
    figures: { [step: string]: { coats?: number } };
    notes: { text: string }[];
    paced: { [step: string]: { strokes: number; seconds: number } };
    photos: { photo_id: string }[];
    timers: { seconds: number; at: string }[];
  };
}

/** How many times a step was finished for a bait. */
export function finished(record: StartedRun['record']): number {
  return Object.values(record.done).reduce((sum, baits) => sum + baits.length, 0);
}
