import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { api, ask } from '../api/client';
import type { Ground, MixPart } from '../api/types';

interface MixForm {
  parts: MixPart[];
  coats: number;
  weight: string;
  thinning_percent?: number;
  over?: Ground;
}

/** How a mix looks, coat by coat; asked again when the mix changes. */
export const useMixSeen = (form: MixForm, since: unknown = 0) =>
  useQuery({
    queryKey: ['mix', form, since],
    queryFn: () => ask(api.POST('/mixes/look', { body: form })),
    enabled: form.parts.length > 0,
    placeholderData: keepPreviousData,
  });

/** The parts in words: 3 White, 1 Red. */
export function said(parts: { name: string; drops: number }[]): string {
  return parts.length === 1 ? (parts[0]?.name ?? '') : parts.map((part) => `${part.drops} ${part.name}`).join(' + ');
}
