export interface Row {
  /** The first of its things, and the first that is not in it any more. */
  from: number;
  to: number;
  /** What lies between two of them. */
  between: number;
}

/** Things of different widths in rows, in their order: each row as full as it gets, its things apart as far as there is room. */
export function packed(widths: number[], room: number, least: number, most: number): Row[] {
  const rows: Row[] = [];
  let from = 0;
  let sum = 0;
  const close = (to: number) => {
    const gaps = to - from - 1;
    rows.push({ from, to, between: gaps === 0 ? 0 : Math.min(most, Math.floor((room - sum) / gaps)) });
  };
  widths.forEach((width, i) => {
    if (i > from && sum + width + least * (i - from) > room) {
      close(i);
      from = i;
      sum = 0;
    }
    sum += width;
  });
  if (widths.length > 0) close(widths.length);
  return rows;
}
