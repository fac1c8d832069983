import { Button } from '@mantine/core';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { api, ask, words } from '../api/client';
import { useBackups } from '../api/queries';
import { now } from '../api/serverClock';
import { age } from '../units/units';
import '../parts/controls';
import classes from './shell.module.css';

/** Says on every page that there has been no good backup for days, and why. */
export function BackupNotice() {
  const queries = useQueryClient();
  const backups = useBackups().data;
  const make = useMutation({
    mutationFn: () => ask(api.POST('/backups')),
    onSettled: () => queries.invalidateQueries({ queryKey: ['backups'] }),
  });
  if (backups?.overdue !== true) return null;
  const { last_good_at: last, trouble } = backups;
  return (
    <div className={`${classes.shellNotice} ${classes.shellBar} no-print`} role="alert">
      <p>
        <b>{last === null ? 'There is no backup.' : `The last backup is ${age(last, now())} old.`}</b>{' '}
        {make.isError ? words(make.error) : trouble}
      </p>
      <Button variant="default" disabled={make.isPending} onClick={() => make.mutate()}>
        {make.isPending ? 'Backing up …' : 'Back up now'}
      </Button>
    </div>
  );
}
