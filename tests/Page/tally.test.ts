import { describe, expect, it } from 'vitest';
import { tally } from '../Browser/tally.mjs';

const spec = (title: string, status: string) => ({ title, tests: [{ status }] });
const run = (flaky: number) => ({
  stats: { expected: 5, unexpected: 1, flaky },
  suites: [
    {
      title: 'bench.spec.ts',
      specs: [spec('fine', 'expected')],
      suites: [{ title: 'pedal', specs: Array.from({ length: flaky }, (_, i) => spec(`shaky ${i}`, 'flaky')) }],
    },
  ],
});

describe('the tally of the browser tests', () => {
  it('names what passed only at a second try, and pardons two of a run', () => {
    expect(tally(run(2))).toEqual({
      passed: 7,
      failed: 1,
      again: ['bench.spec.ts › pedal › shaky 0', 'bench.spec.ts › pedal › shaky 1'],
    });
  });

  it('counts those from the third on as failures', () => {
    expect(tally(run(4))).toMatchObject({ passed: 7, failed: 3 });
  });
});
