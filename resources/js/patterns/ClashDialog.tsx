import { Modal } from '@mantine/core';
import type { Settings } from '../api/types';
import { changeWords } from '../ladder/words';
import type { Clash } from './useEdits';

interface Props {
  clash: Clash | null;
  settings: Settings;
  onSettle: (mine: boolean) => void;
}

/** Two tabs on one pattern: both sides are shown, neither is lost. */
export function ClashDialog({ clash, settings, onSettle }: Props) {
  return (
    <Modal opened={clash !== null} onClose={() => onSettle(false)} title="It was changed elsewhere" centered>
      {clash !== null && (
        <div style={{ display: 'grid', gap: 12 }}>
          <p>
            This pattern was changed in another tab or on another screen after you opened it. Your last change was not
            saved yet.
          </p>
          <p>
            <b>There now:</b> version {clash.theirs.number}, {clash.theirs.steps.length} steps:{' '}
            {clash.theirs.steps.map((s) => s.shown.name).join(', ')}.
          </p>
          <p>
            <b>Yours:</b> {changeWords(clash.change, clash.theirs.steps, settings)}.
          </p>
          <div style={{ display: 'flex', gap: 10 }}>
            <button type="button" className="plain-button" onClick={() => onSettle(true)}>
              Make my change on top
            </button>
            <button type="button" className="plain-button quiet" onClick={() => onSettle(false)}>
              Leave mine out
            </button>
          </div>
        </div>
      )}
    </Modal>
  );
}
