import { Anchor, NativeSelect, NumberInput } from '@mantine/core';
import type { ReactNode } from 'react';
import { useVocabulary } from '../api/queries';
import type { Ground, MixPart, Paint } from '../api/types';
import { Chip } from '../parts/Chip';
import { counted } from '../units/units';
import { GroundAsked } from './GroundAsked';
import type { Sprayed } from './Mixing';
import '../parts/controls';
import { PageTitle } from '../parts/PageTitle';
import classes from './mixing.module.css';

interface Props {
  rack: Paint[];
  parts: MixPart[];
  sprayed: Sprayed;
  over: Ground;
  onParts: (parts: MixPart[]) => void;
  onSprayed: (sprayed: Sprayed) => void;
  onOver: (over: Ground) => void;
  children: ReactNode;
}

const MOST_PARTS = 6;
const MOST_DROPS = 200;

/** What is in the cup, drop by drop, and how it will be sprayed. */
export function CupForm(props: Props) {
  const { rack, parts } = props;
  const weights = useVocabulary().data?.weights ?? [];
  const free = rack.filter((paint) => !parts.some((part) => part.paint === paint.id));
  const change = (at: number, part: MixPart) => props.onParts(parts.map((one, i) => (i === at ? part : one)));
  const total = parts.reduce((sum, part) => sum + part.drops, 0);
  return (
    <div className={classes.cup}>
      <PageTitle of="Mixing" />
      <h1>In the cup</h1>
      <ul className={classes.cupParts}>
        {parts.map((part, i) => {
          const paint = rack.find((one) => one.id === part.paint);
          return (
            <li key={part.paint}>
              {paint !== undefined && <Chip chip={paint.chip} />}
              <NativeSelect
                size="xs"
                aria-label={`Paint ${i + 1}`}
                value={part.paint}
                onChange={(event) => change(i, { ...part, paint: event.currentTarget.value })}
              >
                {rack
                  .filter((one) => one.id === part.paint || free.includes(one))
                  .map((one) => (
                    <option key={one.id} value={one.id}>
                      {one.name}
                    </option>
                  ))}
              </NativeSelect>
              <NumberInput
                size="xs"
                w={70}
                min={1}
                max={MOST_DROPS}
                allowDecimal={false}
                clampBehavior="strict"
                aria-label={`Drops of ${paint?.name ?? 'paint'}`}
                value={part.drops}
                onChange={(drops) => Number(drops) >= 1 && change(i, { ...part, drops: Number(drops) })}
              />
              <Anchor
                component="button"
                type="button"
                aria-label={`Take ${paint?.name ?? 'paint'} out`}
                onClick={() => props.onParts(parts.filter((one) => one !== part))}
              >
                out
              </Anchor>
            </li>
          );
        })}
      </ul>
      <NativeSelect
        size="xs"
        aria-label="Add a paint to it"
        value=""
        disabled={parts.length >= MOST_PARTS || free.length === 0}
        onChange={(event) => props.onParts([...parts, { paint: event.currentTarget.value, drops: 1 }])}
      >
        <option value="">{parts.length === 0 ? 'Add a paint to it …' : 'And another …'}</option>
        {free.map((paint) => (
          <option key={paint.id} value={paint.id}>
            {paint.name} ({paint.kind})
          </option>
        ))}
      </NativeSelect>
      {total > 0 && <p className="dim">{counted(total, 'drop')} before it is thinned</p>}
      <fieldset className={classes.cupSprayed}>
        <legend>Sprayed in</legend>
        <NativeSelect
          size="xs"
          aria-label="Coats"
          value={props.sprayed.coats}
          onChange={(event) => props.onSprayed({ ...props.sprayed, coats: Number(event.currentTarget.value) })}
        >
          {[1, 2, 3, 4, 5, 6].map((coats) => (
            <option key={coats} value={coats}>
              {counted(coats, 'coat')}
            </option>
          ))}
        </NativeSelect>
        <NativeSelect
          size="xs"
          aria-label="Weight"
          value={props.sprayed.weight}
          onChange={(event) => props.onSprayed({ ...props.sprayed, weight: event.currentTarget.value })}
        >
          {weights.map((weight) => (
            <option key={weight.name}>{weight.name}</option>
          ))}
        </NativeSelect>
        <span>thinned, %</span>
        <NumberInput
          size="xs"
          w={70}
          aria-label="thinned, %"
          min={0}
          max={95}
          step={5}
          clampBehavior="strict"
          value={props.sprayed.thinning_percent}
          onChange={(percent) => props.onSprayed({ ...props.sprayed, thinning_percent: Number(percent) })}
        />
      </fieldset>
      <GroundAsked label="over" value={props.over} onChange={props.onOver} />
      {props.children}
    </div>
  );
}
