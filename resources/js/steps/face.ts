import type { ReactNode } from 'react';
import type { Paint, PaintStep, PlannedStep, Settings, Step, StepDocument, Version, Vocabulary } from '../api/types';

export type Kind = StepDocument['type'];
export type DocumentOf<K extends Kind> = Extract<StepDocument, { type: K }>;

/** A step of one kind. Methods below are written as methods, so that the face of one kind stands in for that of any. */
export interface StepOf<D extends StepDocument> {
  document: D;
  shown: Step['shown'];
  outside: Step['outside'];
}

/** The fields to set, or a function of the step after earlier changes have arrived. */
export type SetOf<D extends StepDocument> = Partial<D> | { from(now: D): Partial<D> }['from'];

export interface FormProps<D extends StepDocument> {
  step: StepOf<D>;
  version: Pick<Version, 'id' | 'revision' | 'steps' | 'body'>;
  vocabulary: Vocabulary;
  paints: Paint[];
  settings: Settings;
  onChange(set: SetOf<D>): unknown;
  /** Puts it elsewhere; its aim follows. */
  onPlace(where: PaintStep['where']): unknown;
  /** Puts it elsewhere on the ladder. */
  onMove(to: number): unknown;
}

/** What the bench knows about a step beside the step. */
export interface AtBench {
  planned: PlannedStep | undefined;
  /** Figures really used, by name. */
  used: { [name: string]: number };
  settings: Settings;
  /** What thins a cup in this run. */
  thinner: string;
  /** The coat that the step tries out, and its plan. */
  tried: { step: Step; planned: PlannedStep | undefined } | undefined;
}

/** How one kind of step shows itself: in the menu, on its rung, in its form and at the bench. */
export interface Face<D extends StepDocument> {
  name: string;
  Form(props: FormProps<D>): ReactNode;
  /** The figures at the foot of its rung. */
  foot(step: StepOf<D>, settings: Settings): [string, string];
  /** The figures that the bench may find to be others, as planned. */
  figures(step: StepOf<D>, tried: Step | undefined): { [name: string]: number | undefined };
  /** The figures that matter at the bench, each with its label. */
  bench(step: StepOf<D>, at: AtBench): [string, string][];
}

export function isPaint(step: Step): step is Step & StepOf<PaintStep> {
  return step.document.type === 'paint';
}
