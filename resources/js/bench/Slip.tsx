import { Modal, NumberInput, Textarea } from '@mantine/core';
import { useState } from 'react';
import type { Settings, Step } from '../api/types';
import { pressure } from '../units/units';

interface Props {
  kind: 'figures' | 'note' | null;
  step: Step;
  settings: Settings;
  used: { [name: string]: number } | undefined;
  onClose: () => void;
  onNote: (text: string) => void;
  onFigures: (figures: { [name: string]: number }) => void;
}

/** A slip of paper: a note, or the figures really used. */
export function Slip({ kind, onClose, ...rest }: Props) {
  return (
    <Modal opened={kind !== null} onClose={onClose} title={kind === 'note' ? 'Note' : 'Figures really used'} centered>
      {kind === 'note' && <Note onClose={onClose} {...rest} />}
      {kind === 'figures' && <Figures onClose={onClose} {...rest} />}
    </Modal>
  );
}

function Note({ onNote, onClose }: Pick<Props, 'onNote' | 'onClose'>) {
  const [text, setText] = useState('');
  return (
    <form
      className="slip"
      onSubmit={(event) => {
        event.preventDefault();
        if (text.trim() !== '') onNote(text.trim());
        onClose();
      }}
    >
      <Textarea
        label="What to remember of this step"
        rows={3}
        maxLength={1000}
        value={text}
        onChange={(event) => setText(event.currentTarget.value)}
        data-autofocus
        size="md"
      />
      <button type="submit" className="plain-button">
        Keep
      </button>
    </form>
  );
}

function Figures({
  step,
  settings,
  used,
  onFigures,
  onClose,
}: Pick<Props, 'step' | 'settings' | 'used' | 'onFigures' | 'onClose'>) {
  const d = step.document;
  const [psi, setPsi] = useState<number | string>(pressure.show(used?.psi ?? d.psi ?? 15, settings));
  const [strokes, setStrokes] = useState<number | string>(used?.strokes ?? d.strokes ?? 4);
  const [coats, setCoats] = useState<number | string>(used?.coats ?? d.coats ?? 1);
  const [thinning, setThinning] = useState<number | string>(used?.thinning_percent ?? d.thinning_percent ?? 0);
  return (
    <form
      className="slip"
      onSubmit={(event) => {
        event.preventDefault();
        const given = {
          psi: psi === '' ? undefined : pressure.read(Number(psi), settings),
          strokes: number(strokes),
          coats: number(coats),
          thinning_percent: number(thinning),
        };
        onFigures(
          Object.fromEntries(
            Object.entries(given).filter((entry): entry is [string, number] => entry[1] !== undefined),
          ),
        );
        onClose();
      }}
    >
      <div className="slip-two">
        <NumberInput
          label={pressure.unit(settings)}
          value={psi}
          onChange={setPsi}
          min={0.05}
          max={900}
          size="md"
          data-autofocus
        />
        <NumberInput
          label="Strokes a side"
          value={strokes}
          onChange={setStrokes}
          min={1}
          max={200}
          allowDecimal={false}
          size="md"
        />
        <NumberInput label="Coats" value={coats} onChange={setCoats} min={1} max={40} allowDecimal={false} size="md" />
        <NumberInput label="Reducer, %" value={thinning} onChange={setThinning} min={0} max={95} size="md" />
      </div>
      <button type="submit" className="plain-button">
        Keep these
      </button>
    </form>
  );
}

function number(value: number | string): number | undefined {
  return value === '' ? undefined : Number(value);
}
