import { NumberInput, Textarea } from '@mantine/core';
import { useState } from 'react';
import { useVocabulary } from '../api/queries';
import type { Settings, Step, Vocabulary } from '../api/types';
import { within, wrong } from '../ladder/bounds';
import { AskForm } from '../shell/AskForm';
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

/** A slip of paper: a note, or the figures really used. Each begins anew when it is taken up. */
export function Slip(props: Props) {
  if (props.kind === 'note') return <Note {...props} />;
  return props.kind === 'figures' ? <Figures {...props} /> : null;
}

function Note({ onNote, onClose }: Props) {
  const [text, setText] = useState('');
  const keep = () => {
    if (text.trim() !== '') onNote(text.trim());
    onClose();
  };
  return (
    <AskForm title="Note" action="Keep" opened pending={false} error={null} onClose={onClose} onSubmit={keep}>
      <Textarea
        label="What to remember of this step"
        rows={3}
        maxLength={1000}
        value={text}
        onChange={(event) => setText(event.currentTarget.value)}
        data-autofocus
        size="md"
      />
    </AskForm>
  );
}

function Figures({ step, settings, used, onFigures, onClose }: Props) {
  const d = step.document;
  const sprayed = step.shown.sprayed !== false;
  const [psi, setPsi] = useState<number | string>(pressure.show(used?.psi ?? d.psi ?? 15, settings));
  const [strokes, setStrokes] = useState<number | string>(used?.strokes ?? d.strokes ?? 4);
  const [coats, setCoats] = useState<number | string>(used?.coats ?? d.coats ?? 1);
  const [thinning, setThinning] = useState<number | string>(used?.thinning_percent ?? d.thinning_percent ?? 0);
  const keep = () => {
    const given: [string, number | undefined][] = [
      ['psi', psi === '' || !sprayed ? undefined : pressure.read(Number(psi), settings)],
      ['strokes', number(strokes)],
      ['coats', number(coats)],
      ['thinning_percent', number(thinning)],
    ];
    onFigures(Object.fromEntries(given.filter((entry): entry is [string, number] => entry[1] !== undefined)));
    onClose();
  };
  const bounds = useVocabulary().data?.bounds;
  const held = (name: keyof Vocabulary['bounds'], value: number | string, show?: (value: number) => number) => {
    const range = bounds === undefined ? { min: 0, max: Number.POSITIVE_INFINITY } : within(bounds[name], show);
    return { ...range, error: wrong(value, range) };
  };
  const fields = {
    psi: held('psi', sprayed ? psi : '', (value) => pressure.show(value, settings)),
    strokes: held('strokes', strokes),
    coats: held('coats', coats),
    thinning: held('thinning_percent', thinning),
  };
  // A figure that cannot be is left standing and said to be so; nothing is kept until it is put right.
  const bad = Object.values(fields).some((field) => field.error !== undefined);
  const figure = { size: 'md', allowDecimal: false, clampBehavior: 'none' } as const;
  return (
    <AskForm
      title="Figures really used"
      action="Keep these"
      opened
      pending={bad}
      error={null}
      onClose={onClose}
      onSubmit={keep}
    >
      <div className="ask-two">
        {sprayed && (
          <NumberInput
            {...figure}
            label={pressure.unit(settings)}
            value={psi}
            onChange={setPsi}
            allowDecimal
            {...fields.psi}
            data-autofocus
          />
        )}
        <NumberInput
          {...figure}
          label="Strokes a side"
          value={strokes}
          onChange={setStrokes}
          {...fields.strokes}
          data-autofocus={!sprayed || undefined}
        />
        <NumberInput {...figure} label="Coats" value={coats} onChange={setCoats} {...fields.coats} />
        <NumberInput
          {...figure}
          label="Reducer, %"
          value={thinning}
          onChange={setThinning}
          allowDecimal
          {...fields.thinning}
        />
      </div>
    </AskForm>
  );
}

function number(value: number | string): number | undefined {
  return value === '' ? undefined : Number(value);
}
