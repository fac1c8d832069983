import { usePaints } from '../api/listQueries';
import { useAdvice, useCore, useTexture, useVocabulary } from '../api/queries';
import { useAir } from '../api/shopQueries';
import type { Look, Settings, Step, Version } from '../api/types';
import type { OnBody } from '../stage/pixels';

/** All that a sheet shows of a version, at a spot and after a step. */
export function useSheetData(version: Version, spot: OnBody, upto: string | null, look: Look, settings: Settings) {
  const { id, revision } = version;
  return {
    kept: useTexture(id, revision, upto, look).data,
    core: useCore(id, revision, spot, upto, look).data,
    whole: useCore(id, revision, spot, null, look).data,
    advice: useAdvice(id, revision, settings).data,
    air: useAir(id, revision, settings).data,
    vocabulary: useVocabulary().data,
    paints: usePaints().data,
  };
}

/** What the plate shows, in words. */
export function caption(steps: Step[], chosen: number): string {
  return steps.length === 0 ? 'bare body' : `after step ${chosen + 1} of ${steps.length}`;
}
