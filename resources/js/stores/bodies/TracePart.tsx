import { Anchor, Button } from '@mantine/core';
import { useMutation } from '@tanstack/react-query';
import { useState } from 'react';
import { useLocation } from 'react-router';
import { api, ask, photograph, words } from '../../api/client';
import type { Outline } from '../../api/types';
import { useOnce } from '../../api/useOnce';
import { FilePick } from '../../parts/FilePick';
import classes from './bodies.module.css';
import { type Station, stationsOf } from './measured';
import { TracePicture } from './TracePicture';

export interface Traceable {
  outline: Outline;
  /** Picture it lies over, and its height as a share of its width; null: an outline of its own. */
  picture: { id: string; tall: number } | null;
  note: string;
}

type Traced = { outline: Outline; dropped: string[] };

function traceable({ outline, dropped }: Traced): Traceable {
  return { outline, picture: null, note: dropped.length === 0 ? '' : `Left out of the file: ${dropped.join(', ')}.` };
}

/** The outline of a file that was dropped on a page and led here; null: none was. */
export function useDropped(): Traceable | null {
  const traced = (useLocation().state as { traced?: Traced } | null)?.traced;
  return traced === undefined ? null : traceable(traced);
}

/** Where a bait lies in a photograph, until something better is known. In shares of the width. */
function guess(tall: number): Outline {
  const middle = tall / 2;
  const at = [0.2, 0.35, 0.5, 0.65, 0.8];
  const reach = Math.min(0.14, tall * 0.35);
  return {
    nose: [0.1, middle],
    tail: [0.9, middle],
    upper: at.map((x) => [x, middle - reach]),
    lower: at.map((x) => [x, middle + reach]),
  };
}

interface Props {
  lengthMm: number;
  onStations: (stations: Station[]) => void;
  onClose: () => void;
}

/** A body out of photographs or outlines: side and, if there is one, from above; points nudged, then made into stations. */
export function TracePart({ lengthMm, onStations, onClose }: Props) {
  const dropped = useDropped();
  const [side, setSide] = useState<Traceable | null>(dropped);
  const [above, setAbove] = useState<Traceable | null>(null);
  const make = useMutation({
    mutationFn: (outline: Outline) =>
      ask(
        api.POST('/bodies/trace', {
          body: { length_mm: lengthMm, side: outline, ...(above === null ? {} : { above: above.outline }) },
        }),
      ),
    onSuccess: ({ stations }) => onStations(stationsOf(stations)),
  });
  return (
    <section className="trace" aria-label="Trace a body">
      <div className="page-head">
        <h2>Trace</h2>
        <span className="spacer" />
        <Anchor component="button" type="button" onClick={onClose}>
          Close
        </Anchor>
      </div>
      <p className="dim">
        Lay the bait on a plain ground, nose to the left, the camera straight above it and far away; or load an SVG
        outline. The length in the form gives the scale. Drag the points onto the edge, or move them with the arrow
        keys.
      </p>
      <div className={classes.traceTwo}>
        <View name="From the side" value={side} onChange={setSide} />
        <View name="From above" value={above} onChange={setAbove} />
      </div>
      {above === null && side !== null && (
        <p className="dim">Without a view from above the width is taken as 62 % of the depth.</p>
      )}
      {make.isError && (
        <p role="alert" className="notice">
          {words(make.error)}
        </p>
      )}
      <Button disabled={side === null || make.isPending} onClick={() => side !== null && make.mutate(side.outline)}>
        Take these stations
      </Button>
    </section>
  );
}

function View({
  name,
  value,
  onChange,
}: {
  name: string;
  value: Traceable | null;
  onChange: (value: Traceable) => void;
}) {
  const once = useOnce();
  const photo = useMutation({
    mutationFn: async (file: File): Promise<Traceable> => {
      const picture = await once(file, (picked, header) =>
        ask(api.POST('/pictures', { params: { header }, ...photograph(picked) })),
      );
      const kept = { id: picture.id, tall: picture.height / picture.width };
      try {
        const outline = await ask(api.POST('/pictures/{id}/silhouette', { params: { path: { id: picture.id } } }));
        return { outline, picture: kept, note: 'The outline was found automatically: check every point.' };
      } catch (error) {
        return { outline: guess(kept.tall), picture: kept, note: words(error) };
      }
    },
    onSuccess: onChange,
  });
  const svg = useMutation({
    mutationFn: async (file: File): Promise<Traceable> => {
      return traceable(await ask(api.POST('/bodies/outline', { body: { svg: await file.text() } })));
    },
    onSuccess: onChange,
  });
  const failed = photo.error ?? svg.error;
  return (
    <div>
      <p>
        <b>{name}</b>
      </p>
      <p className={classes.tracePicks}>
        <FilePick
          action="Photograph"
          label={`Photograph, ${name}`}
          accept="image/jpeg,image/png,image/webp"
          disabled={photo.isPending}
          onFile={photo.mutate}
        />
        <FilePick
          action="SVG outline"
          label={`SVG outline, ${name}`}
          accept=".svg,image/svg+xml"
          disabled={svg.isPending}
          onFile={svg.mutate}
        />
      </p>
      {failed !== null && (
        <p role="alert" className="notice">
          {words(failed)}
        </p>
      )}
      {value !== null && (
        <>
          <TracePicture value={value} onOutline={(outline) => onChange({ ...value, outline })} name={name} />
          {value.note !== '' && <p className="dim">{value.note}</p>}
        </>
      )}
    </div>
  );
}
