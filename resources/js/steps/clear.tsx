import { Anchor, NativeSelect } from '@mantine/core';
import { Suspense, useState } from 'react';
import { useClears } from '../api/shopQueries';
import type { ClearStep } from '../api/types';
import { within } from '../parts/bounds';
import { Figure } from '../parts/Figure';
import { part } from '../parts/part';
import { minutes } from '../units/units';
import type { Face, FormProps } from './face';
import '../parts/controls';
import layout from '../parts/layout.module.css';
import { Stirred } from './Stirred';

const NewClear = part(async () => (await import('../stores/clears/NewClear')).NewClear);

export const clear: Face<ClearStep> = {
  name: 'Clear coat',
  Form: ClearForm,
  foot: ({ document }) => [document.coats === 1 ? '1 coat' : `${document.coats} coats`, ''],
  figures: () => ({}),
  bench: ({ document }, { planned }) => [
    [String(document.coats), document.coats === 1 ? 'coat' : 'coats'],
    [minutes(planned?.wait_min ?? 0), planned?.wait_for ?? ''],
    ...(planned?.stirs ?? []).map(({ name, ml }): [string, string] => [String(ml), `ml of ${name}, stirred in`]),
  ],
};

function ClearForm(props: FormProps<ClearStep>) {
  const { step, vocabulary, onChange } = props;
  const { document } = step;
  const clears = useClears().data;
  const [adding, setAdding] = useState(false);
  const bottle = clears?.clears.find((one) => one.in_use && one.kind === document.clear);
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
      <Stirred {...props} />
      {bottle !== undefined && bottle.yellow_percent !== document.yellow_percent && (
        <p>
          {bottle.name}, in use here,{' '}
          {bottle.yellow_percent === 0 ? 'is water-clear' : `has yellowed ${bottle.yellow_percent} %`}.{' '}
          <Anchor component="button" type="button" onClick={() => onChange({ yellow_percent: bottle.yellow_percent })}>
            See it with that
          </Anchor>
        </p>
      )}
      {clears !== undefined && bottle === undefined && (
        <p>
          No {document.clear} in the store: its times are the usual ones.{' '}
          <Anchor component="button" type="button" onClick={() => setAdding(true)}>
            Add yours
          </Anchor>
        </p>
      )}
      {adding && clears !== undefined && (
        <Suspense>
          <NewClear opened kinds={clears.kinds} kind={document.clear} onClose={() => setAdding(false)} />
        </Suspense>
      )}
      {document.yellow_percent > 0 && <p className="dim">It shifts white and blue; the water-clear one does not.</p>}
      <p className={layout.caution}>
        {vocabulary.clears.find((c) => c.name === document.clear)?.caution} Follow the product’s own sheet.
      </p>
    </>
  );
}
