import { Anchor, Button, Popover } from '@mantine/core';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { useLocation } from 'react-router';
import { api, ask, words } from '../../api/client';
import type { Palette } from '../../api/types';
import { FilePick } from '../../parts/FilePick';
import { NewPaints } from './NewPaints';
import '../../parts/controls';
import classes from '../stores.module.css';

/** The rack as files: out, and in again. */
export function RackFiles() {
  const queries = useQueryClient();
  // A palette that was dropped on another page comes with the way here.
  const dropped = (useLocation().state as { swatches?: Palette } | null)?.swatches;
  const [swatches, setSwatches] = useState(dropped ?? null);
  const bring = useMutation({
    mutationFn: async (file: File) => ask(api.POST('/rack/import', { body: { csv: await file.text() } })),
    onSuccess: () => queries.invalidateQueries(),
  });
  const undo = useMutation({
    mutationFn: (id: string) => ask(api.POST('/rack/imports/{id}/undo', { params: { path: { id: id } } })),
    onSuccess: () => queries.invalidateQueries(),
  });
  const read = useMutation({
    mutationFn: async (file: File) => ask(api.POST('/palettes/read', { body: { text: await file.text() } })),
    onSuccess: setSwatches,
  });
  return (
    <>
      <Popover withRoles trapFocus returnFocus position="bottom-end">
        <Popover.Target>
          <Button variant="default">Files</Button>
        </Popover.Target>
        <Popover.Dropdown>
          <ul className={classes.files}>
            <li>
              <a className="link" href="/api/v1/rack.csv" download>
                Save the rack as a table
              </a>
              <br />
              <span className="dim">CSV, for any spreadsheet</span>
            </li>
            <li>
              <FilePick
                action="Import a table"
                label="A table"
                accept=".csv,text/csv"
                inline
                onFile={(file) => {
                  undo.reset();
                  bring.mutate(file);
                }}
              />
              <br />
              <span className="dim">updates bottles of the same name, adds the others</span>
              {bring.isSuccess && (
                <p role="status">
                  {bring.data.added} added, {bring.data.changed} brought up to date.{' '}
                  {undo.isSuccess ? (
                    'Undone.'
                  ) : (
                    <Anchor component="button" type="button" onClick={() => undo.mutate(bring.data.id)}>
                      Undo
                    </Anchor>
                  )}
                </p>
              )}
              {(bring.error ?? undo.error) !== null && (
                <p role="alert" className="notice">
                  {words(bring.error ?? undo.error)}
                </p>
              )}
            </li>
            <li>
              <a className="link" href="/api/v1/rack.gpl" download>
                Save the swatches as a palette
              </a>
              <br />
              <span className="dim">.gpl</span>
            </li>
            <li>
              <FilePick action="Import a palette" label="A palette" accept=".gpl" inline onFile={read.mutate} />
              <br />
              <span className="dim">choose which swatches become paints</span>
              {read.isError && (
                <p role="alert" className="notice">
                  {words(read.error)}
                </p>
              )}
            </li>
            <li>
              <a className="link" href="/api/v1/cards.cgats" download>
                Save the measured cards
              </a>
              <br />
              <span className="dim">CGATS.17 text, with curves</span>
            </li>
          </ul>
        </Popover.Dropdown>
      </Popover>
      {swatches !== null && <NewPaints palette={swatches} onClose={() => setSwatches(null)} />}
    </>
  );
}
