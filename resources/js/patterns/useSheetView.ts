import { useState } from 'react';
import type { Look, Version } from '../api/types';
import { fromAddress, oneFromAddress, useInAddress } from '../parts/address';
import type { View } from '../stage/pixels';
import type { StageLight } from '../stage/shown';

export type Held = 'plate' | 'hand' | 'sides';
export type Over = 'slip' | 'reference' | null;

const LOOKS: Look[] = ['clear', 'matte'];
const LIGHTS: StageLight[] = ['flat', 'glint', 'night'];
const HELD: Held[] = ['plate', 'hand', 'sides'];
const VIEWS: View[] = ['left', 'right', 'back', 'belly'];
const OVER = ['slip', 'reference'] as const;

/** How a sheet is looked at, kept in its address: the chosen step, what is open over the plate, view, look and light. */
export function useSheetView(version: Pick<Version, 'steps'>) {
  const last = version.steps.at(-1)?.document.id ?? null;
  const [chosenId, setChosenId] = useState<string | null>(() => fromAddress('step') || last);
  const [look, setLook] = useState<Look>(() => oneFromAddress('look', LOOKS) ?? 'clear');
  const [light, setLight] = useState<StageLight>(() => oneFromAddress('light', LIGHTS) ?? 'flat');
  const [held, setHeld] = useState<Held>(() => oneFromAddress('view', HELD) ?? 'plate');
  const [alone, setAlone] = useState<View | null>(() => oneFromAddress('alone', VIEWS));
  const [over, setOver] = useState<Over>(() => oneFromAddress('open', OVER));
  const there = version.steps.some((step) => step.document.id === chosenId);
  useInAddress({
    step: there && chosenId !== last ? (chosenId ?? '') : '',
    look: look === 'clear' ? '' : look,
    light: light === 'flat' ? '' : light,
    view: held === 'plate' ? '' : held,
    alone: alone ?? '',
    open: over ?? '',
  });
  return { chosenId, setChosenId, look, setLook, light, setLight, held, setHeld, alone, setAlone, over, setOver };
}
