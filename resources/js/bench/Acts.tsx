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
  ends: string;
}

/** What else is done at the bench, each with its key. */
export function Acts(props: Props) {
  const { open, figures, tries, ends } = props;
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
        {tries ? 'Found other figures' : 'Used other figures'} <kbd>F</kbd>
      </UnstyledButton>
      <UnstyledButton onClick={props.onPedal}>Pedal</UnstyledButton>
      <span className="dim">{ends}</span>
    </div>
  );
}
