/**
 * Things of different widths in rows, each row as full as it gets, in their order.
 *
 * @returns of each row, the first of its things and the first that is not in it any more
 */
export function packed(widths: number[], room: number, between: number): [number, number][] {
  const rows: [number, number][] = [];
  let from = 0;
  let taken = 0;
  widths.forEach((width, i) => {
    if (i > from && taken + between + width > room) {
      rows.push([from, i]);
      from = i;
    }
    taken = i === from ? width : taken + between + width;
  });
  return widths.length === 0 ? rows : [...rows, [from, widths.length]];
}
