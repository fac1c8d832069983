import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useCallback } from 'react';
import { api, ask } from './client';
import type { RoomReading } from './types';

const KEY = ['room-reading'];
const EVERY_MS = 60_000;

/** What the hygrometer said last; where there is none, it is not asked for again. */
export function useRoomReading() {
  const queries = useQueryClient();
  const reading = useQuery({
    queryKey: KEY,
    queryFn: () => ask(api.POST('/instruments/room', { body: {} })),
    refetchInterval: ({ state: { data } }) => (data !== undefined && isThere(data) ? EVERY_MS : false),
    refetchOnWindowFocus: false,
    staleTime: EVERY_MS,
    retry: false,
  }).data;
  const refreshRoom = useCallback(() => void queries.invalidateQueries({ queryKey: ['settings'] }), [queries]);
  const believe = () =>
    void ask(api.POST('/instruments/room', { body: { believe: true } })).then((said) => {
      queries.setQueryData(KEY, said);
      refreshRoom();
    });
  return { reading, believe, refreshRoom };
}

/** Whether there is a hygrometer, answering or not. */
export function isThere({ connected, said }: RoomReading): boolean {
  return connected || said !== '';
}
