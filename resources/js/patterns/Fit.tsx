import { Button, NativeSelect } from '@mantine/core';
import { keepPreviousData, useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { api, ask, words } from '../api/client';
import { useBodies, useSettings, useSheetQuery } from '../api/queries';
import type { Body, Settings, Sheet } from '../api/types';
import { Changes } from '../parts/Changes';
import { Failed } from '../parts/Failed';
import { Strip } from '../parts/Strip';
import { Waiting } from '../parts/Waiting';
import { BaitPicture } from '../stage/BaitPicture';
import { pairScale, pairWidth } from '../stage/pair';
import { useSize } from '../stage/useSize';
import { length } from '../units/units';
import '../parts/controls';
import { PageTitle } from '../parts/PageTitle';
import classes from './fit.module.css';

/** A pattern carried to another body: both side by side, what changes, and what needs a new mask. */
export function Fit() {
  const { id = '' } = useParams();
  const sheet = useSheetQuery(id);
  const bodies = useBodies().data;
  const settings = useSettings().data;
  if (sheet.isError) return <Failed error={sheet.error} retry={() => void sheet.refetch()} />;
  if (sheet.data === undefined || bodies === undefined || settings === undefined) return <Waiting />;
  return <Fitting sheet={sheet.data} bodies={bodies} settings={settings} />;
}

function Fitting({ sheet, bodies, settings }: { sheet: Sheet; bodies: Body[]; settings: Settings }) {
  const { pattern, version } = sheet;
  const others = bodies.filter((body) => body.id !== version.body.id && !body.archived);
  const queries = useQueryClient();
  const go = useNavigate();
  const box = useSize<HTMLDivElement>();
  const [to, setTo] = useState(others[0]?.id ?? '');
  const [marks, setMarks] = useState<'scale' | 'stay'>('scale');
  const fitted = useQuery({
    queryKey: ['fit', version.id, version.revision, to, marks],
    queryFn: () =>
      ask(api.POST('/versions/{id}/fit', { params: { path: { id: version.id } }, body: { body_id: to, marks } })),
    enabled: to !== '',
    placeholderData: keepPreviousData,
  });
  const keep = useMutation({
    mutationFn: () =>
      ask(
        api.POST('/versions/{id}/edits', {
          params: { path: { id: version.id } },
          body: {
            revision: version.revision,
            change: { op: 'body', body_id: to, marks },
          },
        }),
      ),
    onSuccess: () => {
      void queries.invalidateQueries();
      void go(`/patterns/${pattern.id}`);
    },
  });
  const now = fitted.data;
  const scale = pairScale(box.width, version.body.length_mm, now?.body.length_mm ?? 0);
  const missing = now?.masks.filter((one) => one.mask === null) ?? [];
  return (
    <div className="page fit">
      <div className="page-head">
        <PageTitle of={`${pattern.name} on another body`} />
        <h1>{pattern.name} on another body</h1>
        <span className="spacer" />
        <Link className="link" to={`/patterns/${pattern.id}`}>
          Back to the sheet
        </Link>
      </div>
      <div className={classes.fitAsked}>
        <NativeSelect
          aria-label="On the body"
          data={others.map((b) => ({
            value: b.id,
            label: `${b.name}, ${b.material}, ${length.show(b.length_mm, settings)} ${length.unit(settings)}`,
          }))}
          value={to}
          onChange={(event) => setTo(event.currentTarget.value)}
        />
        <Strip
          legend="Marks, mesh and widths"
          value={marks}
          options={{ scale: 'Marks grow with it', stay: 'Marks stay as large' }}
          onChange={setMarks}
        />
        <span className="spacer" />
        <Button disabled={now === undefined || keep.isPending} onClick={() => keep.mutate()}>
          Paint it on this body
        </Button>
      </div>
      {(fitted.isError || keep.isError) && (
        <p role="alert" className="notice">
          {words(fitted.error ?? keep.error)}
        </p>
      )}
      <div ref={box.ref} className={`${classes.fitTwo} on-stage`}>
        {(
          [
            [version.body, now?.was, version.body.name],
            [now?.body, now?.now, now?.body.name ?? ''],
          ] as const
        ).map(
          ([body, texture, name], i) =>
            body !== undefined && (
              <figure key={i === 0 ? 'was' : 'now'}>
                <BaitPicture
                  body={body}
                  texture={texture}
                  view="left"
                  width={pairWidth(body.length_mm, scale)}
                  height={300}
                  mmPerPx={scale}
                  label={`${pattern.name} on ${name}`}
                />
                <figcaption>
                  {name}, {length.show(body.length_mm, settings)} {length.unit(settings)}
                  {i === 1 && now !== undefined ? `, ${now.factor} times as large` : ''}
                </figcaption>
              </figure>
            ),
        )}
      </div>
      {now !== undefined && (
        <div className={classes.fitLists}>
          <section aria-label="Masks">
            <h2>
              {missing.length === 0
                ? 'Masks'
                : `${missing.length} ${missing.length === 1 ? 'mask is' : 'masks are'} to be cut`}
            </h2>
            {now.masks.length === 0 && <p className="dim">No step goes through a cut mask.</p>}
            <ul>
              {now.masks.map((one) => (
                <li key={one.step}>
                  {one.number} {one.name}:{' '}
                  {one.mask === null ? <b>a new one, {one.technique.toLowerCase()}</b> : `${one.mask.name} serves`}
                </li>
              ))}
            </ul>
          </section>
          <Changes
            title="What changes"
            changes={now.changes}
            steps={now.steps.map((step) => ({ step: step.document.id, name: step.shown.name }))}
          />
        </div>
      )}
    </div>
  );
}
