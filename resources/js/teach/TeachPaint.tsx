import { Button, Modal, NativeSelect } from '@mantine/core';
import { keepPreviousData, skipToken, useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { api, ask, words } from '../api/client';
import type { Paint } from '../api/types';
import { ColourField } from '../parts/ColourField';
import { Strip } from '../parts/Strip';
import { FilmFields, type FilmTold } from './FilmFields';
import { FromFile } from './FromFile';
import { FromMeter } from './FromMeter';
import { FromPhoto } from './FromPhoto';
import { byHalf, type CardBegun, type CardTold, HALVES, hexTold, isWhole, type Told, WORDS } from './halves';
import { Meaning } from './Meaning';
import '../parts/controls';
import layout from '../parts/layout.module.css';
import classes from './teach.module.css';

const SOURCES = {
  typed: 'Typed',
  photograph: 'Off a photograph',
  colorimeter: 'With a colorimeter',
  file: 'From a file',
};
type Source = keyof typeof SOURCES;

/** A guided drawdown: the two halves of a card, bare and painted, and how thick the film is. */
export function TeachPaint({ paint, onClose }: { paint: Paint; onClose: () => void }) {
  const queries = useQueryClient();
  const [source, setSource] = useState<Source>('typed');
  const [seen, setSeen] = useState<'matte' | 'clear'>('matte');
  const [film, setFilm] = useState<FilmTold>({ film: { wet_um: 40, thinning_percent: 0 } });
  const [card, setCard] = useState<CardBegun>({
    white: hexTold('#f2f2f0'),
    black: hexTold('#3c3c3c'),
    over_white: null,
    over_black: null,
  });
  const form = isWhole(card) && {
    revision: paint.revision,
    ...byHalf((half) => card[half].given),
    ...film,
    seen,
    source,
  };
  const params = { path: { id: paint.id } };
  const looked = useQuery({
    queryKey: ['drawdown', paint.id, form],
    queryFn: form === false ? skipToken : () => ask(api.POST('/paints/{id}/drawdown', { params, body: form })),
    placeholderData: keepPreviousData,
    retry: false,
  });
  const keep = useMutation({
    mutationFn: (whole: Extract<typeof form, object>) =>
      ask(api.POST('/paints/{id}/drawdown', { params, body: { ...whole, keep: true } })),
    onSuccess: ({ paint: taught }) => {
      queries.setQueryData<Paint[]>(['paints'], (rack) => rack?.map((one) => (one.id === taught.id ? taught : one)));
      void queries.invalidateQueries();
      onClose();
    },
  });
  const found = looked.isError ? undefined : looked.data;
  // What was not looked at yet is not kept: the figures shown may still be those of the card before.
  const settled = found !== undefined && !looked.isPlaceholderData;
  const tell = (told: Partial<CardTold>) => setCard((was) => ({ ...was, ...told }));

  return (
    <Modal opened onClose={onClose} title={`Teach it ${paint.name}`} size={720} centered closeOnClickOutside={false}>
      <form
        className={layout.ask}
        onSubmit={(event) => {
          event.preventDefault();
          form !== false && keep.mutate(form);
        }}
      >
        <p>
          Paint a card half white, half black, in one even film, and let it dry. Then give the four colours as the card
          shows them, and how thick the film is.
        </p>
        <Strip
          legend="Where the colours come from"
          className={classes.teachSource}
          value={source}
          options={SOURCES}
          onChange={setSource}
        />
        {source === 'photograph' && <FromPhoto onCard={tell} />}
        {source === 'colorimeter' && (
          <FromMeter
            paint={paint}
            onCard={tell}
            onFilm={(wet_um) => setFilm({ film: { wet_um, thinning_percent: 0 } })}
          />
        )}
        {source === 'file' && <FromFile onCard={tell} />}
        <Halves card={card} typed={source === 'typed'} onTell={tell} />
        <FilmFields value={film} onChange={setFilm} />
        <NativeSelect
          label="The card is"
          data={[
            { value: 'matte', label: 'matte, as sprayed' },
            { value: 'clear', label: 'under clear' },
          ]}
          value={seen}
          onChange={(event) => setSeen(event.currentTarget.value as 'matte' | 'clear')}
        />
        {looked.isError && (
          <p role="alert" className="notice">
            {words(looked.error)}
          </p>
        )}
        {keep.isError && (
          <p role="alert" className="notice">
            {words(keep.error)}
          </p>
        )}
        {form === false && <p className="dim">What the card says shows here once both painted halves are given.</p>}
        {found !== undefined && <Meaning taught={found} />}
        <Button type="submit" disabled={keep.isPending || !settled}>
          Use this from now on
        </Button>
      </form>
    </Modal>
  );
}

function Halves(props: { card: CardBegun; typed: boolean; onTell: (told: Partial<CardTold>) => void }) {
  return (
    <div className={classes.teachCard}>
      {HALVES.map((half) => (
        <Half
          key={half}
          label={WORDS[half]}
          told={props.card[half]}
          typed={props.typed}
          onTell={(told) => props.onTell({ [half]: told })}
        />
      ))}
    </div>
  );
}

function Half(props: { label: string; told: Told | null; typed: boolean; onTell: (told: Told) => void }) {
  if (!props.typed) {
    return (
      <p className={classes.teachHalf}>
        <i style={{ background: props.told?.hex }} />
        <span>
          {props.label}
          <br />
          <b>{props.told?.hex ?? 'not given yet'}</b>
        </span>
      </p>
    );
  }
  return (
    <ColourField
      label={props.told === null ? `${props.label} (not given yet)` : props.label}
      value={props.told?.hex ?? '#808080'}
      onColour={(hex) => props.onTell(hexTold(hex))}
    />
  );
}
