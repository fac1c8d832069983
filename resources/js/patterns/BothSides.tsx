import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { api, ask } from '../api/client';
import type { BodyShape, Look } from '../api/types';
import { BaitPicture } from '../stage/BaitPicture';
import { useSize } from '../stage/useSize';
import classes from './both.module.css';

interface Props {
  body: BodyShape;
  version: string;
  revision: number;
  upto: string | null;
  look: Look;
}

/** The right side laid over the left: where they differ, and through which steps. */
export function BothSides({ body, version, revision, upto, look }: Props) {
  const box = useSize<HTMLDivElement>();
  const seen = useQuery({
    queryKey: ['symmetry', version, revision, upto, look],
    queryFn: () =>
      ask(
        api.GET('/versions/{id}/symmetry', {
          params: { path: { id: version }, query: { look, v: String(revision), ...(upto === null ? {} : { upto }) } },
        }),
      ),
    placeholderData: keepPreviousData,
  }).data;
  const tones = seen?.tones ?? [];
  const said =
    seen === undefined
      ? 'Laying the sides over each other …'
      : `Left and right differ by ${seen.mean.toFixed(1)} DeltaE00 on average, ${seen.most.toFixed(0)} at most.`;
  return (
    <div className={classes.bothSides}>
      <div ref={box.ref} className={classes.bothPicture}>
        <BaitPicture
          body={body}
          texture={seen?.texture}
          view="left"
          width={box.width}
          height={box.height}
          glossy={false}
          label={`The two sides laid over each other. ${said}`}
        />
      </div>
      <div className={classes.bothTold}>
        <p>
          <b>{said}</b>
        </p>
        <ul className={classes.bothTones}>
          {seen?.texture.palette.map((colour, i) => (
            <li key={colour}>
              <i style={{ background: colour }} aria-hidden="true" />
              {tones[i] === null || tones[i] === undefined ? `more than ${tones[i - 1] ?? 0}` : `up to ${tones[i]}`}:{' '}
              {Math.round((seen.shares[i] ?? 0) * 100)} % of the side
            </li>
          ))}
        </ul>
        {seen !== undefined && seen.steps.length === 0 && (
          <p>Every step comes out the same on both sides if aim and strokes are the same.</p>
        )}
        {seen?.steps.map((step) => (
          <p key={step.step}>
            {step.number} {step.name}: {step.why}.
          </p>
        ))}
      </div>
    </div>
  );
}
