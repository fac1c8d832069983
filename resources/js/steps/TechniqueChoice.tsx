import { useQuery } from '@tanstack/react-query';
import { api, ask } from '../api/client';
import type { BodyShape, Vocabulary } from '../api/types';
import type { Choice } from '../parts/Chooser';
import { ZoneOutline } from '../stage/ZoneOutline';
import classes from './steps.module.css';

/** What each way of putting paint on leaves on this body, drawn with the figures it starts from. */
export function useDrawings(body: string, wanted: boolean): Map<string, string> {
  const drawings = useQuery({
    queryKey: ['techniques', body],
    queryFn: async () => (await ask(api.GET('/bodies/{id}/techniques', { params: { path: { id: body } } }))).techniques,
    staleTime: Number.POSITIVE_INFINITY,
    enabled: wanted,
  }).data;
  return new Map(drawings?.map(({ name, cover }) => [name, cover]));
}

export function techniqueChoices(
  techniques: Vocabulary['techniques'],
  body: BodyShape,
  drawings: Map<string, string>,
): Choice[] {
  return techniques.map(({ name, label }) => ({
    value: name,
    text: label,
    shown: (
      <span className={classes.tile}>
        <ZoneOutline body={body} cover={drawings.get(name)} />
        {label}
      </span>
    ),
  }));
}
