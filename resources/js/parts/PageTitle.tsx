import { useEffect } from 'react';

/** What the browser's tab and its history call the page. */
export function PageTitle({ of }: { of: string }) {
  useEffect(() => {
    document.title = `${of} · Hawkbrush`;
    return () => {
      document.title = 'Hawkbrush';
    };
  }, [of]);
  return null;
}
