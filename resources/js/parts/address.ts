import { useEffect } from 'react';

/** What the address of a page says of how it was left; empty: nothing. */
export function fromAddress(name: string): string {
  return new URLSearchParams(window.location.search).get(name) ?? '';
}

/** The same, where it is one of these words; else null. */
export function oneFromAddress<T extends string>(name: string, words: readonly T[]): T | null {
  const given = fromAddress(name);
  return words.find((word) => word === given) ?? null;
}

/**
 * Keeps in the address how a page stands, so that a reload, Back and a link lead to the same. What is empty is left out.
 * It stays the same entry of the history: Back leaves the page.
 */
export function useInAddress(values: { [name: string]: string }): void {
  const said = JSON.stringify(values);
  useEffect(() => {
    const search = new URLSearchParams(window.location.search);
    for (const [name, value] of Object.entries(JSON.parse(said) as typeof values)) {
      if (value === '') search.delete(name);
      else search.set(name, value);
    }
    const query = search.toString();
    const address = window.location.pathname + (query === '' ? '' : `?${query}`);
    if (address !== window.location.pathname + window.location.search)
      window.history.replaceState(window.history.state, '', address);
  }, [said]);
}
