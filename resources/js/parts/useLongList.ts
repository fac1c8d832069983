import { useWindowVirtualizer } from '@tanstack/react-virtual';
import { useEffect, useLayoutEffect, useRef, useState } from 'react';

interface Rows {
  count: number;
  /** About how high a row will be, in pixels; measured once it is there. */
  height: (row: number) => number;
  gap?: number;
  /** Asks for the rows that follow; undefined where there are none, or they are on their way. */
  more?: (() => void) | undefined;
}

const OVERSCAN = 3;

/**
 * The rows of a long list that are in sight or nearly, and the room that those before and after them take, in pixels. The
 * first element of each row carries `measure` as its ref and its number as `data-index`.
 */
export function useLongList<T extends HTMLElement>({ count, height, gap = 0, more }: Rows) {
  const list = useRef<T>(null);
  const [top, setTop] = useState(0);
  const rows = useWindowVirtualizer({ count, estimateSize: height, gap, overscan: OVERSCAN, scrollMargin: top });
  // What stands above it may have changed with any drawing.
  useLayoutEffect(() => {
    if (list.current !== null) setTop(Math.round(list.current.getBoundingClientRect().top + window.scrollY));
  });
  const shown = rows.getVirtualItems();
  const last = shown.at(-1);
  const nearEnd = last === undefined || last.index >= count - 1 - OVERSCAN;
  useEffect(() => {
    if (nearEnd) more?.();
  }, [nearEnd, more]);
  return {
    list,
    first: shown[0]?.index ?? 0,
    end: (last?.index ?? -1) + 1,
    before: Math.max(0, (shown[0]?.start ?? top) - top),
    after: Math.max(0, rows.getTotalSize() - ((last?.end ?? top) - top)),
    measure: rows.measureElement,
    /** Brings a row into sight. */
    goTo: (row: number) => rows.scrollToIndex(row, { align: 'center' }),
  };
}
