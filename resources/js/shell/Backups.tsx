import { Button, Switch } from '@mantine/core';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { api, ask, words } from '../api/client';
import { useBackups } from '../api/queries';
import { now } from '../api/serverClock';
import type { Settings } from '../api/types';
import { age, clock, day } from '../units/units';
import '../parts/controls';
import classes from './backups.module.css';

const SHOWN = 4;

const megabytes = (bytes: number) => `${(bytes / 1e6).toFixed(1)} MB`;

interface Props {
  settings: Settings;
  onDaily: (daily: Settings['daily_backup']) => void;
}

/** Everything that is kept, in one file: made now or daily, and fetched from here. */
export function Backups({ settings, onDaily }: Props) {
  const queries = useQueryClient();
  const state = useBackups().data;
  const backups = state?.backups ?? [];
  const make = useMutation({
    mutationFn: () => ask(api.POST('/backups')),
    onSuccess: () => queries.invalidateQueries({ queryKey: ['backups'] }),
  });
  return (
    <div className={classes.backups}>
      <h2>Backups</h2>
      <Switch
        label="One a day; the last seven are kept"
        checked={settings.daily_backup === 'on'}
        onChange={(event) => onDaily(event.currentTarget.checked ? 'on' : 'off')}
      />
      <Button variant="default" disabled={make.isPending} onClick={() => make.mutate()}>
        {make.isPending ? 'Backing up …' : 'Back up now'}
      </Button>
      {make.isError && <p role="alert">{words(make.error)}</p>}
      {state !== undefined && (
        <p>
          {state.last_good_at === null
            ? 'There is none yet.'
            : `The last good one is ${age(state.last_good_at, now())} old.`}
          {state.trouble !== '' && ` The last attempt failed: ${state.trouble}`}
        </p>
      )}
      {backups.length > 0 && (
        <ul>
          {backups.slice(0, SHOWN).map((backup) => (
            <li key={backup.id}>
              <a className="link" href={`/api/v1/backups/${backup.id}`} download>
                {day(backup.made_at)} {clock(backup.made_at)}
              </a>{' '}
              <span className="dim">
                {backup.id.startsWith('daily')
                  ? 'daily'
                  : backup.id.startsWith('before')
                    ? 'before an update'
                    : 'by hand'}
                , {megabytes(backup.bytes)}
              </span>
            </li>
          ))}
        </ul>
      )}
      <p className="dim">
        Stored in the data folder, under “backups”{state !== undefined && <>: {megabytes(state.bytes)} in all</>}.
        {state !== undefined &&
          state.shared_bytes > 0 &&
          ` Photographs (${megabytes(state.shared_bytes)}) are shared with those in use and take no more room.`}{' '}
        Keep a copy on another disk too: what you download here holds everything. bin/restore brings one back.
      </p>
    </div>
  );
}
