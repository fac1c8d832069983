import { NativeSelect, NumberInput } from '@mantine/core';
import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { api, ask, words } from '../../api/client';
import { useVocabulary } from '../../api/queries';
import type { Ground, Paint } from '../../api/types';
import { GroundAsked } from '../../mixing/GroundAsked';
import { within } from '../../parts/bounds';
import { ColourField } from '../../parts/ColourField';
import { counted } from '../../units/units';
import '../../parts/controls';
import layout from '../../parts/layout.module.css';
import classes from './paint.module.css';

const FEWEST_SHOWN = 8;

/** Coats until it hides (ISO 6504-3) or until a wanted colour, and when never, why. */
export function HowManyCoats({ paint }: { paint: Paint }) {
  const vocabulary = useVocabulary().data;
  const weights = vocabulary?.weights ?? [];
  const [over, setOver] = useState<Ground>('black');
  const [weight, setWeight] = useState('light');
  const [thinning, setThinning] = useState(0);
  const [until, setUntil] = useState<'hidden' | 'colour'>('hidden');
  const [hex, setHex] = useState(paint.chip.white);
  const form = {
    over,
    weight,
    thinning_percent: thinning,
    until: until === 'hidden' ? { hidden: true } : { colour: { hex }, within: 2 },
  };
  const asked = useQuery({
    queryKey: ['coats', paint.id, paint.revision, form],
    queryFn: () => ask(api.POST('/paints/{id}/coats', { params: { path: { id: paint.id } }, body: form })),
    placeholderData: keepPreviousData,
  });
  const seen = asked.data;
  return (
    <section aria-label="How many coats">
      <h2 className={classes.paintHead}>How many coats?</h2>
      <div className={layout.row}>
        <span>until</span>
        <NativeSelect
          aria-label="until"
          size="xs"
          value={until}
          onChange={(e) => setUntil(e.currentTarget.value as 'hidden' | 'colour')}
        >
          <option value="hidden">it hides black and white</option>
          <option value="colour">this colour</option>
        </NativeSelect>
        {until === 'colour' && <ColourField hidden label="Wanted colour" value={hex} onColour={setHex} />}
        <GroundAsked label="over" value={over} onChange={setOver} />
        <span>each</span>
        <NativeSelect aria-label="each" size="xs" value={weight} onChange={(e) => setWeight(e.currentTarget.value)}>
          {weights.map((one) => (
            <option key={one.name}>{one.name}</option>
          ))}
        </NativeSelect>
        <span>thinned, %</span>
        <NumberInput
          size="xs"
          w={70}
          aria-label="thinned, %"
          {...within(vocabulary?.bounds.thinning_percent ?? [0, 95])}
          step={5}
          value={thinning}
          onChange={(percent) => setThinning(Number(percent))}
        />
      </div>
      {asked.isError && <p role="alert">{words(asked.error)}</p>}
      {seen !== undefined && (
        <>
          <p className={classes.coatsAnswer} role="status">
            <b>{seen.coats === null ? 'Never' : counted(seen.coats, 'coat')}</b> {seen.reason}
          </p>
          <ol className={`${classes.coatsRow} on-stage`} aria-label="Colour after each coat">
            {seen.after.slice(0, Math.max(FEWEST_SHOWN, Math.min(16, (seen.coats ?? 12) + 2))).map((after, i) => (
              // biome-ignore lint/suspicious/noArrayIndexKey: the coats are counted
              <li key={i} className={seen.coats === i + 1 ? classes.there : ''}>
                <i
                  style={{ background: after.colour.hex }}
                  title={`${after.colour.hex}, ${after.delta_e.toFixed(1)} DeltaE00 off`}
                />
                {i + 1}
              </li>
            ))}
            {seen.wanted !== null && (
              <li className={classes.wanted}>
                <i style={{ background: seen.wanted.hex }} />
                wanted
              </li>
            )}
          </ol>
        </>
      )}
    </section>
  );
}
