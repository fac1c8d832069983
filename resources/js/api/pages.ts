/** Lists come from the server a page at a time: {@link PAGED} for those that are shown as they come, {@link wholly} for the rest. */

/** Page by page, from the first. */
export const PAGED = {
  initialPageParam: null as string | null,
  getNextPageParam: ({ next }: { next: string | null }) => next,
};

/** The query of a page that follows another. */
export const following = (next: string | null) => (next === null ? {} : { after: next });

/** A list that is wanted whole: its pages, one after the other. */
export async function wholly<T>(
  page: (next: string | null) => Promise<{ things: T[]; next: string | null }>,
): Promise<T[]> {
  const all: T[] = [];
  let after: string | null = null;
  do {
    const { things, next } = await page(after);
    all.push(...things);
    after = next;
  } while (after !== null);
  return all;
}
