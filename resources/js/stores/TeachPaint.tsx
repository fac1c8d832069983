import { NativeSelect, NumberInput } from '@mantine/core';
import { keepPreviousData, useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { words, write } from '../api/client';
import type { Paint, Taught } from '../api/types';
import { AskForm, Line } from '../shell/AskForm';

/** A guided drawdown: the two halves of a card, bare and painted, and how thick the film is. */
export function TeachPaint({ paint, onClose }: { paint: Paint; onClose: () => void }) {
  const queries = useQueryClient();
  const [white, setWhite] = useState('#f2f2f0');
  const [black, setBlack] = useState('#3c3c3c');
  const [seen, setSeen] = useState<'matte' | 'clear'>('matte');
  const [overWhite, setOverWhite] = useState(paint.chip.white);
  const [overBlack, setOverBlack] = useState('#5c5050');
  const [um, setUm] = useState<number | string>(10);
  const card = {
    revision: paint.revision,
    white: { hex: white },
    black: { hex: black },
    over_white: { hex: overWhite },
    over_black: { hex: overBlack },
    dry_um: Number(um),
    seen,
  };
  const looked = useQuery({
    queryKey: ['drawdown', paint.id, card],
    queryFn: () => write<Taught>('POST', `/paints/${paint.id}/drawdown`, card),
    enabled: Number(um) > 0,
    placeholderData: keepPreviousData,
  });
  const keep = useMutation({
    mutationFn: () => write<Taught>('POST', `/paints/${paint.id}/drawdown`, { ...card, keep: true }),
    onSuccess: () => {
      void queries.invalidateQueries();
      onClose();
    },
  });
  const found = looked.isError ? undefined : looked.data;

  return (
    <AskForm
      title={`Teach it ${paint.name}`}
      action="Use this from now on"
      opened
      pending={keep.isPending || found === undefined}
      error={keep.error}
      onClose={onClose}
      onSubmit={keep.mutate}
    >
      <p>
        Paint a card half white, half black, in one even film, and let it dry. Give the four colours as the dry card
        shows them, and the film it has.
      </p>
      <div className="ask-two">
        <Line label="Bare white half" type="color" value={white} onText={setWhite} />
        <Line label="Bare black half" type="color" value={black} onText={setBlack} />
        <Line label="Painted, on the white" type="color" value={overWhite} onText={setOverWhite} />
        <Line label="Painted, on the black" type="color" value={overBlack} onText={setOverBlack} />
      </div>
      <div className="ask-two">
        <NumberInput label="Dry film, µm" min={0.1} max={1000} value={um} onChange={setUm} />
        <NativeSelect
          label="The card is"
          data={[
            { value: 'matte', label: 'matte, as sprayed' },
            { value: 'clear', label: 'under clear' },
          ]}
          value={seen}
          onChange={(event) => setSeen(event.currentTarget.value as 'matte' | 'clear')}
        />
      </div>
      {looked.isError && (
        <p role="alert" className="notice">
          {words(looked.error)}
        </p>
      )}
      {found !== undefined && <Meaning taught={found} />}
    </AskForm>
  );
}

function Meaning({ taught }: { taught: Taught }) {
  return (
    <section aria-label="What the card says">
      <p>
        It hides {Math.round(taught.contrast_ratio * 100)} % at this film, as a {taught.hides_as} paint does. One to six
        ordinary coats, found above what was assumed:
      </p>
      <table className="taught">
        <tbody>
          {(['black', 'grey', 'white'] as const).map((ground) => (
            <tr key={ground}>
              <th scope="row">{ground}</th>
              {taught.coats.map(({ coats, over }) => (
                <td key={coats}>
                  <span
                    className="taught-chip"
                    role="img"
                    aria-label={`${coats} over ${ground}: found ${over[ground].found}, assumed ${over[ground].assumed}`}
                  >
                    <i style={{ background: over[ground].found }} />
                    <i style={{ background: over[ground].assumed }} />
                  </span>
                  {over[ground].delta_e.toFixed(1)}
                </td>
              ))}
            </tr>
          ))}
        </tbody>
      </table>
      <p className="dim">Figures: difference in DeltaE00 under clear. Under 1 hardly anybody sees.</p>
    </section>
  );
}
