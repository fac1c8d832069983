import { useQueryClient } from '@tanstack/react-query';
import { useCallback, useEffect, useMemo, useRef, useSyncExternalStore } from 'react';
import { textureKey } from '../api/queries';
import type { Edited, Look, Sheet } from '../api/types';
import { offerUndo } from '../parts/Notices';
import { useUnsaved } from '../parts/unsaved';
import { counted } from '../units/units';
import { EditLine, type Wanted } from './editLine';

/**
 * The edits of a sheet. The answer to one carries the version and how it looks, so that the plate follows without
 * another question.
 */
export function useEdits(patternId: string, upto: string | null, look: Look) {
  const queries = useQueryClient();
  const shown = useRef({ upto, look });
  shown.current = { upto, look };

  const line = useMemo(() => {
    const key = ['sheet', patternId];
    const made: EditLine = EditLine.of(patternId, {
      current: () => queries.getQueryData<Sheet>(key)?.version,
      shown: () => shown.current,
      took: (edited: Edited, show) => {
        const { version, texture, told } = edited;
        if (told !== '') offerUndo('told', told, () => void made.send('undo'));
        if (texture !== null) {
          const there = version.steps.some((s) => s.document.id === show.upto);
          queries.setQueryData(textureKey(version.id, version.revision, there ? show.upto : null, show.look), texture);
        }
        queries.setQueryData<Sheet>(key, (sheet) => (sheet === undefined ? sheet : withVersion(sheet, edited)));
        void queries.invalidateQueries({ queryKey: ['patterns'] });
        void queries.invalidateQueries({ queryKey: ['versions', patternId] });
      },
    });
    return made;
  }, [queries, patternId]);
  const { waiting, trouble, theirs } = useSyncExternalStore(line.subscribe, () => line.state);

  useEffect(() => {
    void line.attach();
    return () => line.detach();
  }, [line]);
  const stuck = waiting.length > 0 && (trouble !== null || theirs !== null);
  useUnsaved(stuck ? `${counted(waiting.length, 'change')} of this pattern` : null);

  const send = useCallback((wanted: Wanted) => line.send(wanted), [line]);
  const settle = useCallback((chosen: string[]) => line.settle(chosen), [line]);
  const said =
    trouble === null || waiting.length === 0
      ? trouble
      : `${trouble} ${counted(waiting.length, 'change')} not saved yet: held on this page and sent as soon as it can be.`;
  return { send, busy: waiting.length > 0, trouble: said, clash: theirs === null ? null : { theirs, waiting }, settle };
}

function withVersion(sheet: Sheet, { version }: Edited): Sheet {
  const { id, number, revision } = version;
  const brief = { ...sheet.pattern.version, id, number, revision, steps: version.steps.length };
  return { pattern: { ...sheet.pattern, version: brief }, version };
}
