import { Anchor, NativeSelect, UnstyledButton } from '@mantine/core';
import { useMutation, useQuery } from '@tanstack/react-query';
import { type PointerEvent, useState } from 'react';
import { api, ask, words } from '../api/client';
import type { ColourGiven, Ground, Pattern, Readings } from '../api/types';
import { ColourField } from '../parts/ColourField';
import { keysOf, oneOf } from '../parts/choices';
import { FilePick } from '../parts/FilePick';
import { LightNote } from '../parts/LightNote';
import { PatternChoice } from '../patterns/PatternChoice';
import { GroundAsked } from './GroundAsked';
import '../parts/controls';
import layout from '../parts/layout.module.css';
import spotClasses from '../parts/spot.module.css';
import classes from './mixing.module.css';

const WAYS = {
  swatch: 'a swatch',
  bait: 'a step of a pattern',
  photo: 'a spot on its photograph',
  meter: 'a reading',
  file: 'a file',
} as const;
type Way = keyof typeof WAYS;

/** The wanted colour, asked for in whichever way the painter has it. */
export function ColourAsked({ value, onChange }: { value: ColourGiven; onChange: (colour: ColourGiven) => void }) {
  const [way, setWay] = useState<Way>('swatch');
  return (
    <div className={layout.row}>
      <span>by</span>
      <NativeSelect
        aria-label="by"
        size="xs"
        value={way}
        onChange={(event) => setWay(oneOf(event.currentTarget.value, keysOf(WAYS)) ?? way)}
      >
        {Object.entries(WAYS).map(([name, label]) => (
          <option key={name} value={name}>
            {label}
          </option>
        ))}
      </NativeSelect>
      {way === 'swatch' && (
        <ColourField
          hidden
          label="Wanted swatch"
          value={typeof value.hex === 'string' ? value.hex : '#8a7b3c'}
          onColour={(hex) => onChange({ hex })}
        />
      )}
      {way === 'bait' && <BaitColour onChange={onChange} />}
      {way === 'photo' && <PhotoColour onChange={onChange} />}
      {way === 'meter' && <MeterColour onChange={onChange} />}
      {way === 'file' && <FileColour onChange={onChange} />}
    </div>
  );
}

interface Asks {
  onChange: (colour: ColourGiven) => void;
}

function BaitColour({ onChange }: Asks) {
  const [there, setThere] = useState<Ground>('white');
  return (
    <GroundAsked
      label="on"
      value={there}
      onChange={(ground) => {
        setThere(ground);
        onChange(
          typeof ground === 'string' ? { lab: [{ white: 96, grey: 62, black: 16 }[ground], 0, 0] } : { ...ground },
        );
      }}
    />
  );
}

function PhotoColour({ onChange }: Asks) {
  const [pattern, setPattern] = useState<Pattern | null>(null);
  const [spot, setSpot] = useState<{ picture: string; x: number; y: number } | null>(null);
  const pictures = useQuery({
    queryKey: ['pictures', pattern?.id],
    queryFn: async () =>
      (await ask(api.GET('/patterns/{id}/pictures', { params: { path: { id: pattern?.id ?? '' } } }))).pictures,
    enabled: pattern !== null,
  }).data;
  const put = (picture: string, x: number, y: number) => {
    const at = { picture, x: Math.max(0, Math.min(1, x)), y: Math.max(0, Math.min(1, y)) };
    setSpot(at);
    onChange(at);
  };
  const pick = (event: PointerEvent<HTMLElement>, picture: string) => {
    const box = event.currentTarget.getBoundingClientRect();
    put(picture, (event.clientX - box.left) / box.width, (event.clientY - box.top) / box.height);
  };
  return (
    <>
      <PatternChoice
        label="Pattern"
        name={pattern?.name ?? 'choose a pattern'}
        chosen={pattern?.id}
        onChoose={setPattern}
      />
      {pictures?.length === 0 && (
        <span className="dim">It has no photograph yet; put one on its sheet, under Reference.</span>
      )}
      {pictures?.map((picture) => (
        <span key={picture.id} className={classes.mixPhoto} onPointerDown={(event) => pick(event, picture.id)}>
          <img src={`/api/v1/pictures/${picture.id}`} alt="Reference" draggable={false} />
          <UnstyledButton
            className={spotClasses.spot}
            aria-label="Spot on the photograph: arrow keys move it"
            style={
              spot?.picture === picture.id
                ? { left: `${spot.x * 100}%`, top: `${spot.y * 100}%` }
                : { left: '50%', top: '50%', opacity: 0.6 }
            }
            onKeyDown={(event) => {
              const by = { ArrowLeft: [-0.01, 0], ArrowRight: [0.01, 0], ArrowUp: [0, -0.01], ArrowDown: [0, 0.01] }[
                event.key
              ];
              if (by === undefined) return;
              event.preventDefault();
              const from = spot?.picture === picture.id ? spot : { x: 0.5, y: 0.5 };
              put(picture.id, from.x + (by[0] ?? 0), from.y + (by[1] ?? 0));
            }}
          />
        </span>
      ))}
    </>
  );
}

function MeterColour({ onChange }: Asks) {
  const places = useQuery({
    queryKey: ['colorimeter'],
    queryFn: () => ask(api.GET('/colorimeter')),
  }).data;
  const [place, setPlace] = useState('');
  const read = useMutation({
    mutationFn: () =>
      ask(api.POST('/colorimeter/read', { body: { place: place === '' ? (places?.places[0]?.id ?? null) : place } })),
    onSuccess: (measured) => onChange({ reflectance: measured.reflectance }),
  });
  if (places?.connected === false) return <span className="dim">No colorimeter answers.</span>;
  return (
    <>
      {(places?.places.length ?? 0) > 0 && (
        <NativeSelect
          size="xs"
          aria-label="Put down on"
          value={place}
          onChange={(event) => setPlace(event.currentTarget.value)}
        >
          {places?.places.map((one) => (
            <option key={one.id} value={one.id}>
              {one.label}
            </option>
          ))}
        </NativeSelect>
      )}
      <Anchor component="button" type="button" onClick={() => read.mutate()} disabled={read.isPending}>
        Read
      </Anchor>
      {read.data !== undefined && <Swatch hex={read.data.colour.hex} />}
      {read.isError && <span role="alert">{words(read.error)}</span>}
    </>
  );
}

/** What a file held, and the file itself, to be read once more for another light. */
type FileRead = { file: File; measured: Readings | null; colours: { name: string; hex: string; as: ColourGiven }[] };

function FileColour({ onChange }: Asks) {
  const read = useMutation({
    mutationFn: async ({ file, light }: { file: File; light?: Readings['light'] }): Promise<FileRead> => {
      const text = await file.text();
      if (text.trimStart().startsWith('GIMP')) {
        const palette = await ask(api.POST('/palettes/read', { body: { text } }));
        return { file, measured: null, colours: palette.colours.map((one) => ({ ...one, as: { hex: one.hex } })) };
      }
      const measured = await ask(api.POST('/readings/read', { body: { text, ...(light && { light }) } }));
      const colours = measured.readings.map((one) => ({ name: one.name, hex: one.colour.hex, as: one.as }));
      return { file, measured, colours };
    },
  });
  const { file, measured } = read.data ?? {};
  return (
    <>
      <FilePick
        action="Choose a palette or CGATS file"
        label="Palette or measured colours"
        accept=".gpl,.txt,.cgats"
        inline
        onFile={(picked) => read.mutate({ file: picked })}
      />
      {read.isError && <span role="alert">{words(read.error)}</span>}
      {read.data !== undefined && (
        <NativeSelect
          size="xs"
          aria-label="Colour of the file"
          key={measured?.light}
          defaultValue=""
          onChange={(event) => {
            const one = read.data.colours[Number(event.currentTarget.value)];
            if (one !== undefined) onChange(one.as);
          }}
        >
          <option value="" disabled>
            choose a colour
          </option>
          {read.data.colours.map((one, i) => (
            <option key={`${one.name} ${one.hex}`} value={i}>
              {one.name} {one.hex}
            </option>
          ))}
        </NativeSelect>
      )}
      {measured != null && <LightNote file={measured} onLight={(light) => file && read.mutate({ file, light })} />}
    </>
  );
}

function Swatch({ hex }: { hex: string }) {
  return <i className={classes.swatch} style={{ background: hex }} role="img" aria-label={hex} />;
}
