import { NativeSelect } from '@mantine/core';
import type { CoatAir, Settings } from '../api/types';
import { within } from '../parts/bounds';
import { Figure } from '../parts/Figure';
import layout from '../parts/layout.module.css';
import { minutes, temperature } from '../units/units';
import type { RestPart } from './Rest';
import type { RestOfPaintProps as Props } from './restProps';
import { setWords } from './setWords';

const SET_BY = ['heat', 'air', 'wet'] as const;

export function set({ step, vocabulary: { bounds }, settings, inShop, onChange }: Props): RestPart {
  const { set: now } = step.document;
  return {
    name: 'How it is set',
    words: setWords(now),
    fields: (
      <>
        <div className={layout.two}>
          <NativeSelect
            label="Set by"
            size="xs"
            data={[
              { value: 'heat', label: 'heat' },
              { value: 'air', label: 'air' },
              { value: 'wet', label: 'not set: wet blend' },
            ]}
            value={now.by}
            onChange={(event) => {
              const by = SET_BY.find((one) => one === event.currentTarget.value) ?? 'heat';
              void onChange((document) => ({ set: { by, minutes: document.set.minutes } }));
            }}
          />
          <Figure
            label="Wait, min"
            value={now.minutes}
            {...within(bounds.minutes)}
            step={5}
            onSave={(v) => v !== null && onChange((document) => ({ set: { by: document.set.by, minutes: v } }))}
          />
        </div>
        {inShop !== undefined && <p className="dim">{dryWords(inShop.dry, settings)}</p>}
      </>
    ),
  };
}

/** How long it takes to touch dry here, in still air and under the dryer in hand. */
function dryWords({ still_s, dryer_s, dryer, surface_c, softens }: CoatAir['dry'], settings: Settings): string {
  const time = (seconds: number | null) => (seconds === null ? 'never dry' : minutes(seconds / 60));
  const warm = `${temperature.show(surface_c, settings)} ${temperature.unit(settings)}`;
  return `Touch dry in this room (model): ${time(still_s)} in still air, ${time(dryer_s)} under the ${dryer} at about ${warm}.${
    softens ? ' That is too warm for plastic: hold it further off.' : ''
  }`;
}
