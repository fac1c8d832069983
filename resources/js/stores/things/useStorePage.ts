import { useState } from 'react';

/** How the page of a store stands: whether something is being added, whether what was put away shows, and what is open. */
export function useStorePage(all: { archived: boolean }[] = []) {
  const [adding, setAdding] = useState(false);
  const [old, setOld] = useState(false);
  const [opened, setOpened] = useState<string | null>(null);
  return {
    adding,
    close: () => setAdding(false),
    head: {
      away: all.filter((one) => one.archived).length,
      old,
      onOld: setOld,
      onAdd: () => setAdding(true),
    },
    isShown: (one: { archived: boolean }) => old || !one.archived,
    /** One is open at a time. */
    opening: (id: string) => ({
      opened: opened === id,
      onOpen: () => setOpened(opened === id ? null : id),
    }),
  };
}
