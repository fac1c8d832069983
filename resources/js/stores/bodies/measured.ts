import { useDebouncedValue } from '@mantine/hooks';
import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { api, ask } from '../../api/client';
import type { BodyForm } from '../../api/types';

export type Station = [number, number, number, number];

/** Rows of four as the API gives them. */
export function stationsOf(rows: number[][]): Station[] {
  return rows.map(([u = 0, up = 0, down = 0, half = 0]) => [u, up, down, half]);
}

export interface Marks {
  gill_u: number;
  eye_u: number;
  eye_deg: number;
  eye_socket_mm: number | null;
  eye_socket_depth_mm: number | null;
  bill_length_mm: number | null;
  bill_angle_deg: number;
  bill_loose: boolean;
  tail_length_mm: number | null;
  joints_u: number[];
  hooks_u: number[];
  tie_u: number | null;
  tie_deg: number;
  zones: Record<string, Record<string, number>>;
}

/** The measures of a body as the form has them. */
export interface Measures {
  length_mm: number;
  exponent: number;
  stations: Station[];
  marks: Marks;
  ground: { [key: string]: unknown };
  /** Undefined: as its condition says. */
  shine: BodyForm['shine'];
}

/** A plain minnow to begin with; every figure of it is there to be measured anew. */
export const PLAIN: Measures = {
  length_mm: 80,
  exponent: 2.1,
  stations: [
    [0, 1.2, 1.2, 1],
    [0.08, 5, 5, 3.4],
    [0.22, 8.4, 8.4, 5.4],
    [0.4, 10, 10, 6.4],
    [0.6, 8.6, 8.6, 5.4],
    [0.8, 5.2, 5.2, 3.4],
    [1, 1.4, 1.4, 1],
  ],
  marks: {
    gill_u: 0.24,
    eye_u: 0.11,
    eye_deg: 74,
    eye_socket_mm: 5,
    eye_socket_depth_mm: null,
    bill_length_mm: null,
    bill_angle_deg: 38,
    bill_loose: false,
    tail_length_mm: null,
    joints_u: [],
    hooks_u: [0.36, 0.98],
    tie_u: null,
    tie_deg: 90,
    zones: {},
  },
  ground: { hex: '#dcdcd6' },
  shine: undefined,
};

/** Measures of a kept body, with what it says nothing of filled in. */
export function measuresOf(form: BodyForm): Measures {
  const given = (form.marks ?? {}) as Partial<Marks>;
  return {
    length_mm: form.length_mm,
    exponent: form.exponent ?? 2,
    stations: stationsOf(form.stations),
    marks: { ...PLAIN.marks, eye_socket_mm: null, hooks_u: [], ...given },
    ground: form.ground ?? PLAIN.ground,
    shine: form.shine ?? 'none',
  };
}

/** The document for the server: of the marks only what is set. */
export function toForm(m: Measures): BodyForm {
  const marks = Object.fromEntries(Object.entries(m.marks).filter(([, value]) => value !== null));
  if (Object.keys(m.marks.zones).length === 0) delete marks.zones;
  return {
    length_mm: m.length_mm,
    exponent: m.exponent,
    stations: m.stations,
    marks,
    ground: m.ground,
    ...(m.shine && { shine: m.shine }),
  };
}

/** How the body in the form looks, a moment after it was typed. */
export function useBodyLook(measures: Measures) {
  const [settled] = useDebouncedValue(measures, 120);
  return useQuery({
    queryKey: ['body-look', settled],
    queryFn: () => ask(api.POST('/bodies/look', { body: toForm(settled) })),
    placeholderData: keepPreviousData,
  });
}
