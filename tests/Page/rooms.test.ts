import { readdirSync, readFileSync } from 'node:fs';
import { dirname, join, normalize, relative } from 'node:path';
import { expect, test } from 'vitest';

const ROOT = 'resources/js';

/** Folders that each folder takes something from. */
function rooms(): Map<string, Set<string>> {
  const uses = new Map<string, Set<string>>();
  for (const file of readdirSync(ROOT, { recursive: true, encoding: 'utf8' }).filter((f) => /\.tsx?$/.test(f))) {
    const room = dirname(file);
    if (room === '.' || file.endsWith('.d.ts')) continue;
    const text = readFileSync(join(ROOT, file), 'utf8');
    for (const [, path] of text.matchAll(/(?:from|import)\s*\(?\s*'(\.[^']+)'/g)) {
      const other = dirname(relative(ROOT, normalize(join(ROOT, room, path ?? ''))));
      if (other !== room && other !== '.') uses.set(room, (uses.get(room) ?? new Set()).add(other));
    }
  }
  return uses;
}

/** All that a room stands on, in the end. */
function under(room: string, uses: Map<string, Set<string>>, seen = new Set<string>()): Set<string> {
  for (const other of uses.get(room) ?? []) {
    if (!seen.has(other)) under(other, uses, seen.add(other));
  }
  return seen;
}

const uses = rooms();

test.each([...uses.keys()])('%s does not stand on itself', (room) => {
  expect(under(room, uses)).not.toContain(room);
});

test('parts and what is under them know no feature and no page', () => {
  expect([...under('parts', uses)].filter((room) => !['api', 'units'].includes(room))).toEqual([]);
  expect([...(uses.get('api') ?? [])]).toEqual([]);
});

test('nothing but the page itself takes from the shell', () => {
  expect([...uses].filter(([, others]) => others.has('shell')).map(([room]) => room)).toEqual([]);
});
