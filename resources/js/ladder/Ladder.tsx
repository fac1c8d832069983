import {
  closestCenter,
  DndContext,
  type DragEndEvent,
  KeyboardSensor,
  PointerSensor,
  useSensor,
  useSensors,
} from '@dnd-kit/core';
import { horizontalListSortingStrategy, SortableContext } from '@dnd-kit/sortable';
import { Anchor } from '@mantine/core';
import { Fragment, type KeyboardEvent, type ReactNode, useEffect, useRef, useState } from 'react';
import { gravest, open } from '../advice/findings';
import { costsShort } from '../air/costs';
import { usePlaces } from '../api/shopQueries';
import type { Advice, CoatAir, Settings, Step, StepPlace, Version } from '../api/types';
import { useKeys } from '../parts/keys';
import { counted, minutes } from '../units/units';
import classes from './ladder.module.css';
import { type Bracket, Rung, SetMark } from './Rung';

/** Handled where they are pressed: on a rung. */
const LADDER_KEYS = [
  { keys: '←+→', does: 'walk the ladder' },
  { keys: 'shift+←+→', does: 'move the step' },
  { keys: 'Enter', does: 'edit the step' },
  { keys: 'D', does: 'duplicate it' },
  { keys: 'O', does: 'switch it on or off' },
  { keys: 'Delete', does: 'remove it' },
];

interface Props {
  version: Version;
  settings: Settings;
  advice: Advice | undefined;
  /** Air, cleaning and drying of its coats in this shop. */
  air: CoatAir[] | undefined;
  chosen: number;
  /** The menu of what is done next. */
  add: ReactNode;
  onChoose: (index: number) => void;
  /** With or without the focus. */
  onOpen: (index: number, enter: boolean) => void;
  onMove: (id: string, to: number) => void;
  onAdvice: () => void;
  onDuplicate: (id: string) => void;
  onSwitch: (id: string, on: boolean) => void;
  onRemove: (id: string) => void;
  onUndo: () => void;
  onRedo: () => void;
}

/** The steps in order, left to right, light to dark. Arrow keys walk it, Shift and arrows move a step. */
export function Ladder(props: Props) {
  const { version, chosen } = props;
  const list = useRef<HTMLDivElement>(null);
  const steps = version.steps;
  const step = steps[chosen];
  const findings = open(props.advice);
  // The rung that is taken up, and where it may be put without being seen.
  const [lifted, setLifted] = useState<string | null>(null);
  const places = usePlaces(version.id, version.revision, lifted).data;
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: 6 } }),
    useSensor(KeyboardSensor, { keyboardCodes: { start: [], cancel: ['Escape'], end: [] } }),
  );

  useEffect(() => {
    const rung = list.current?.querySelectorAll<HTMLElement>('[role="option"]')[chosen];
    if (list.current !== null && rung !== undefined) intoView(list.current, rung);
    if (list.current?.contains(document.activeElement)) rung?.focus();
  }, [chosen]);

  const dropped = ({ active, over }: DragEndEvent) => {
    setLifted(null);
    if (over !== null && over.id !== active.id)
      props.onMove(
        String(active.id),
        steps.findIndex((s) => s.document.id === over.id),
      );
  };

  useKeys('Ladder, with a step focused', LADDER_KEYS);

  const keys = (event: KeyboardEvent) => {
    const by = event.key === 'ArrowRight' ? 1 : event.key === 'ArrowLeft' ? -1 : 0;
    if (by !== 0) {
      const to = Math.max(0, Math.min(steps.length - 1, chosen + by));
      if (event.shiftKey && step !== undefined && to !== chosen) props.onMove(step.document.id, to);
      if (!event.shiftKey || to !== chosen) props.onChoose(to);
    } else if (event.key === 'Home') props.onChoose(0);
    else if (event.key === 'End') props.onChoose(steps.length - 1);
    else if (event.key === 'Enter') props.onOpen(chosen, true);
    else if (event.key === 'Delete' && step !== undefined) props.onRemove(step.document.id);
    else if (event.key === 'd' && !event.ctrlKey && !event.metaKey && step !== undefined)
      props.onDuplicate(step.document.id);
    else if (event.key === 'o' && step !== undefined) props.onSwitch(step.document.id, !step.document.on);
    else return;
    event.preventDefault();
    event.stopPropagation();
  };

  return (
    <section className={classes.ladder} aria-label="Ladder">
      <div className={classes.ladderHead}>
        <h2>Ladder</h2>
        <span className="dim">{summary(props)}</span>
        {findings.length > 0 && (
          <Anchor component="button" type="button" onClick={props.onAdvice}>
            {counted(findings.length, 'thing')} to look at
          </Anchor>
        )}
        <span className="spacer" />
        {step !== undefined && (
          <span className={classes.ladderActs}>
            <Anchor component="button" type="button" onClick={() => props.onOpen(chosen, true)}>
              Edit step {chosen + 1}
            </Anchor>
            <Anchor component="button" type="button" onClick={() => props.onDuplicate(step.document.id)}>
              Duplicate
            </Anchor>
            <Anchor
              component="button"
              type="button"
              onClick={() => props.onSwitch(step.document.id, !step.document.on)}
            >
              {step.document.on ? 'Switch off' : 'Switch on'}
            </Anchor>
            <Anchor component="button" type="button" onClick={() => props.onRemove(step.document.id)}>
              Remove
            </Anchor>
          </span>
        )}
        <Anchor component="button" type="button" onClick={props.onUndo} disabled={!version.can_undo} title="Ctrl Z">
          Undo
        </Anchor>
        <Anchor
          component="button"
          type="button"
          onClick={props.onRedo}
          disabled={!version.can_redo}
          title="Ctrl Shift Z"
        >
          Redo
        </Anchor>
        {props.add}
      </div>
      {steps.length === 0 ? (
        <p className={classes.ladderEmpty}>
          Nothing is painted yet. Begin with how the body is prepared, then the base coat: “Add a step”, at the right
          above.
        </p>
      ) : (
        <DndContext
          sensors={sensors}
          collisionDetection={closestCenter}
          onDragStart={({ active }) => setLifted(String(active.id))}
          onDragCancel={() => setLifted(null)}
          onDragEnd={dropped}
        >
          <SortableContext items={steps.map((s) => s.document.id)} strategy={horizontalListSortingStrategy}>
            <div
              className={classes.rungs}
              role="listbox"
              tabIndex={-1}
              aria-label="Steps, from base to clear"
              aria-orientation="horizontal"
              ref={list}
              onKeyDown={keys}
            >
              {steps.map((s, i) => (
                <Fragment key={s.document.id}>
                  <Rung
                    step={s}
                    body={version.body}
                    settings={props.settings}
                    chosen={i === chosen}
                    faded={i > chosen}
                    mask={bracket(steps, i)}
                    advice={gravest(findings, s.document.id)}
                    clean={cleanOf(props.air, s)}
                    place={lifted === null ? undefined : placeAt(places, i)}
                    onOpen={() => props.onOpen(i, false)}
                  />
                  {i < steps.length - 1 && (
                    <SetMark
                      step={s}
                      mask={steps[i + 1]?.shown.mask_is_on ?? false}
                      wait={props.advice?.waits.find((one) => one.step === s.document.id)?.min}
                      clean={cleanOf(props.air, steps[i + 1])}
                    />
                  )}
                </Fragment>
              ))}
            </div>
          </SortableContext>
        </DndContext>
      )}
    </section>
  );
}

function cleanOf(air: CoatAir[] | undefined, step: Step | undefined): CoatAir['clean'] {
  return air?.find((one) => one.step === step?.document.id)?.clean ?? null;
}

/** What it saves or costs to put the lifted rung here; undefined where it would be seen. */
function placeAt(places: StepPlace[] | undefined, at: number): string | undefined {
  const place = places?.find((one) => one.to === at);
  return place === undefined ? undefined : costsShort(place);
}

function summary({ version, advice }: Props): string {
  const lit = version.steps.filter((s) => s.document.on);
  const colours = new Set(lit.map((s) => s.shown.colour).filter((c) => c !== undefined));
  const parts = [counted(version.steps.length, 'step'), counted(colours.size, 'colour')];
  if (advice !== undefined && advice.total_min > 0) {
    parts.push(`${minutes(advice.hands_on_min)} hands-on, ${minutes(advice.total_min)} with waits in this room`);
  }
  return parts.join(' · ');
}

/** Where a rung stands under the bracket of a mask that stays on. */
function bracket(steps: Step[], at: number): Bracket | undefined {
  const before = steps[at]?.shown.mask_is_on ?? false;
  const after = steps[at + 1]?.shown.mask_is_on ?? false;
  if (before) return after ? 'within' : 'last';
  return after ? 'first' : undefined;
}

/** What is left beside a rung at either end. */
const RIM = 20;

/** Along the ladder only: the page stays where it is. */
function intoView(list: HTMLElement, rung: HTMLElement): void {
  const [room, at] = [list.getBoundingClientRect(), rung.getBoundingClientRect()];
  if (at.left - RIM < room.left) list.scrollLeft -= room.left - at.left + RIM;
  else if (at.right + RIM > room.right) list.scrollLeft += at.right - room.right + RIM;
}
