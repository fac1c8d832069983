import { useQuery } from '@tanstack/react-query';
import { api, ask } from './client';
import type { Look, Settings } from './types';

export const useRig = () => useQuery({ queryKey: ['rig'], queryFn: () => ask(api.GET('/equipment')) });

export const useClears = () => useQuery({ queryKey: ['clears'], queryFn: () => ask(api.GET('/clears')) });

export const useEyes = () => useQuery({ queryKey: ['eyes'], queryFn: async () => (await ask(api.GET('/eyes'))).eyes });

/** Which eyes fit, how proud the one of a step stands, and whether it is seen. */
export const useEyeFit = (version: string, revision: number, step: string) =>
  useQuery({
    queryKey: ['eye-fit', version, revision, step],
    queryFn: () => ask(api.GET('/versions/{id}/steps/{step}/eye', { params: { path: { id: version, step } } })),
    placeholderData: (previous) => previous,
  });

export const useHabits = () => useQuery({ queryKey: ['habits'], queryFn: () => ask(api.GET('/habits')) });

export const useFaults = () => useQuery({ queryKey: ['faults'], queryFn: () => ask(api.GET('/faults')) });

export const useCautions = () =>
  useQuery({ queryKey: ['cautions'], queryFn: () => ask(api.GET('/cautions')), staleTime: Number.POSITIVE_INFINITY });

/** Air, cleaning and drying of the coats of a version, in the room and with the rig of now. */
export const useAir = (version: string, revision: number, { air_c, humidity_percent }: Settings) =>
  useQuery({
    queryKey: ['air', version, revision, air_c, humidity_percent],
    queryFn: async () => (await ask(api.GET('/versions/{id}/air', { params: { path: { id: version } } }))).coats,
    placeholderData: (previous) => previous,
  });

/** Where a step may stand; null: nobody asks. */
export const usePlaces = (version: string, revision: number, step: string | null) =>
  useQuery({
    queryKey: ['places', version, revision, step],
    queryFn: async () =>
      (
        await ask(
          api.GET('/versions/{id}/steps/{step}/places', { params: { path: { id: version, step: step ?? '' } } }),
        )
      ).places,
    enabled: step !== null,
  });

export const useBetterOrder = (version: string, revision: number, look: Look) =>
  useQuery({
    queryKey: ['order', version, revision, look],
    queryFn: () =>
      ask(api.GET('/versions/{id}/order', { params: { path: { id: version }, query: { look, v: String(revision) } } })),
  });

export const useTestSheet = (version: string, step: string) =>
  useQuery({
    queryKey: ['test-sheet', version, step],
    queryFn: () => ask(api.GET('/versions/{id}/steps/{step}/sheet', { params: { path: { id: version, step } } })),
  });

/** The gauge at the airbrush, while somebody looks at it. */
export const useGauge = () =>
  useQuery({
    queryKey: ['gauge'],
    queryFn: () => ask(api.GET('/instruments/pressure')),
    // Where there is none, it is not asked for again.
    refetchInterval: ({ state: { data } }) =>
      data !== undefined && !data.connected && data.said === '' ? false : 2000,
    retry: false,
  });
