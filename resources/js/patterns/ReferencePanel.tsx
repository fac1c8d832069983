import { Anchor, CloseButton, UnstyledButton } from '@mantine/core';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { type PointerEvent, useState } from 'react';
import { api, ask, photograph, words } from '../api/client';
import type { Core, Picture } from '../api/types';
import { useOnce } from '../api/useOnce';
import { FilePick } from '../parts/FilePick';
import { offerUndo } from '../parts/Notices';
import spotClasses from '../parts/spot.module.css';
import slip from '../slip/slip.module.css';
import { KeptPhoto } from '../stage/KeptPhoto';
import classes from './sheet.module.css';

interface Props {
  patternId: string;
  core: Core | undefined;
  onClose: () => void;
}

/** Photographs of the real fish, or of a bait to match; colours picked from them stand beside the predicted one. */
export function ReferencePanel({ patternId, core, onClose }: Props) {
  const queries = useQueryClient();
  const key = ['pictures', patternId];
  const pictures = useQuery({
    queryKey: key,
    queryFn: async () =>
      (await ask(api.GET('/patterns/{id}/pictures', { params: { path: { id: patternId } } }))).pictures,
  });
  const once = useOnce();
  const add = useMutation({
    mutationFn: (picked: File) =>
      once(picked, (photo, header) =>
        ask(
          api.POST('/patterns/{id}/pictures', {
            params: { path: { id: patternId }, header },
            ...photograph(photo),
          }),
        ),
      ),
    onSuccess: () => queries.invalidateQueries({ queryKey: key }),
  });
  const remove = useMutation({
    mutationFn: ({ id, removed }: { id: string; removed: boolean }) =>
      ask(api.PATCH('/pictures/{id}', { params: { path: { id: id } }, body: { removed } })),
    onSuccess: (picture) => {
      void queries.invalidateQueries({ queryKey: key });
      if (!picture.removed) return;
      offerUndo('picture', 'Photograph removed.', () => remove.mutate({ id: picture.id, removed: false }));
    },
  });
  return (
    <section aria-label="Reference" className={`${slip.slip} ${classes.reference}`}>
      <header>
        <h2>Reference</h2>
        <CloseButton size="sm" aria-label="Close the reference" onClick={onClose} />
      </header>
      <p className="dim">Click a photograph to take a colour from it and hold the predicted one beside it.</p>
      {pictures.data?.map((picture) => (
        <Photograph
          key={picture.id}
          picture={picture}
          core={core}
          onRemove={() => remove.mutate({ id: picture.id, removed: true })}
        />
      ))}
      {pictures.data?.length === 0 && <p>No photograph yet: of the fish, or of a bait to match.</p>}
      <FilePick
        action={add.isPending ? 'Keeping it …' : 'Add a photograph'}
        label="Reference photograph"
        accept="image/jpeg,image/png,image/webp"
        disabled={add.isPending}
        onFile={add.mutate}
      />
      {(add.isError || remove.isError) && (
        <p role="alert" className="notice">
          {words(add.error ?? remove.error)}
        </p>
      )}
    </section>
  );
}

function Photograph({ picture, core, onRemove }: { picture: Picture; core: Core | undefined; onRemove: () => void }) {
  const [spot, setSpot] = useState({ x: 0.5, y: 0.5 });
  const pick = useMutation({
    mutationFn: async (at: { x: number; y: number }) =>
      (await ask(api.POST('/pictures/{id}/spots', { params: { path: { id: picture.id } }, body: { spots: [at] } })))
        .colours[0],
  });
  const put = (x: number, y: number) => {
    const at = { x: Math.max(0, Math.min(1, x)), y: Math.max(0, Math.min(1, y)) };
    setSpot(at);
    pick.mutate(at);
  };
  const point = (event: PointerEvent<HTMLElement>) => {
    const box = event.currentTarget.getBoundingClientRect();
    put((event.clientX - box.left) / box.width, (event.clientY - box.top) / box.height);
  };
  return (
    <figure>
      <div className={classes.referencePhoto} onPointerDown={point}>
        <KeptPhoto src={`/api/v1/pictures/${picture.id}`} alt="Reference" />
        <UnstyledButton
          className={spotClasses.spot}
          aria-label="Spot on the photograph: arrow keys move it"
          style={{ left: `${spot.x * 100}%`, top: `${spot.y * 100}%` }}
          onKeyDown={(event) => {
            const by = { ArrowLeft: [-0.02, 0], ArrowRight: [0.02, 0], ArrowUp: [0, -0.02], ArrowDown: [0, 0.02] }[
              event.key
            ];
            if (by === undefined) return;
            event.preventDefault();
            put(spot.x + (by[0] ?? 0), spot.y + (by[1] ?? 0));
          }}
        />
      </div>
      <figcaption>
        {pick.data !== undefined && (
          <span className={classes.referencePair}>
            <i style={{ background: pick.data.hex }} /> there {pick.data.hex}
            {core !== undefined && (
              <>
                <i style={{ background: core.colour.hex }} /> here {core.colour.hex}
              </>
            )}
          </span>
        )}
        <Anchor component="button" type="button" onClick={onRemove}>
          Remove
        </Anchor>
      </figcaption>
    </figure>
  );
}
