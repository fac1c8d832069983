import { UnstyledButton } from '@mantine/core';
import { useId, useMemo } from 'react';
import type { BodyShape, Step } from '../api/types';
import { Failed } from '../parts/Failed';
import { Waiting } from '../parts/Waiting';
import { BaitPicture } from '../stage/BaitPicture';
import { useSize } from '../stage/useSize';
import { counted } from '../units/units';
import { type Enlarged, enlarged } from './enlarged';
import classes from './passes.module.css';
import { usePasses, usePassTexture } from './usePasses';

interface Props {
  version: string;
  revision: number;
  body: BodyShape;
  step: Step;
  /** What a press on a picture does, with its number of coats before it. */
  action: string;
  /** What comes of it. */
  note: string;
  /** The picture that was chosen at the bench. */
  mine?: number | undefined;
  onChoose: (coats: number) => void;
}

const TALL = 1.15;

/** The same place of the bait after none, one, two … coats. */
export function PassRow({ version, revision, body, step, action, note, mine, onChoose }: Props) {
  const id = step.document.id;
  const said = useId();
  const passes = usePasses(version, revision, id);
  const { ref, width } = useSize<HTMLLIElement>();
  const height = Math.round(width * TALL);
  const { cover } = step.shown;
  const near = useMemo(() => enlarged(body, cover, width, height), [body, cover, width, height]);
  if (passes.isError) return <Failed error={passes.error} retry={() => void passes.refetch()} />;
  if (passes.data === undefined) return <Waiting />;
  const { planned, last_seen: last, too_many: lost, passes: all } = passes.data;
  return (
    <div className={classes.passes}>
      <ul className={`${classes.row} on-stage`} aria-label="After each coat">
        {all.map(({ coats, delta_e, says }) => (
          <li key={coats} ref={coats === 0 ? ref : undefined} data-mine={coats === mine ? '' : undefined}>
            <UnstyledButton
              className={`${classes.pass} ${coats === planned ? classes.planned : ''}`}
              disabled={coats === 0}
              onClick={() => onChoose(coats)}
              aria-label={`${action}: ${counted(coats, 'coat')}`}
              aria-describedby={`${said}${coats}`}
            >
              <Near {...{ version, revision, step: id, coats, body, width, height, near }} />
              <b>
                {coats === 0 ? 'bare' : counted(coats, 'coat')}
                {coats === planned && ': the plan'}
                {coats === mine && ' · yours'}
              </b>
              <span id={`${said}${coats}`}>
                {coats === 0 ? says : delta_e < 1 ? 'not seen' : `${delta_e} ΔE: ${says}`}
                {lost !== null && coats >= lost.coats && ', too many'}
                {coats === last && coats < all.length - 1 && ', the last that is seen'}
              </span>
            </UnstyledButton>
          </li>
        ))}
      </ul>
      <p>
        {note} {lost?.reason}
      </p>
      <p className="dim">Estimate from the film model, under clear. ΔE: how much a coat changes from the one before.</p>
    </div>
  );
}

interface NearProps {
  version: string;
  revision: number;
  step: string;
  coats: number;
  body: BodyShape;
  width: number;
  height: number;
  near: Enlarged;
}

/** The place brought near: the whole bait drawn so many times as large, moved under a window. */
function Near({ version, revision, step, coats, body, width, height, near }: NearProps) {
  const texture = usePassTexture(version, revision, step, coats).data;
  const [wide, high] = [Math.round(width * near.times), Math.round(height * near.times)];
  return (
    <span className={classes.near} style={{ height }}>
      <span style={{ transform: `translate(${width / 2 - near.x * wide}px, ${height / 2 - near.y * high}px)` }}>
        <BaitPicture
          body={body}
          texture={texture}
          view={near.view}
          width={wide}
          height={high}
          label={counted(coats, 'coat')}
        />
      </span>
    </span>
  );
}
