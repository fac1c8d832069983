import type { Step, StepDocument } from '../api/types';
import { clear } from './clear';
import { dip } from './dip';
import { eye } from './eye';
import type { DocumentOf, Face, Kind } from './face';
import { paint } from './paint';
import { inspect, prep, wait } from './task';
import { tryOut } from './tryOut';

/** Every kind of step, in the order in which a painter adds them. A kind of the contract that is not here does not compile. */
export const KINDS: { [K in Kind]: Face<DocumentOf<K>> } = { paint, prep, try: tryOut, wait, inspect, eye, clear, dip };

export const KIND_NAMES = Object.keys(KINDS).filter((name): name is Kind => name in KINDS);

export function faceOf(step: Step): Face<StepDocument> {
  return KINDS[step.document.type];
}
