import { NativeSelect, NumberInput } from '@mantine/core';
import type { components } from '../api/schema';
import { keysOf, oneOf } from '../parts/choices';
import '../parts/controls';
import classes from './teach.module.css';

type Card = components['schemas']['Card'];
export type FilmTold = Pick<Card, 'dry_um' | 'film'>;

const WAYS = { gauge: 'by a wet film gauge', drops: 'by drops drawn out', dry: 'dry, measured' };
type Way = keyof typeof WAYS;

const FIRST: Record<Way, FilmTold> = {
  gauge: { film: { wet_um: 40, thinning_percent: 0 } },
  drops: { film: { drops: 6, area_mm2: 5000 } },
  dry: { dry_um: 10 },
};

/** How thick the film of the card is, in the way the painter knows it. */
export function FilmFields({ value, onChange }: { value: FilmTold; onChange: (film: FilmTold) => void }) {
  const { film } = value;
  const way: Way = film === undefined ? 'dry' : film.drops === undefined ? 'gauge' : 'drops';
  const set = (what: NonNullable<FilmTold['film']>) => onChange({ film: { ...film, ...what } });
  return (
    <div className={classes.teachFilm}>
      <NativeSelect
        label="The film"
        data={Object.entries(WAYS).map(([of, label]) => ({ value: of, label }))}
        value={way}
        onChange={(event) => onChange(FIRST[oneOf(event.currentTarget.value, keysOf(FIRST)) ?? way])}
      />
      {way === 'dry' && (
        <Num label="Dry film, µm" min={0.1} max={1000} value={value.dry_um} onSet={(dry_um) => onChange({ dry_um })} />
      )}
      {way === 'gauge' && (
        <>
          <Num label="Wet film, µm" min={1} max={2000} value={film?.wet_um} onSet={(wet_um) => set({ wet_um })} />
          <Num
            label="Thinned, %"
            min={0}
            max={95}
            value={film?.thinning_percent}
            onSet={(thinning_percent) => set({ thinning_percent })}
          />
        </>
      )}
      {way === 'drops' && (
        <>
          <Num label="Drops of paint" min={0.5} max={500} value={film?.drops} onSet={(drops) => set({ drops })} />
          <Num
            label="Over, cm²"
            min={0.1}
            max={10000}
            value={(film?.area_mm2 ?? 0) / 100}
            onSet={(cm2) => set({ area_mm2: cm2 * 100 })}
          />
        </>
      )}
    </div>
  );
}

function Num(props: {
  label: string;
  min: number;
  max: number;
  value: number | undefined;
  onSet: (value: number) => void;
}) {
  return (
    <NumberInput
      label={props.label}
      min={props.min}
      max={props.max}
      decimalScale={1}
      value={props.value ?? props.min}
      onChange={(next) => {
        const number = Number(next);
        if (next !== '' && number >= props.min && number <= props.max) props.onSet(number);
      }}
    />
  );
}
