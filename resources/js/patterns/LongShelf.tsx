import { useCallback } from 'react';
import { useAllPatterns } from '../api/listQueries';
import type { PatternPage, PatternState } from '../api/types';
import { useLongList } from '../parts/useLongList';
import { heightOf, ROWS_APART_PX, ShelfRows, type Shelved, useShelfRows } from './ShelfRows';

interface Props extends Omit<Shelved, 'patterns'> {
  sought: string;
  state: PatternState;
  first: PatternPage;
}

/** A shelf of hundreds: only the rows in sight are there. */
export function LongShelf({ sought, state, first: page, ...others }: Props) {
  const all = useAllPatterns(sought, state, page);
  const more = all.hasNextPage && !all.isFetching ? () => void all.fetchNextPage() : undefined;
  const shelved = { ...others, patterns: all.data.pages.flatMap(({ patterns }) => patterns) };
  const { measured, room, placed, rows } = useShelfRows(shelved);
  const height = useCallback((row: number) => heightOf(rows[row], placed), [rows, placed]);
  const { list, first, end, before, after, measure } = useLongList<HTMLUListElement>({
    count: rows.length,
    height,
    gap: ROWS_APART_PX,
    more,
  });
  return (
    <>
      <div ref={measured} />
      <ul ref={list} style={{ width: room, paddingTop: before, paddingBottom: after }}>
        <ShelfRows {...shelved} placed={placed} rows={rows.slice(first, end)} first={first} measure={measure} />
      </ul>
    </>
  );
}
