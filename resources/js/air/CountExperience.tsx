import { Anchor } from '@mantine/core';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { api, ask, words } from '../api/client';
import type { CoatAir, Settings } from '../api/types';
import { inPressure } from '../units/sentence';
import classes from './air.module.css';

type Experience = NonNullable<NonNullable<CoatAir['air']>['experience']>;

/** What was sprayed with this paint and airbrush moves the window, or is left out of it. */
export function CountExperience({ experience, settings }: { experience: Experience; settings: Settings }) {
  const queries = useQueryClient();
  const { paint_id, equipment_id, counts } = experience;
  const save = useMutation({
    mutationFn: () => ask(api.PUT('/experience', { body: { paint_id, equipment_id, counts: !counts } })),
    onSettled: () => queries.invalidateQueries(),
  });
  const percent = Math.round((experience.shift - 1) * 100);
  return (
    <p className={classes.experience}>
      {counts ? (
        <>
          {experience.paint}, {inPressure(experience.says, settings)}:{' '}
          {percent === 0
            ? 'as the model says.'
            : `the window stands ${Math.abs(percent)} % ${percent > 0 ? 'higher' : 'lower'}.`}
        </>
      ) : (
        <>What was sprayed with {experience.paint} is left out here.</>
      )}{' '}
      <Anchor component="button" type="button" disabled={save.isPending} onClick={() => save.mutate()}>
        {counts ? 'Leave it out' : 'Count it again'}
      </Anchor>
      {save.isError && <span role="alert"> {words(save.error)}</span>}
    </p>
  );
}
