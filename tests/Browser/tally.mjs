// Counts what a run of the browser tests came to, for bin/test: "ran failed", and in words what passed only at a second try.
import { readFileSync } from 'node:fs';
import { fileURLToPath } from 'node:url';

/** So many tests of a run may need a second try on a busy machine; what comes after them has failed. */
const PARDONED = 2;

/** Titles of the tests that passed only at a second try. */
function secondTries(suite, above = '') {
  const title = [above, suite.title].filter(Boolean).join(' › ');
  return [
    ...(suite.specs ?? [])
      .filter((spec) => spec.tests.some((test) => test.status === 'flaky'))
      .map((spec) => `${title} › ${spec.title}`),
    ...(suite.suites ?? []).flatMap((inner) => secondTries(inner, title)),
  ];
}

/** @returns {{passed: number, failed: number, again: string[]}} */
export function tally({ stats, suites }) {
  const again = suites.flatMap((suite) => secondTries(suite));
  const over = Math.max(0, again.length - PARDONED);
  return { passed: stats.expected + again.length - over, failed: stats.unexpected + over, again };
}

if (process.argv[1] === fileURLToPath(import.meta.url)) {
  try {
    const { passed, failed, again } = tally(JSON.parse(readFileSync(process.argv[2], 'utf8')));
    for (const title of again) console.error(`  passed only at a second try: ${title}`);
    if (again.length > PARDONED) console.error(`  more than ${PARDONED} of a run: those beyond count as failures`);
    console.log(passed, failed);
  } catch {
    console.log(0, 1);
  }
}
