import { Anchor, Button } from '@mantine/core';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useParams } from 'react-router';
import { api, ask, newId, newUlid, words } from '../api/client';
import { useBait, useRunTexture, useSettings } from '../api/queries';
import { nowIso } from '../api/serverClock';
import type { Bait, Settings } from '../api/types';
import { box } from '../box/box';
import { Failed } from '../parts/Failed';
import { FilePick } from '../parts/FilePick';
import { PageTitle } from '../parts/PageTitle';
import table from '../parts/table.module.css';
import { useTakesPictures } from '../parts/takesPictures';
import { Waiting } from '../parts/Waiting';
import { BaitPicture } from '../stage/BaitPicture';
import { KeptPhoto } from '../stage/KeptPhoto';
import { useSize } from '../stage/useSize';
import { clock, day, temperature } from '../units/units';
import { BesidePhoto } from './BesidePhoto';
import { Compared } from './Compared';
import { Lesson } from './Lesson';
import classes from './log.module.css';
import { TakeStampOff } from './TakeStampOff';

/** One finished bait: planned and done side by side, its photographs and lesson, the stamp, and doing it again. */
export function BaitPage() {
  const { id = '' } = useParams();
  const bait = useBait(id);
  const settings = useSettings().data;
  if (bait.isError) return <Failed error={bait.error} />;
  if (bait.data === undefined || settings === undefined) return <Waiting />;
  return <OpenBait bait={bait.data} settings={settings} />;
}

function OpenBait({ bait, settings }: { bait: Bait; settings: Settings }) {
  const queries = useQueryClient();
  const stage = useSize<HTMLDivElement>();
  const [takingOff, setTakingOff] = useState(false);
  const texture = useRunTexture(bait.run.id, null).data;
  const took = (saved: Bait) => {
    queries.setQueryData(['bait', bait.id], saved);
    void queries.invalidateQueries({ queryKey: ['baits'] });
    void queries.invalidateQueries({ queryKey: ['patterns'] });
  };
  const stamp = useMutation({
    mutationFn: () => ask(api.POST('/baits/{id}/stamp', { params: { path: { id: bait.id } } })),
    onSuccess: took,
  });
  const last = bait.steps.findLast((s) => s.document.on)?.document.id ?? '';
  const addPhoto = (photo: File) =>
    void box.add([
      {
        run: bait.run.id,
        about: `${bait.label}: a photograph`,
        event: {
          id: newId(),
          type: 'photo',
          step: last,
          bait: bait.position,
          at: nowIso(),
          data: { photo_id: newUlid() },
        },
        photo,
      },
    ]);
  useTakesPictures(addPhoto, 'is kept with this bait');
  // The latest is held against the prediction; the others stand beside.
  const photos = bait.record.photos.filter((p) => p.bait === null || p.bait === bait.position);

  return (
    <div className="page">
      <div className="page-head">
        <PageTitle of={bait.label} />
        <h1>{bait.label}</h1>
        {bait.proven && bait.rejected === null && <span className="seal">Proven</span>}
        {bait.rejected !== null && <b>Rejected: {bait.rejected}</b>}
        <span className="dim">
          <Link className="link" to={`/patterns/${bait.pattern.id}`}>
            {bait.pattern.name}
          </Link>
          ,{' '}
          <Link className="link" to={`/patterns/${bait.pattern.id}/versions/${bait.version.id}`}>
            version {bait.version.number}
            {bait.version.fitted ? `, fitted to ${bait.version.body}` : ''}
          </Link>{' '}
          · bait {bait.position} of {bait.run.baits}
          {bait.finished_at === null ? '' : ` · ${day(bait.finished_at)} ${clock(bait.finished_at)}`}
        </span>
        <span className="spacer" />
        {bait.rejected === null &&
          (bait.proven ? (
            <Anchor component="button" type="button" onClick={() => setTakingOff(true)}>
              Take the stamp off
            </Anchor>
          ) : (
            <Button variant="default" onClick={() => stamp.mutate()} disabled={stamp.isPending}>
              Stamp it proven
            </Button>
          ))}
        <Button component={Link} to={`/runs/new?repeat=${bait.id}`}>
          Repeat this bait
        </Button>
      </div>
      {stamp.isError && (
        <p role="alert" className="notice">
          {words(stamp.error)}
        </p>
      )}
      {takingOff && <TakeStampOff bait={bait} onDone={took} onClose={() => setTakingOff(false)} />}
      {bait.stamps.some((s) => !s.on) && (
        <ul className={classes.stamps}>
          {bait.stamps.map((s) => (
            <li key={s.at + s.on}>
              {s.on ? 'Stamped proven' : `Stamp taken off: ${s.reason}`} ({s.bait}, {day(s.at)} {clock(s.at)})
            </li>
          ))}
        </ul>
      )}
      <div className={`${classes.baitStage} on-stage`} ref={stage.ref}>
        {bait.photo_id === null ? (
          <BaitPicture
            body={bait.body_shape}
            texture={texture}
            view="left"
            width={Math.min(760, stage.width - 32)}
            height={300}
            label={`${bait.label}, as planned`}
          />
        ) : (
          <BesidePhoto body={bait.body_shape} texture={texture} photo={bait.photo_id} label={bait.label} />
        )}
        <div className={classes.baitSides}>
          {(['back', 'belly'] as const).map((view) => (
            <figure key={view}>
              <BaitPicture
                body={bait.body_shape}
                texture={texture}
                view={view}
                width={Math.min(300, stage.width - 32)}
                height={96}
                label={`${bait.label}, ${view}, as planned`}
              />
              <figcaption>{view}</figcaption>
            </figure>
          ))}
        </div>
        {photos.slice(0, -1).map((photo) => (
          <figure key={photo.photo_id}>
            <KeptPhoto
              src={`/api/v1/photos/${photo.photo_id}`}
              alt={`${bait.label} after step ${bait.steps.find((s) => s.document.id === photo.step)?.shown.number ?? ''}`}
            />
            <figcaption>{clock(photo.at)}</figcaption>
          </figure>
        ))}
      </div>
      <p className={classes.baitRoom}>
        <span>
          Painted at {temperature.show(bait.room.air_c, settings)} {temperature.unit(settings)} and{' '}
          {bait.room.humidity_percent} %
          {bait.started_at === null || bait.finished_at === null
            ? ''
            : `, ${day(bait.started_at)} ${clock(bait.started_at)} to ${clock(bait.finished_at, bait.started_at)}`}
          .
        </span>
        <FilePick
          action="Add a photograph"
          label="Photograph of this bait"
          accept="image/jpeg,image/png,image/webp"
          inline
          onFile={addPhoto}
        />
      </p>
      <Lesson bait={bait} onKept={took} />
      <section aria-label="Planned and done">
        <h2>Planned and done</h2>
        <div className={table.scroll}>
          <table className={table.table}>
            <thead>
              <tr>
                <th>Step</th>
                <th>Planned</th>
                <th>Done</th>
                <th>At</th>
                <th>Noted</th>
              </tr>
            </thead>
            <tbody>
              {bait.steps
                .filter((s) => s.document.on)
                .map((step) => (
                  <Compared key={step.document.id} step={step} bait={bait} settings={settings} />
                ))}
            </tbody>
          </table>
        </div>
      </section>
    </div>
  );
}
