import { Checkbox, NativeSelect, NumberInput, TextInput } from '@mantine/core';
import { useVocabulary } from '../../api/queries';
import classes from './bodies.module.css';
import type { Kept } from './kept';
import type { Measures } from './measured';

interface Props {
  kept: Kept;
  /** Without its name and how many there are: they are asked for elsewhere. */
  rest?: boolean;
  shine: Measures['shine'];
  onKept: (some: Partial<Kept>) => void;
  onShine: (shine: Measures['shine']) => void;
}

/** What is kept of a body beside its measures. */
export function KeptForm({ kept, rest = false, shine, onKept, onShine }: Props) {
  const vocabulary = useVocabulary().data;
  return (
    <>
      <div className={classes.measuresThree}>
        {!rest && (
          <TextInput
            size="xs"
            label="Name"
            required
            maxLength={80}
            value={kept.name}
            onChange={(event) => onKept({ name: event.currentTarget.value })}
          />
        )}
        <TextInput
          size="xs"
          label="Made of"
          maxLength={40}
          value={kept.material}
          onChange={(event) => onKept({ material: event.currentTarget.value })}
        />
        <NativeSelect
          size="xs"
          label="Comes as"
          data={vocabulary?.conditions ?? [kept.condition]}
          value={kept.condition}
          onChange={(event) => onKept({ condition: event.currentTarget.value })}
        />
        <NativeSelect
          size="xs"
          label="Shine"
          data={[
            ...(shine === undefined ? [{ value: '', label: 'as it comes' }] : []),
            { value: 'none', label: 'none' },
            { value: 'mirror', label: 'mirror, foil or plated' },
            { value: 'glitter', label: 'glitter' },
          ]}
          value={shine ?? ''}
          onChange={(event) => onShine(shineOf(event.currentTarget.value))}
        />
        <NumberInput
          size="xs"
          label="Weight, g"
          min={0.1}
          max={5000}
          decimalScale={1}
          value={kept.weight_g ?? ''}
          onChange={(grams) => onKept({ weight_g: grams === '' ? null : Number(grams) })}
        />
        {!rest && (
          <NumberInput
            size="xs"
            label="In the drawer"
            min={0}
            allowDecimal={false}
            value={kept.stock}
            onChange={(count) => count !== '' && onKept({ stock: Number(count) })}
          />
        )}
      </div>
      <fieldset className={classes.fittings}>
        <legend>It has</legend>
        {(vocabulary?.fittings ?? []).map((name) => (
          <Checkbox
            key={name}
            size="xs"
            label={name}
            checked={kept.fittings.includes(name)}
            onChange={(event) =>
              onKept({
                fittings: event.currentTarget.checked
                  ? [...kept.fittings, name]
                  : kept.fittings.filter((one) => one !== name),
              })
            }
          />
        ))}
      </fieldset>
    </>
  );
}

/** The shine picked; nothing for a body whose condition says it. */
function shineOf(picked: string): Measures['shine'] {
  return picked === 'none' || picked === 'mirror' || picked === 'glitter' ? picked : undefined;
}
