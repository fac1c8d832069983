import { Button, Modal } from '@mantine/core';
import { useLocalStorage } from '@mantine/hooks';
import { useEffect, useState } from 'react';
import '../parts/controls';
import layout from '../parts/layout.module.css';
import classes from './bench.module.css';
import { tones } from './sound';

interface Props {
  /** On a side. */
  strokes: number;
  /** Seconds of a stroke, as this step was last sprayed. */
  last: number | undefined;
  onPaced: (paced: { strokes: number; seconds: number }) => void;
  onClose: () => void;
}

const USUAL_S = 1.5;
const LEAST_S = 0.5;
const MOST_S = 5;
const STEP_S = 0.25;
/** Ticks before the first stroke, to get into the swing. */
const LEAD = 3;

/** A beat for even strokes: so many, one after the other at the same pace, in figures to be seen from the booth. */
export function Beat({ strokes, last, onPaced, onClose }: Props) {
  const [usual, setUsual] = useLocalStorage({
    key: 'hawkbrush pace',
    defaultValue: USUAL_S,
    getInitialValueInEffect: false,
  });
  const [chosen, setChosen] = useState<number | null>(null);
  const seconds = chosen ?? last ?? usual;
  // Less than 1: the ticks before the first; null: no beat.
  const [at, setAt] = useState<number | null>(null);
  const pace = (by: number) => {
    const next = Math.min(MOST_S, Math.max(LEAST_S, seconds + by));
    setChosen(next);
    setUsual(next);
  };
  // biome-ignore lint/correctness/useExhaustiveDependencies: the pace stays while it beats
  useEffect(() => {
    if (at === null) return;
    if (at > strokes) {
      onPaced({ strokes, seconds });
      onClose();
      return;
    }
    tones(1, at < 1 ? 440 : 660, 0.1);
    const next = setTimeout(() => setAt(at + 1), seconds * 1000);
    return () => clearTimeout(next);
  }, [at]);
  return (
    <Modal opened onClose={onClose} title="Beat for even strokes" centered size="lg">
      <p className={classes.beat} role="status">
        {at === null ? `${strokes} of ${seconds} s` : at < 1 ? 'Ready …' : `Stroke ${at} of ${strokes}`}
      </p>
      {at === null ? (
        <p className={layout.actions}>
          <Button variant="default" onClick={() => pace(-STEP_S)}>
            Faster
          </Button>
          <Button variant="default" onClick={() => pace(STEP_S)}>
            Slower
          </Button>
          <Button onClick={() => setAt(1 - LEAD)} data-autofocus>
            Start
          </Button>
        </p>
      ) : (
        <Button variant="default" onClick={() => setAt(null)}>
          Stop
        </Button>
      )}
    </Modal>
  );
}
