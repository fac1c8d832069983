import { replaceEqualDeep, useQuery } from '@tanstack/react-query';
import { runTexturePath } from '../offline/keepRun';
import { get } from './client';
import type {
  Advice,
  Backup,
  Bait,
  BaitBrief,
  Body,
  Core,
  Look,
  Mask,
  MaskNeed,
  Paint,
  Pattern,
  Run,
  RunBrief,
  Settings,
  Sheet,
  Texture,
  Version,
  VersionBrief,
  Vocabulary,
} from './types';

const FOREVER = Number.POSITIVE_INFINITY;

export const useSettings = () => useQuery({ queryKey: ['settings'], queryFn: () => get<Settings>('/settings') });

export const useVocabulary = () =>
  useQuery({ queryKey: ['vocabulary'], queryFn: () => get<Vocabulary>('/vocabulary'), staleTime: FOREVER });

export const usePaints = () =>
  useQuery({ queryKey: ['paints'], queryFn: async () => (await get<{ paints: Paint[] }>('/paints')).paints });

export const useBodies = () =>
  useQuery({ queryKey: ['bodies'], queryFn: async () => (await get<{ bodies: Body[] }>('/bodies')).bodies });

export const useMasks = () =>
  useQuery({ queryKey: ['masks'], queryFn: async () => (await get<{ masks: Mask[] }>('/masks')).masks });

export const useMasksOf = (version: string, revision: number, wanted: boolean) =>
  useQuery({
    queryKey: ['masks', version, revision],
    queryFn: async () => (await get<{ masks: MaskNeed[] }>(`/versions/${version}/masks`)).masks,
    enabled: wanted,
    placeholderData: (previous) => previous,
  });

export const usePatterns = () =>
  useQuery({ queryKey: ['patterns'], queryFn: async () => (await get<{ patterns: Pattern[] }>('/patterns')).patterns });

/** A sheet asked for before an edit may come after the edit's answer: what is older than what is known is let go. */
function newer(known: Sheet | undefined, came: Sheet): Sheet {
  if (known === undefined) return came;
  const [was, is] = [known.version, came.version];
  const older =
    is.number < was.number ||
    (is.id === was.id && is.revision < was.revision) ||
    came.pattern.revision < known.pattern.revision;
  return older ? known : replaceEqualDeep(known, came);
}

export const useSheetQuery = (id: string) =>
  useQuery({
    queryKey: ['sheet', id],
    queryFn: () => get<Sheet>(`/patterns/${id}`),
    structuralSharing: (known, came) => newer(known as Sheet | undefined, came as Sheet),
  });

export const useVersion = (id: string | undefined) =>
  useQuery({
    queryKey: ['version', id],
    queryFn: () => get<Version>(`/versions/${id}`),
    enabled: id !== undefined,
  });

export const useVersions = (pattern: string, wanted: boolean) =>
  useQuery({
    queryKey: ['versions', pattern],
    queryFn: async () => (await get<{ versions: VersionBrief[] }>(`/patterns/${pattern}/versions`)).versions,
    enabled: wanted,
  });

export const useBackups = () =>
  useQuery({ queryKey: ['backups'], queryFn: async () => (await get<{ backups: Backup[] }>('/backups')).backups });

export const textureKey = (version: string, revision: number, upto: string | null, look: Look) => [
  'texture',
  version,
  revision,
  upto,
  look,
];

export const useTexture = (version: string, revision: number, upto: string | null, look: Look) =>
  useQuery({
    queryKey: textureKey(version, revision, upto, look),
    queryFn: () =>
      get<Texture>(`/versions/${version}/texture?look=${look}&v=${revision}${upto === null ? '' : `&upto=${upto}`}`),
    staleTime: FOREVER,
    placeholderData: (previous) => previous,
  });

export const useShelfTexture = (version: string, revision: number, wanted: boolean) =>
  useQuery({
    queryKey: ['texture-shelf', version, revision],
    queryFn: () => get<Texture>(`/versions/${version}/texture?v=${revision}`),
    staleTime: FOREVER,
    enabled: wanted,
  });

export const useCore = (
  version: string,
  revision: number,
  at: { u: number; deg: number },
  upto: string | null,
  look: Look,
) =>
  useQuery({
    queryKey: ['core', version, revision, at, upto, look],
    queryFn: () =>
      get<Core>(
        `/versions/${version}/core?u=${at.u.toFixed(4)}&deg=${at.deg.toFixed(2)}&look=${look}${upto === null ? '' : `&upto=${upto}`}`,
      ),
    placeholderData: (previous) => previous,
  });

export const useAdvice = (version: string, revision: number) =>
  useQuery({
    queryKey: ['advice', version, revision],
    queryFn: () => get<Advice>(`/versions/${version}/advice`),
    placeholderData: (previous) => previous,
  });

export const useRuns = () =>
  useQuery({ queryKey: ['runs'], queryFn: async () => (await get<{ runs: RunBrief[] }>('/runs')).runs });

export const useRun = (id: string) => useQuery({ queryKey: ['run', id], queryFn: () => get<Run>(`/runs/${id}`) });

export const useRunTexture = (id: string, upto: string | null, look: Look = 'clear') =>
  useQuery({
    queryKey: ['run-texture', id, upto, look],
    queryFn: () => get<Texture>(runTexturePath(id, upto, look)),
    staleTime: FOREVER,
    placeholderData: (previous) => previous,
  });

export const useBaits = () =>
  useQuery({ queryKey: ['baits'], queryFn: async () => (await get<{ baits: BaitBrief[] }>('/baits')).baits });

export const useBait = (id: string) =>
  useQuery({ queryKey: ['bait', id], queryFn: () => get<Bait>(`/baits/${id}`), enabled: id !== '' });
