import { UnstyledButton } from '@mantine/core';
import type { KeyboardEvent, PointerEvent } from 'react';
import type { Handle } from '../api/types';
import type { OnBody } from '../stage/pixels';
import classes from './plate.module.css';
import type { Hold } from './useHold';

interface Props {
  handle: Handle;
  hold: Hold;
  x: number;
  y: number;
  /** The place under a pointer; null beside the bait. */
  under: (event: PointerEvent) => OnBody | null;
  /** On a further view the same handle is for the pointer only. */
  again?: boolean;
}

const HALF_MM = 0.5;
const FAR_MM = 2;

/** A small open ring that a figure is taken hold of by: pointer, touch, arrow keys. Alt lets it go anywhere. */
export function HandleRing({ handle, hold, x, y, under, again = false }: Props) {
  const pulled = hold.pulled === handle.id;
  const keys = (event: KeyboardEvent) => {
    if (event.key === 'Escape' && pulled) hold.drop();
    const by = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] }[event.key];
    if (by === undefined) return;
    event.preventDefault();
    event.stopPropagation();
    const mm = event.shiftKey ? FAR_MM : HALF_MM;
    hold.push(handle.id, (by[0] ?? 0) * mm, (by[1] ?? 0) * mm);
  };
  return (
    <UnstyledButton
      className={`${classes.handle} ${pulled ? classes.pulled : ''}`}
      style={{ left: x, top: y }}
      tabIndex={again ? -1 : 0}
      aria-hidden={again || undefined}
      aria-label={`${handle.what}: ${handle.says}; arrow keys move it`}
      data-handle={again ? undefined : handle.id}
      title={handle.what}
      onKeyDown={keys}
      onPointerDown={(event) => {
        event.stopPropagation();
        event.currentTarget.setPointerCapture(event.pointerId);
      }}
      onPointerMove={(event) => {
        if (event.buttons === 0 || !event.currentTarget.hasPointerCapture(event.pointerId)) return;
        const to = under(event);
        if (to !== null) hold.pull(handle.id, to, event.altKey);
      }}
      onPointerUp={hold.letGo}
      onPointerCancel={hold.drop}
    >
      <i />
      <span className={classes.says} role={pulled ? 'status' : undefined}>
        {handle.says}
      </span>
    </UnstyledButton>
  );
}
