import { expect, test } from 'vitest';
import type { BenchEvent, BenchRecord, Run } from '../../resources/js/api/types';
import { withWaiting } from '../../resources/js/bench/withWaiting';
import fixtures from '../fixtures/bench-records.json';

// The same cases hold for the server, in tests/Core/Run/BenchRecordsTest.php.

function runOf(tried: boolean, oneSide: boolean): Run {
  const step = (id: string, tries: string | null = null) => ({
    document: { id, on: true },
    shown: { tries, for_all: id !== 'base', sides: id === 'base' ? ['left', 'right'] : [] },
  });
  return {
    one_side_of_all: oneSide,
    baits: [{ position: 1 }, { position: 2 }],
    steps: [step('wipe'), ...(tried ? [step('card', 'base')] : []), step('base')],
  } as Run;
}

const nothing = fixtures.cases.find((one) => one.name === 'nothing yet')?.record as unknown as BenchRecord;

for (const { name, events, record, ...one } of fixtures.cases) {
  const run = runOf('try' in one, 'one_side' in one);
  test(`the page says what events say: ${name}`, () => {
    expect(withWaiting(run, nothing, events as unknown as BenchEvent[])).toEqual(record);
  });

  test(`events that the server knows already change nothing: ${name}`, () => {
    // An answer that was lost: they are in the record and wait all the same. Notes are only ever added.
    const again = (events as unknown as BenchEvent[]).filter((e) => ['side', 'done', 'figures'].includes(e.type));
    const known = withWaiting(run, nothing, again);
    expect(withWaiting(run, known, again)).toEqual(known);
  });
}
