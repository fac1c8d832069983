import { keepPreviousData, useInfiniteQuery, useQuery } from '@tanstack/react-query';
import { api, ask } from './client';
import { following, PAGED, wholly } from './pages';
import type { PatternPage, PatternState } from './types';

const rack = (q: string) =>
  wholly(async (after) => {
    const { paints, next } = await ask(api.GET('/paints', { params: { query: { q, ...following(after) } } }));
    return { things: paints, next };
  });

export const usePaints = () => useQuery({ queryKey: ['paints'], queryFn: () => rack('') });

/** Ids of the paints that answer to some words, or that a pattern which does is painted with; undefined without words. */
export const useSoughtPaints = (q: string) =>
  useQuery({
    queryKey: ['paints-sought', q],
    queryFn: async () => new Set((await rack(q)).map((paint) => paint.id)),
    enabled: q !== '',
    placeholderData: keepPreviousData,
  });

export const useMasks = () =>
  useQuery({
    queryKey: ['masks'],
    queryFn: () =>
      wholly(async (after) => {
        const { masks, next } = await ask(api.GET('/masks', { params: { query: following(after) } }));
        return { things: masks, next };
      }),
  });

export const useMasksOf = (version: string, revision: number, wanted: boolean) =>
  useQuery({
    queryKey: ['masks', version, revision],
    queryFn: async () => (await ask(api.GET('/versions/{id}/masks', { params: { path: { id: version } } }))).masks,
    enabled: wanted,
    placeholderData: (previous) => previous,
  });

/** The shelf, page by page, after its first one. */
export const useAllPatterns = (q: string, state: PatternState, first: PatternPage) =>
  useInfiniteQuery({
    queryKey: ['patterns', q, state, 'pages', first.patterns[0]?.id],
    queryFn: ({ pageParam }) => ask(api.GET('/patterns', { params: { query: { q, state, ...following(pageParam) } } })),
    ...PAGED,
    initialData: { pages: [first], pageParams: [null] },
  });

/** The patterns painted with a paint, page by page. */
export const usePatternsWith = (paint: string) =>
  useInfiniteQuery({
    queryKey: ['patterns', 'with', paint],
    queryFn: ({ pageParam }) => ask(api.GET('/patterns', { params: { query: { paint, ...following(pageParam) } } })),
    ...PAGED,
  });

/** All runs, page by page, the latest first. */
export const useRuns = () =>
  useInfiniteQuery({
    queryKey: ['runs'],
    queryFn: ({ pageParam }) => ask(api.GET('/runs', { params: { query: following(pageParam) } })),
    ...PAGED,
  });

/** The latest runs that are not finished. */
export const useOpenRuns = () =>
  useQuery({
    queryKey: ['runs', 'open'],
    queryFn: async () => (await ask(api.GET('/runs', { params: { query: { state: 'open' } } }))).runs,
  });

/** The log, page by page, the latest first. */
export const useBaits = (q: string) =>
  useInfiniteQuery({
    queryKey: ['baits', q],
    queryFn: ({ pageParam }) => ask(api.GET('/baits', { params: { query: { q, ...following(pageParam) } } })),
    ...PAGED,
    placeholderData: keepPreviousData,
  });
