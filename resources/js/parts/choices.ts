/** The keys of a record, with their own type: its values are all there, and nothing else is. */
export function keysOf<K extends string>(record: { [key in K]?: unknown }): K[] {
  return Object.keys(record) as K[];
}

/** A text as one of the given options; undefined if it is not one. */
export function oneOf<T extends string>(text: string, among: readonly T[]): T | undefined {
  return among.find((one) => one === text);
}
