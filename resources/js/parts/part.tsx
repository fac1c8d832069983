import { type ComponentType, lazy } from 'react';

/** A part of a page that is fetched when it is wanted. Where it does not come, all else stays as it is, what was typed too. */
export function part<P extends object>(load: () => Promise<ComponentType<P>>) {
  return lazy(async (): Promise<{ default: ComponentType<P> }> => ({ default: await load().catch(() => Missing) }));
}

function Missing() {
  return <p role="alert">This part did not load. Reload the page to open it.</p>;
}
