import { useDebouncedValue } from '@mantine/hooks';
import { keepPreviousData, useQuery, useQueryClient } from '@tanstack/react-query';
import { useRef, useState } from 'react';
import { useLocation, useNavigate } from 'react-router';
import { api, ask } from '../api/client';
import type { Found, Sheet } from '../api/types';
import { type Choice, Chooser } from '../parts/Chooser';
import { useKeys } from '../parts/keys';
import classes from './finder.module.css';
import { PLACES_TO_FIND } from './placesToFind';

const GROUPS = { step: 'Steps', pattern: 'Patterns', paint: 'Paints', body: 'Bodies', bait: 'Baits' } as const;

/** One field that finds steps, patterns, paints, bodies, baits and pages by their words, under one key. */
export function Finder() {
  const here = useRef<HTMLSpanElement>(null);
  const navigate = useNavigate();
  const pattern = /^\/patterns\/([^/]+)$/.exec(useLocation().pathname)?.[1];
  const queries = useQueryClient();
  const [typed, setTyped] = useState('');
  const [q] = useDebouncedValue(typed.trim(), 120);
  const version = pattern === undefined ? undefined : queries.getQueryData<Sheet>(['sheet', pattern])?.version.id;
  const found = useQuery({
    queryKey: ['find', q, version],
    queryFn: async () =>
      (await ask(api.GET('/find', { params: { query: { q, ...(version === undefined ? {} : { version }) } } }))).found,
    enabled: q !== '',
    placeholderData: keepPreviousData,
  }).data;
  useKeys('Everywhere', [
    { keys: '/', does: 'find something', run: () => here.current?.querySelector('button')?.click() },
  ]);

  const to = ({ kind, id }: Found) =>
    ({
      step: `/patterns/${pattern}?step=${id}&open=slip`,
      pattern: `/patterns/${id}`,
      paint: `/stores/paints/${id}`,
      body: `/stores/bodies/${id}`,
      bait: `/log/${id}`,
    })[kind];
  const things = q === '' ? [] : (found ?? []);
  const groups = Object.entries(GROUPS).map(([kind, name]) => ({
    name,
    choices: things.filter((one) => one.kind === kind).map((one) => choice(to(one), one.name, one.about)),
  }));
  return (
    <span ref={here} className={classes.finder}>
      <Chooser
        label="Find"
        find="Find a step, pattern, paint, body, bait or page"
        className={classes.field}
        groups={[
          ...groups,
          {
            name: 'Pages',
            choices: PLACES_TO_FIND.filter((place) => answers(place.words, q)).map((place) =>
              choice(place.to, place.name, ''),
            ),
          },
        ]}
        onFind={setTyped}
        onChoose={(path) => navigate(path)}
      >
        Find
        <kbd>/</kbd>
      </Chooser>
    </span>
  );
}

function choice(to: string, name: string, about: string): Choice {
  return {
    value: to,
    text: `${name} ${about}`.trim(),
    shown: (
      <span className={classes.found}>
        <b>{name}</b>
        {about !== '' && <span className="dim">{about}</span>}
      </span>
    ),
  };
}

/** Whether each word begins one of these. */
function answers(words: string, q: string): boolean {
  const there = words.toLowerCase().split(' ');
  return q
    .toLowerCase()
    .split(/\s+/)
    .every((word) => there.some((one) => one.startsWith(word)));
}
