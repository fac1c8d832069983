import { useLayoutEffect, useRef, useState } from 'react';
import classes from './slip.module.css';

interface Line {
  left: number;
  width: number;
  top: number;
  height: number;
  from: 'left' | 'right';
}

/** The line by which a slip hangs on its rung, wherever the ladder is scrolled to. */
export function OutOfRung({ step }: { step: string }) {
  const here = useRef<HTMLElement>(null);
  const [line, setLine] = useState<Line | null>(null);
  useLayoutEffect(() => {
    const sheet = here.current?.parentElement;
    if (sheet === null || sheet === undefined) return;
    const rung = () => sheet.querySelector(`[data-step="${CSS.escape(step)}"]`)?.getBoundingClientRect();
    const ladder = sheet.querySelector('[role="listbox"]');
    const measure = () => {
      const slip = sheet.querySelector('[data-step-form]')?.getBoundingClientRect();
      const at = rung();
      const within = ladder?.getBoundingClientRect();
      const whole = sheet.getBoundingClientRect();
      if (slip === undefined || at === undefined || within === undefined) return;
      const middle = Math.max(within.left + 12, Math.min(within.right - 12, at.left + at.width / 2));
      const edge = Math.max(slip.left + 14, Math.min(slip.right - 14, middle));
      setLine({
        left: Math.min(middle, edge) - whole.left,
        width: Math.abs(middle - edge),
        top: slip.bottom - whole.top,
        height: at.top - slip.bottom,
        from: middle < edge ? 'left' : 'right',
      });
    };
    measure();
    const watch = new ResizeObserver(measure);
    watch.observe(sheet);
    const slip = sheet.querySelector('[data-step-form]');
    if (slip !== null) watch.observe(slip);
    ladder?.addEventListener('scroll', measure);
    return () => {
      watch.disconnect();
      ladder?.removeEventListener('scroll', measure);
    };
  }, [step]);
  return (
    <i
      ref={here}
      aria-hidden="true"
      className={`${classes.lead} ${line?.from === 'left' ? classes.leadLeft : classes.leadRight}`}
      style={
        line === null ? { display: 'none' } : { left: line.left, top: line.top, width: line.width, height: line.height }
      }
    />
  );
}
