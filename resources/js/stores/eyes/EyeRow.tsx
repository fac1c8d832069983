import { Anchor } from '@mantine/core';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { api, ask, words } from '../../api/client';
import type { EyeCard, EyeCardChange, Settings, Vocabulary } from '../../api/types';
import { within } from '../../parts/bounds';
import { ColourField } from '../../parts/ColourField';
import { Figure } from '../../parts/Figure';
import { SavedText } from '../../parts/SavedText';
import { Select } from '../../parts/Select';
import { EyeDrawing } from '../../stage/EyeDrawing';
import { length } from '../../units/units';
import classes from './eyes.module.css';

const MOST = 100_000;

interface Props {
  eye: EyeCard;
  vocabulary: Vocabulary;
  settings: Settings;
}

/** Eyes of one make; every field is saved when it stands still. */
export function EyeRow({ eye, vocabulary, settings }: Props) {
  const queries = useQueryClient();
  const change = useMutation({
    scope: { id: `eyes ${eye.id}` },
    mutationFn: (set: Omit<EyeCardChange, 'revision'>) => {
      const now = queries.getQueryData<EyeCard[]>(['eyes'])?.find((one) => one.id === eye.id) ?? eye;
      return ask(
        api.PATCH('/eyes/{id}', { params: { path: { id: eye.id } }, body: { revision: now.revision, ...set } }),
      );
    },
    onSuccess: (saved) =>
      queries.setQueryData<EyeCard[]>(['eyes'], (all) => all?.map((one) => (one.id === saved.id ? saved : one))),
    onSettled: () => queries.invalidateQueries(),
  });
  const set = (fields: Omit<EyeCardChange, 'revision'>) => change.mutateAsync(fields).catch(() => {});
  return (
    <li data-eyes={eye.name} className={eye.archived ? classes.gone : undefined}>
      <EyeDrawing eye={eye.look} label={`${eye.kind}, ${eye.pupil} pupil`} />
      <SavedText label="Name" value={eye.name} max={80} required onSave={(name) => set({ name })} />
      <Select label="Kind" options={vocabulary.eyes} value={eye.kind} onChoose={(kind) => set({ kind })} />
      <Figure
        label={`Diameter, ${length.unit(settings)}`}
        value={length.show(eye.diameter_mm, settings)}
        {...within(vocabulary.bounds.diameter_mm, (mm) => length.show(mm, settings))}
        step={0.5}
        onSave={(shown) => shown !== null && set({ diameter_mm: length.read(shown, settings) })}
      />
      <ColourField label="Iris" value={eye.iris} onColour={(iris) => set({ iris })} />
      <Select label="Pupil" options={vocabulary.pupils} value={eye.pupil} onChoose={(pupil) => set({ pupil })} />
      <Figure
        label="Left"
        value={eye.left}
        min={0}
        max={MOST}
        decimals={0}
        onSave={(left) => left !== null && set({ left })}
      />
      <Figure
        label="Price of one"
        value={eye.price}
        min={0}
        max={1000}
        empty="not known"
        onSave={(price) => set({ price })}
      />
      <Anchor component="button" type="button" onClick={() => void set({ archived: !eye.archived })}>
        {eye.archived ? 'Bring back' : 'Put away'}
      </Anchor>
      {change.isError && <p role="alert">{words(change.error)}</p>}
    </li>
  );
}
