import { useRef, useState } from 'react';
import type { useSheetView } from './useSheetView';

/** Opens the slip of a step, and gives the focus back to its rung. */
export function useTaking({ setChosenId, setOver }: ReturnType<typeof useSheetView>, upto: string | null) {
  const [asked, setAsked] = useState(0);
  const given = useRef(0);
  /** @param enter whether the focus goes into the slip; pressed by the pointer, a rung keeps it and its keys */
  const take = (id: string | undefined, enter = true) => {
    if (id === undefined) return;
    if (enter) setAsked((before) => before + 1);
    setChosenId(id);
    setOver('slip');
  };
  const close = () => {
    setOver(null);
    document.querySelector<HTMLElement>(`[data-step="${CSS.escape(upto ?? '')}"]`)?.focus();
  };
  return { entering: { asked, given }, take, close };
}
