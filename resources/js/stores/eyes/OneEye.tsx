import { useMutation, useQueryClient } from '@tanstack/react-query';
import { Link } from 'react-router';
import { api, ask } from '../../api/client';
import type { EyeCard, EyeCardChange, Settings, Vocabulary } from '../../api/types';
import { within } from '../../parts/bounds';
import { ColourField } from '../../parts/ColourField';
import { Figure } from '../../parts/Figure';
import layout from '../../parts/layout.module.css';
import { SavedText } from '../../parts/SavedText';
import { Select } from '../../parts/Select';
import { EyeDrawing } from '../../stage/EyeDrawing';
import { length, moneyLabel } from '../../units/units';
import { Thing } from '../things/Thing';
import { useUndoable } from '../things/useUndoable';

const MOST = 100_000;
/** So large a millimetre is drawn: sizes are told apart. */
const PX_PER_MM = 7;
const LARGEST_PX = 92;
/** Fewer than for so many baits are soon gone. */
const FEW = 6;
const MOST_NAMED = 3;

interface Props {
  eye: EyeCard;
  vocabulary: Vocabulary;
  settings: Settings;
  opened: boolean;
  onOpen: () => void;
}

/** Eyes of one make: drawn by their size, how many are left and where they are used. */
export function OneEye({ eye, vocabulary, settings, opened, onOpen }: Props) {
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
  const set = useUndoable<Omit<EyeCardChange, 'revision'>>(eye.name, eye, change.mutateAsync);
  const baits = Math.floor(eye.left / 2);
  return (
    <Thing
      name={eye.name}
      drawing={
        <EyeDrawing
          eye={eye.look}
          label={`${eye.kind}, ${eye.pupil} pupil`}
          size={Math.min(LARGEST_PX, eye.diameter_mm * PX_PER_MM)}
        />
      }
      opened={opened}
      onOpen={onOpen}
      archived={eye.archived}
      onArchive={() => void set({ archived: !eye.archived })}
      error={change.error}
      figures={
        <>
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
            label={moneyLabel('Price of one', settings)}
            value={eye.price}
            min={0}
            max={1000}
            empty="not known"
            onSave={(price) => set({ price })}
          />
        </>
      }
    >
      <p>
        {length.show(eye.diameter_mm, settings)} {length.unit(settings)}, {eye.kind}
        {eye.pupil === 'round' ? '' : `, ${eye.pupil} pupil`}
      </p>
      <p className={baits < FEW ? layout.low : undefined}>
        {eye.left === 0 ? 'None left' : `${eye.left} left, for ${baits} ${baits === 1 ? 'bait' : 'baits'}`}
      </p>
      <p className="dim">
        {eye.used_in.length === 0 ? 'In no pattern.' : 'In '}
        {eye.used_in.slice(0, MOST_NAMED).map((pattern, i) => (
          <span key={pattern.id}>
            {i > 0 && ', '}
            <Link className="link" to={`/patterns/${pattern.id}`}>
              {pattern.name}
            </Link>
          </span>
        ))}
        {eye.used_in.length > MOST_NAMED && ` and ${eye.used_in.length - MOST_NAMED} more`}
      </p>
    </Thing>
  );
}
