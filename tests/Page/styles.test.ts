import { readdirSync, readFileSync } from 'node:fs';
import { basename, dirname, join } from 'node:path';
import postcss from 'postcss';
import { describe, expect, it } from 'vitest';

const CLASS = /(?<!\()\.([a-zA-Z][\w-]*)/g;
const files = readdirSync('resources/js', { recursive: true, encoding: 'utf8' }).map((file) =>
  join('resources/js', file),
);
const modules = files.filter((file) => file.endsWith('.module.css'));
const pages = files.filter((file) => file.endsWith('.tsx')).map((file) => ({ file, text: readFileSync(file, 'utf8') }));

const camel = (name: string) => name.replace(/-([a-z0-9])/g, (_, letter: string) => letter.toUpperCase());

/** The classes a module defines, as the pages write them. */
function defined(module: string): string[] {
  const found = new Set<string>();
  postcss.parse(readFileSync(module, 'utf8')).walkRules((rule) => {
    for (const [, name = ''] of rule.selector.matchAll(CLASS)) found.add(camel(name));
  });
  return [...found].sort();
}

/** The classes of a module that pages use; a class chosen by a value is written classes[value] and names none. */
function used(module: string): { names: string[]; byValue: boolean } {
  const names = new Set<string>();
  let byValue = false;
  for (const { file, text } of pages) {
    for (const [, as, from = ''] of text.matchAll(/^import (\w+) from '(\.[^']*\.module\.css)';$/gm)) {
      if (join(dirname(file), from) !== module) continue;
      for (const [, name = ''] of text.matchAll(new RegExp(`(?<![/\\w])${as}\\.(\\w+)`, 'g'))) names.add(name);
      byValue ||= text.includes(`${as}[`);
    }
  }
  return { names: [...names].sort(), byValue };
}

describe('styles', () => {
  it('name each module for itself, so that no two share a class', () => {
    const names = modules.map((module) => basename(module, '.module.css'));
    expect(new Set(names).size).toBe(names.length);
  });

  it.each(modules)('%s defines what the pages use of it, and nothing else', (module) => {
    const { names, byValue } = used(module);
    const classes = defined(module);
    if (byValue) expect(classes).toEqual(expect.arrayContaining(names));
    else expect(classes).toEqual(names);
  });
});
