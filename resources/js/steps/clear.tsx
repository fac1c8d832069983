import { NativeSelect } from '@mantine/core';
import type { ClearStep } from '../api/types';
import { within } from '../parts/bounds';
import { Figure } from '../parts/Figure';
import { minutes } from '../units/units';
import type { Face, FormProps } from './face';
import '../parts/controls';
import layout from '../parts/layout.module.css';

export const clear: Face<ClearStep> = {
  name: 'Clear coat',
  Form: ClearForm,
  foot: ({ document }) => [document.coats === 1 ? '1 coat' : `${document.coats} coats`, ''],
  figures: () => ({}),
  bench: ({ document }, { planned }) => [
    [String(document.coats), document.coats === 1 ? 'coat' : 'coats'],
    [minutes(planned?.wait_min ?? 0), planned?.wait_for ?? ''],
  ],
};

function ClearForm({ step: { document }, vocabulary, onChange }: FormProps<ClearStep>) {
  return (
    <>
      <NativeSelect
        label="Clear"
        size="xs"
        data={vocabulary.clears.map((c) => c.name)}
        value={document.clear}
        onChange={(event) => {
          const clear = vocabulary.clears.find((c) => c.name === event.currentTarget.value)?.name;
          if (clear !== undefined) onChange({ clear });
        }}
      />
      <div className={layout.two}>
        <Figure
          label="Coats"
          value={document.coats}
          {...within(vocabulary.bounds.clear_coats)}
          decimals={0}
          onSave={(coats) => coats !== null && onChange({ coats })}
        />
        <Figure
          label="Yellowed, %"
          value={document.yellow_percent}
          {...within(vocabulary.bounds.yellow_percent)}
          step={10}
          onSave={(yellow_percent) => yellow_percent !== null && onChange({ yellow_percent })}
        />
      </div>
      {document.yellow_percent > 0 && <p className="dim">It shifts white and blue; the water-clear one does not.</p>}
      <p className={layout.caution}>
        {vocabulary.clears.find((c) => c.name === document.clear)?.caution} Follow the product’s own sheet.
      </p>
    </>
  );
}
