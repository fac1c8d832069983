import { UnstyledButton } from '@mantine/core';
import acts from './acts.module.css';

interface Props {
  open: boolean;
  /** Whether the figures of this step can turn out to be others. */
  figures: boolean;
  tries: boolean;
  onBack: () => void;
  onTimer: () => void;
  onNote: () => void;
  onPhoto: () => void;
  onFigures: () => void;
  onPedal: () => void;
  /** Whether the bench speaks; undefined: this browser has no voice. */
  speaks: boolean | undefined;
  onSpeak: () => void;
  /** Undefined: the step has no strokes. */
  onBeat: (() => void) | undefined;
}

/** What else is done at the bench, each with its key. */
export function Acts(props: Props) {
  const { open, figures, tries } = props;
  return (
    <div className={acts.acts}>
      <UnstyledButton onClick={props.onBack}>
        Back <kbd>B</kbd>
      </UnstyledButton>
      <UnstyledButton onClick={props.onTimer} disabled={!open}>
        Timer <kbd>T</kbd>
      </UnstyledButton>
      <UnstyledButton onClick={props.onNote}>
        Note <kbd>N</kbd>
      </UnstyledButton>
      <UnstyledButton onClick={props.onPhoto}>
        Photo <kbd>P</kbd>
      </UnstyledButton>
      <UnstyledButton onClick={props.onFigures} disabled={!figures}>
        {tries ? 'Found other settings' : 'Other settings'} <kbd>F</kbd>
      </UnstyledButton>
      <UnstyledButton onClick={props.onBeat} disabled={props.onBeat === undefined}>
        Beat <kbd>M</kbd>
      </UnstyledButton>
      <UnstyledButton onClick={props.onPedal}>Pedal</UnstyledButton>
      {props.speaks !== undefined && (
        <UnstyledButton aria-pressed={props.speaks} onClick={props.onSpeak}>
          {props.speaks ? '✓ Speaks' : 'Speak'} <kbd>S</kbd>
        </UnstyledButton>
      )}
    </div>
  );
}
