import { Modal } from '@mantine/core';
import type { Clash } from './useEdits';

/** Two tabs on one pattern: both sides are shown, neither is lost. */
export function ClashDialog({ clash, onSettle }: { clash: Clash | null; onSettle: (mine: boolean) => void }) {
  return (
    <Modal opened={clash !== null} onClose={() => onSettle(false)} title="It was changed elsewhere" centered>
      {clash !== null && (
        <div style={{ display: 'grid', gap: 12 }}>
          <p>
            This version was changed in another tab or on another screen after you opened it. Your last change was not
            saved yet.
          </p>
          <p>
            <b>There now:</b> {clash.theirs.steps.length} steps:{' '}
            {clash.theirs.steps.map((s) => s.shown.name).join(', ')}.
          </p>
          <p>
            <b>Yours:</b> {inWords(clash.change)}
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

function inWords(change: Clash['change']): string {
  if (typeof change === 'string') return `${change}.`;
  const what = change.set === undefined ? '' : `: ${JSON.stringify(change.set)}`;
  return `${change.op}${what}`;
}
