import { useQueryClient } from '@tanstack/react-query';
import { useCallback, useRef, useState } from 'react';
import { Problem, words, write } from '../api/client';
import { textureKey } from '../api/queries';
import type { Change, Edited, Look, Sheet, Version } from '../api/types';

/** What to change; or how, seen from the version as it is when its turn comes. */
export type Wanted = Change | 'undo' | 'redo' | ((now: Version) => Change | undefined);

export interface Clash {
  theirs: Version;
  change: Change | 'undo' | 'redo';
}

/**
 * Edits go out one after the other, each on the revision the one before it made; the answer carries the version and
 * how it looks, so that the Stage follows without another question. A stale edit is kept and shown with the other side.
 */
export function useEdits(patternId: string, upto: string | null, look: Look) {
  const queries = useQueryClient();
  const line = useRef<Promise<unknown>>(Promise.resolve());
  const shown = useRef({ upto, look });
  shown.current = { upto, look };
  const [busy, setBusy] = useState(0);
  const [trouble, setTrouble] = useState<string | null>(null);
  const [clash, setClash] = useState<Clash | null>(null);

  const current = useCallback(() => queries.getQueryData<Sheet>(['sheet', patternId])?.version, [queries, patternId]);

  const take = useCallback(
    (edited: Edited) => {
      queries.setQueryData<Sheet>(['sheet', patternId], (sheet) =>
        sheet === undefined
          ? sheet
          : {
              pattern: {
                ...sheet.pattern,
                version: {
                  ...sheet.pattern.version,
                  id: edited.version.id,
                  number: edited.version.number,
                  revision: edited.version.revision,
                  steps: edited.version.steps.length,
                },
              },
              version: edited.version,
            },
      );
      void queries.invalidateQueries({ queryKey: ['patterns'] });
    },
    [queries, patternId],
  );

  const send = useCallback(
    (wanted: Wanted): Promise<Version | undefined> => {
      const work = line.current.then(async () => {
        const version = current();
        const change = typeof wanted === 'function' ? version && wanted(version) : wanted;
        if (version === undefined || change === undefined) return undefined;
        setBusy((n) => n + 1);
        setTrouble(null);
        const show = shown.current;
        try {
          const path = typeof change === 'string' ? change : 'edits';
          const body = { revision: version.revision, show, ...(typeof change === 'string' ? {} : { change }) };
          const edited = await write<Edited>('POST', `/versions/${version.id}/${path}`, body);
          if (edited.texture !== null) {
            const there = edited.version.steps.some((s) => s.document.id === show.upto);
            queries.setQueryData(
              textureKey(edited.version.id, edited.version.revision, there ? show.upto : null, show.look),
              edited.texture,
            );
          }
          take(edited);
          return edited.version;
        } catch (error) {
          if (error instanceof Problem && error.status === 409) {
            setClash({ theirs: error.document?.current as Version, change });
          } else {
            setTrouble(words(error));
          }
          return undefined;
        } finally {
          setBusy((n) => n - 1);
        }
      });
      line.current = work;
      return work;
    },
    [current, queries, take],
  );

  const settle = useCallback(
    (mine: boolean) => {
      if (clash === null) return;
      take({ version: clash.theirs, texture: null });
      setClash(null);
      if (mine) void send(clash.change);
    },
    [clash, send, take],
  );

  return { send, busy: busy > 0, trouble, clash, settle };
}
