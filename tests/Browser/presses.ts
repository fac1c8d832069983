/** How many presses a job takes at most: more is a fault. A list that is chosen from counts two. */
export const MOST_PRESSES = {
  /** From an empty shop to the first coat that is predicted. */
  toFirstCoat: 5,
  /** And on to the bench. */
  toTheBench: 8,
  /** A pattern of ten steps planned, painted on three baits, stamped, repeated on another body, taken along and brought back. */
  wholeJob: { clicks: 45, keys: 50 },
};
