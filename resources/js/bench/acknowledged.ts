import { useState } from 'react';

/** A session at the bench: what was acknowledged this long ago shows again. */
const SESSION_MS = 12 * 3_600_000;
const KEY = 'hawkbrush.cautions';

/** When each hazard was acknowledged on this device last. */
function kept(): { [name: string]: number } {
  try {
    const read: unknown = JSON.parse(localStorage.getItem(KEY) ?? '{}');
    return typeof read === 'object' && read !== null ? (read as { [name: string]: number }) : {};
  } catch {
    return {};
  }
}

/**
 * Which hazards of a step are still to be acknowledged: once a session each, the gravest at each step.
 * @param everyTime names of the gravest
 */
export function useAcknowledged(step: string, hazards: string[], everyTime: string[]) {
  const [here, setHere] = useState<string[]>([]);
  const [known, setKnown] = useState(kept);
  const due = hazards.filter((name) =>
    everyTime.includes(name)
      ? !here.includes(`${step} ${name}`)
      : Date.now() - (known[name] ?? Number.NEGATIVE_INFINITY) > SESSION_MS,
  );
  const acknowledge = () => {
    setHere((before) => [...before, ...due.map((name) => `${step} ${name}`)]);
    const now = { ...known, ...Object.fromEntries(due.map((name) => [name, Date.now()])) };
    setKnown(now);
    try {
      localStorage.setItem(KEY, JSON.stringify(now));
    } catch {
      // Without storage they show again after a reload.
    }
  };
  return { due, acknowledge };
}
