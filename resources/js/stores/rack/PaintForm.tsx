import { Anchor, NativeSelect } from '@mantine/core';
import { useVocabulary } from '../../api/queries';
import type { Paint, PaintChange, Settings } from '../../api/types';
import { within } from '../../parts/bounds';
import { ColourField } from '../../parts/ColourField';
import { DayField } from '../../parts/DayField';
import { Figure } from '../../parts/Figure';
import { SavedText } from '../../parts/SavedText';
import { counted, moneyLabel, volume } from '../../units/units';
import '../../parts/controls';
import classes from './paint.module.css';

interface Props {
  paint: Paint;
  settings: Settings;
  busy: boolean;
  onChange: (set: Omit<PaintChange, 'revision'>) => unknown;
}

/** What is known of a bottle; every field is saved when it is left. */
export function PaintForm({ paint, settings, busy, onChange }: Props) {
  const vocabulary = useVocabulary().data;
  if (vocabulary === undefined) return null;
  const { bounds } = vocabulary;
  return (
    <form
      className={classes.paintForm}
      aria-label="About this bottle"
      data-busy={busy}
      onSubmit={(e) => e.preventDefault()}
    >
      <SavedText max={80} label="Name" value={paint.name} required onSave={(name) => onChange({ name })} />
      <NativeSelect
        size="xs"
        label="Kind"
        data={vocabulary.kinds}
        value={paint.kind}
        onChange={(event) => onChange({ kind: event.currentTarget.value })}
      />
      <ColourField label="Swatch, under clear" value={paint.hex} onColour={(hex) => onChange({ hex })} />
      <SavedText
        max={80}
        label="Family"
        value={paint.family}
        list="families"
        required
        onSave={(family) => onChange({ family })}
      />
      <SavedText
        max={80}
        label="Finish"
        value={paint.finish}
        list="finishes"
        onSave={(finish) => onChange({ finish })}
      />
      <Figure
        label="Solids, % by volume"
        value={round(paint.solids * 100)}
        {...within(bounds.solids, (share) => share * 100)}
        decimals={1}
        onSave={(percent) => percent !== null && onChange({ solids: percent / 100 })}
      />
      <Figure
        label="Bottle, ml"
        value={paint.bottle_ml}
        min={1}
        max={5000}
        decimals={1}
        onSave={(ml) => ml !== null && onChange({ bottle_ml: ml })}
      />
      <Figure
        label={`Left, ml (${volume(paint.left_ml, settings)})`}
        value={round(paint.left_ml)}
        min={0}
        max={5000}
        decimals={1}
        onSave={(ml) => ml !== null && onChange({ left_ml: ml })}
      />
      <Figure
        label={moneyLabel('Price of a bottle', settings)}
        value={paint.price}
        min={0}
        max={10_000}
        empty="not known"
        onSave={(price) => onChange({ price })}
      />
      <Figure
        label="Drops to a ml, of its tip"
        value={round(1 / paint.drop_ml)}
        min={1 / (bounds.drop_ml[1] ?? 1)}
        max={1 / (bounds.drop_ml[0] ?? 1)}
        decimals={1}
        onSave={(drops) => drops !== null && onChange({ drop_ml: 1 / drops })}
      />
      <Figure
        label="Drying time, times the estimate"
        value={Math.round(paint.drying * 100) / 100}
        {...within(bounds.drying)}
        decimals={2}
        onSave={(drying) => drying !== null && onChange({ drying })}
      />
      <DayField
        size="xs"
        label="Opened on"
        value={paint.opened_on ?? ''}
        onChange={(day) => onChange({ opened_on: day === '' ? null : day })}
      />
      <p className={`${classes.paintDries} dim`}>
        {paint.drying_runs === 0
          ? 'How long it really takes to dry is learnt at the bench, where a coat is felt dry early or still tacky.'
          : `How long it takes to dry was learnt in ${counted(paint.drying_runs, 'run')} at the bench.`}
      </p>
      <p className={classes.paintLevel}>
        <Anchor component="button" type="button" onClick={() => onChange({ left_ml: paint.bottle_ml })}>
          Restock
        </Anchor>
        <Anchor
          component="button"
          type="button"
          disabled={paint.left_ml === 0}
          onClick={() => onChange({ left_ml: 0 })}
        >
          Used up
        </Anchor>
        <span className="dim" role="status">
          {busy ? 'saving …' : 'saved'}
        </span>
      </p>
      <datalist id="families">
        {vocabulary.families.map((name) => (
          <option key={name} value={name} />
        ))}
      </datalist>
      <datalist id="finishes">
        {vocabulary.finishes.map((name) => (
          <option key={name} value={name} />
        ))}
      </datalist>
    </form>
  );
}

function round(value: number): number {
  return Math.round(value * 10) / 10;
}
