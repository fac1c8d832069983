import { keepPreviousData, replaceEqualDeep, useQuery } from '@tanstack/react-query';
import { api, ask } from './client';
import { following, wholly } from './pages';
import type { Look, PatternState, Settings, Sheet } from './types';

const FOREVER = Number.POSITIVE_INFINITY;

export const useSettings = () => useQuery({ queryKey: ['settings'], queryFn: () => ask(api.GET('/settings')) });

export const useVocabulary = () =>
  useQuery({ queryKey: ['vocabulary'], queryFn: () => ask(api.GET('/vocabulary')), staleTime: FOREVER });

export const useBodies = () =>
  useQuery({
    queryKey: ['bodies'],
    queryFn: () =>
      wholly(async (after) => {
        const { bodies, next } = await ask(api.GET('/bodies', { params: { query: following(after) } }));
        return { things: bodies, next };
      }),
  });

/** The first page of the shelf. */
export const usePatterns = (q = '', state: PatternState = 'all') =>
  useQuery({
    queryKey: ['patterns', q, state],
    queryFn: () => ask(api.GET('/patterns', { params: { query: { q, state } } })),
    placeholderData: keepPreviousData,
  });

/** Up to which step a picture goes; without one, all of them. */
const until = (upto: string | null) => (upto === null ? {} : { upto });

const rounded = (value: number, digits: number) => Number(value.toFixed(digits));

/** A sheet requested before an edit may arrive after the edit's answer; the older one is dropped. */
function newer(known: Sheet | undefined, came: Sheet): Sheet {
  if (known === undefined) return came;
  const [was, is] = [known.version, came.version];
  const older =
    is.number < was.number ||
    (is.id === was.id && is.revision < was.revision) ||
    came.pattern.revision < known.pattern.revision;
  return older ? known : replaceEqualDeep(known, came);
}

function isSheet(value: unknown): value is Sheet {
  return typeof value === 'object' && value !== null && 'version' in value && 'pattern' in value;
}

export const useSheetQuery = (id: string | undefined) =>
  useQuery({
    queryKey: ['sheet', id],
    queryFn: () => ask(api.GET('/patterns/{id}', { params: { path: { id: id ?? '' } } })),
    enabled: id !== undefined,
    structuralSharing: (known, came) => (isSheet(came) ? newer(isSheet(known) ? known : undefined, came) : came),
  });

export const useVersion = (id: string | undefined) =>
  useQuery({
    queryKey: ['version', id],
    queryFn: () => ask(api.GET('/versions/{id}', { params: { path: { id: id ?? '' } } })),
    enabled: id !== undefined,
  });

export const useVersions = (pattern: string, wanted: boolean) =>
  useQuery({
    queryKey: ['versions', pattern],
    queryFn: async () =>
      (await ask(api.GET('/patterns/{id}/versions', { params: { path: { id: pattern } } }))).versions,
    enabled: wanted,
  });

/** Looked at again now and then: a page may stay open for days. */
export const useBackups = () =>
  useQuery({ queryKey: ['backups'], queryFn: () => ask(api.GET('/backups')), refetchInterval: 600_000 });

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
      ask(
        api.GET('/versions/{id}/texture', {
          params: { path: { id: version }, query: { look, v: String(revision), ...until(upto) } },
        }),
      ),
    staleTime: FOREVER,
    placeholderData: (previous) => previous,
  });

export const useShelfTexture = (version: string, revision: number, wanted: boolean) =>
  useQuery({
    queryKey: ['texture-shelf', version, revision],
    queryFn: () =>
      ask(api.GET('/versions/{id}/texture', { params: { path: { id: version }, query: { v: String(revision) } } })),
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
      ask(
        api.GET('/versions/{id}/core', {
          params: {
            path: { id: version },
            query: { u: rounded(at.u, 4), deg: rounded(at.deg, 2), look, ...until(upto) },
          },
        }),
      ),
    placeholderData: (previous) => previous,
  });

/** Said for the room as it is now. */
export const useAdvice = (version: string, revision: number, { air_c, humidity_percent }: Settings) =>
  useQuery({
    queryKey: ['advice', version, revision, air_c, humidity_percent],
    queryFn: () => ask(api.GET('/versions/{id}/advice', { params: { path: { id: version } } })),
    placeholderData: (previous) => previous,
  });

export const useRun = (id: string) =>
  useQuery({ queryKey: ['run', id], queryFn: () => ask(api.GET('/runs/{id}', { params: { path: { id } } })) });

export const askRunTexture = (id: string, upto: string | null, look: Look) =>
  ask(api.GET('/runs/{id}/texture', { params: { path: { id }, query: { look, ...until(upto) } } }));

export const useRunTexture = (id: string, upto: string | null, look: Look = 'clear') =>
  useQuery({
    queryKey: ['run-texture', id, upto, look],
    queryFn: () => askRunTexture(id, upto, look),
    staleTime: FOREVER,
    placeholderData: (previous) => previous,
  });

export const useBait = (id: string) =>
  useQuery({
    queryKey: ['bait', id],
    queryFn: () => ask(api.GET('/baits/{id}', { params: { path: { id } } })),
    enabled: id !== '',
  });
