import { UnstyledButton } from '@mantine/core';
import { useMutation } from '@tanstack/react-query';
import { type PointerEvent, useRef, useState } from 'react';
import { api, ask, photograph, words } from '../api/client';
import { useOnce } from '../api/useOnce';
import { FilePick } from '../parts/FilePick';
import spotClasses from '../parts/spot.module.css';
import { byHalf, type CardTold, HALVES, type Half, hexTold, WORDS } from './halves';
import classes from './teach.module.css';

type Spots = Record<Half, { x: number; y: number }>;

/** Where the halves lie on most cards: bare above, painted below, white at the left. */
const FIRST: Spots = {
  white: { x: 0.25, y: 0.25 },
  black: { x: 0.75, y: 0.25 },
  over_white: { x: 0.25, y: 0.75 },
  over_black: { x: 0.75, y: 0.75 },
};

/** A photograph of the card: four spots on it, put right by the card's own white and black. */
export function FromPhoto({ onCard }: { onCard: (card: Partial<CardTold>) => void }) {
  const [spots, setSpots] = useState(FIRST);
  // Answers to spots that were moved on meanwhile are passed over.
  const latest = useRef(FIRST);
  const [aiming, setAiming] = useState<Half>('white');
  const once = useOnce();
  const load = useMutation({
    mutationFn: (picked: File) =>
      once(picked, (photo, header) => ask(api.POST('/pictures', { params: { header }, ...photograph(photo) }))),
    onSuccess: (picture) => {
      setSpots(FIRST);
      latest.current = FIRST;
      setAiming('white');
      read.mutate({ picture: picture.id, at: FIRST });
    },
  });
  const read = useMutation({
    mutationFn: ({ picture, at }: { picture: string; at: Spots }) =>
      ask(api.POST('/pictures/{id}/card', { params: { path: { id: picture } }, body: { spots: at } })),
    onSuccess: (card, { at }) => at === latest.current && onCard(byHalf((half) => hexTold(card[half]))),
  });
  const put = (half: Half, x: number, y: number) => {
    const within = (share: number) => Math.max(0, Math.min(1, share));
    const next = { ...spots, [half]: { x: within(x), y: within(y) } };
    setSpots(next);
    latest.current = next;
    if (load.data !== undefined) read.mutate({ picture: load.data.id, at: next });
  };
  const pick = (event: PointerEvent<HTMLElement>) => {
    const box = event.currentTarget.getBoundingClientRect();
    put(aiming, (event.clientX - box.left) / box.width, (event.clientY - box.top) / box.height);
    setAiming(HALVES[(HALVES.indexOf(aiming) + 1) % HALVES.length] ?? 'white');
  };
  const nudge = (half: Half, key: string) => {
    const by = { ArrowLeft: [-0.01, 0], ArrowRight: [0.01, 0], ArrowUp: [0, -0.01], ArrowDown: [0, 0.01] }[key];
    if (by === undefined) return false;
    put(half, spots[half].x + (by[0] ?? 0), spots[half].y + (by[1] ?? 0));
    return true;
  };
  return (
    <div className={classes.teachPhoto}>
      <p className="dim">
        Light it evenly, without glare, and keep both bare halves in the picture. A camera does not see as the eye does:
        expect to be off by a few DeltaE00.
      </p>
      <FilePick
        action={load.data === undefined ? 'Choose a photograph' : 'Choose another'}
        label="Photograph of the card"
        accept="image/jpeg,image/png,image/webp"
        disabled={load.isPending}
        onFile={load.mutate}
      />
      {load.isError && <p role="alert">{words(load.error)}</p>}
      {load.data !== undefined && (
        <>
          <p>
            Now the {WORDS[aiming].toLowerCase()}: click it, or move spot {HALVES.indexOf(aiming) + 1} with the arrow
            keys.
          </p>
          <div className={classes.teachPicture} onPointerDown={pick}>
            <img src={`/api/v1/pictures/${load.data.id}`} alt="The card, photographed" draggable={false} />
            {HALVES.map((half, i) => (
              <UnstyledButton
                key={half}
                type="button"
                className={half === aiming ? `${spotClasses.spot} ${spotClasses.on}` : spotClasses.spot}
                style={{ left: `${spots[half].x * 100}%`, top: `${spots[half].y * 100}%` }}
                aria-label={`Spot ${i + 1}: ${WORDS[half]}`}
                onFocus={() => setAiming(half)}
                onPointerDown={(event) => event.stopPropagation()}
                onKeyDown={(event) => nudge(half, event.key) && event.preventDefault()}
              >
                {i + 1}
              </UnstyledButton>
            ))}
          </div>
          {read.isError && (
            <p role="alert" className="notice">
              {words(read.error)}
            </p>
          )}
        </>
      )}
    </div>
  );
}
