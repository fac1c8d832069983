import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useCallback, useRef, useState } from 'react';
import { api, ask } from '../api/client';
import type { Change, Handle, Look, Settings, Tried, Version } from '../api/types';
import type { OnBody } from '../stage/pixels';
import { inUnit } from '../units/sentence';

/** What a painter does with the handles of a step. */
export interface Hold {
  handles: Handle[];
  /** The handle that is pulled now. */
  pulled: string | null;
  pull: (handle: string, to: OnBody, free: boolean) => void;
  /** One pull is one edit. */
  letGo: () => void;
  drop: () => void;
  /** Half a millimetre, or so much, along and around. */
  push: (handle: string, backMm: number, downMm: number) => void;
}

interface Props {
  version: Version;
  step: string | null;
  upto: string | null;
  look: Look;
  /** Whether a step is taken up; else there is nothing to hold. */
  open: boolean;
  onChange: (change: Change) => Promise<unknown>;
  settings: Settings;
}

/** The step taken up: its handles, what it does by zone, and what it would look like while a handle is pulled. */
export function useHold({ version, step, upto, look, open, onChange, settings }: Props) {
  const queries = useQueryClient();
  const shown = useRef<Handle[] | null>(null);
  const key = ['step', version.id, version.revision, step, look];
  const taken = useQuery({
    queryKey: key,
    queryFn: () =>
      ask(
        api.GET('/versions/{id}/steps/{step}', {
          params: { path: { id: version.id, step: step ?? '' }, query: { look, v: String(version.revision) } },
        }),
      ),
    enabled: open && step !== null,
    // Until the answer to an edit is there, the handles stand where they were let go.
    placeholderData: (previous, query) => {
      if (previous === undefined || query?.queryKey[3] !== step) return undefined;
      return shown.current === null ? previous : { ...previous, handles: shown.current };
    },
  }).data;
  const [tried, setTried] = useState<Tried | null>(null);
  const [pulled, setPulled] = useState<string | null>(null);
  const want = useRef<Change | null>(null);
  const last = useRef<Change | null>(null);
  // The change that the answers are shown for, from the first pull until it is kept or given up.
  const tells = useRef<Change | null>(null);
  const flying = useRef(false);

  // One question at a time; the latest is asked next.
  const go = useCallback(async () => {
    const change = want.current;
    if (flying.current || change === null || step === null) return;
    want.current = null;
    flying.current = true;
    try {
      const answer = await ask(
        api.POST('/versions/{id}/try', {
          params: { path: { id: version.id } },
          body: { step, change, show: { upto, look } },
        }),
      );
      if (tells.current !== null) {
        shown.current = answer.handles;
        setTried(answer);
      }
    } catch {
      // What cannot be shown during the pull is shown after it.
    }
    flying.current = false;
    void go();
  }, [version.id, step, upto, look]);

  const ended = () => {
    last.current = null;
    setPulled(null);
  };
  const hold: Hold = {
    handles: (open ? (tried?.handles ?? taken?.handles ?? []) : []).map((one) => ({
      ...one,
      says: inUnit(one.says, settings),
    })),
    pulled,
    pull: (handle, to, free) => {
      if (step === null) return;
      setPulled(handle);
      const change: Change = { op: 'handle', step, handle, to, ...(free ? { free } : {}) };
      want.current = change;
      last.current = change;
      tells.current = change;
      void go();
    },
    letGo: () => {
      const change = last.current;
      ended();
      if (change === null) return;
      void onChange(change).finally(() => {
        // Taken hold of again meanwhile, it is shown as it is pulled now.
        if (tells.current !== change) return;
        want.current = null;
        tells.current = null;
        setTried(null);
        void queries.invalidateQueries({ queryKey: ['step', version.id] }).then(() => {
          shown.current = null;
        });
      });
    },
    drop: () => {
      shown.current = null;
      want.current = null;
      tells.current = null;
      ended();
      setTried(null);
    },
    push: (handle, back_mm, down_mm) => {
      if (step !== null) void onChange({ op: 'handle', step, handle, by: { back_mm, down_mm } });
    },
  };
  return { hold, tried, zones: open ? (taken?.zones ?? []) : [] };
}
