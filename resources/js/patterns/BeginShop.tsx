import { Button, UnstyledButton } from '@mantine/core';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { api, ask, words } from '../api/client';
import { useSettings } from '../api/queries';
import { useOnce } from '../api/useOnce';
import { BaitPicture } from '../stage/BaitPicture';
import { BARE } from '../stores/bodies/bare';
import { useShapes } from '../stores/bodies/ShapeFields';
import { length } from '../units/units';
import classes from './begin.module.css';

const MM_PER_PX = 0.56;

interface Props {
  /** Called when there is something to begin a pattern with, or nothing is wanted. */
  onBegin: (shape?: string) => void;
}

/** What an empty shop can begin with: the samples, a starter shop, or nothing. */
export function BeginShop({ onBegin }: Props) {
  const shapes = useShapes().data?.shapes ?? [];
  const settings = useSettings().data;
  const queries = useQueryClient();
  const once = useOnce();
  const begin = useMutation({
    mutationFn: (what: 'starter' | 'samples') =>
      once({ with: what }, (body, headers) => ask(api.POST('/shop/begin', { body, headers }))),
    onSuccess: async (_, what) => {
      await queries.invalidateQueries();
      if (what === 'starter') onBegin();
    },
  });
  return (
    <section className={classes.begin} aria-labelledby="begin">
      <h2 id="begin">How do you want to start?</h2>
      <ul>
        <li>
          <Button disabled={begin.isPending} onClick={() => begin.mutate('starter')}>
            Set up a starter shop
          </Button>
          <p>
            Ten paints (white, black, bone, pearl, smoke and five transparents), six bodies of usual shapes, a clear of
            each kind, eyes and masks. Swap them for your own as you go.
          </p>
        </li>
        <li>
          <Button variant="default" disabled={begin.isPending} onClick={() => begin.mutate('samples')}>
            Look at samples
          </Button>
          <p>Six finished patterns with their paints and bodies. Keep them or throw them away later.</p>
        </li>
        <li>
          <Button variant="default" disabled={begin.isPending} onClick={() => onBegin()}>
            Start empty
          </Button>
          <p>Name your first pattern and pick the shape of its body. Add paints when you need them.</p>
        </li>
      </ul>
      {begin.isPending && <p role="status">Setting up…</p>}
      {begin.isError && (
        <p role="alert" className="notice">
          Nothing was added. {words(begin.error)}
        </p>
      )}
      {settings !== undefined && (
        <div className={`${classes.shapes} on-stage`}>
          <h3>Or begin on a body of this shape</h3>
          <ul>
            {shapes.map((one) => (
              <li key={one.name}>
                <UnstyledButton disabled={begin.isPending} onClick={() => onBegin(one.name)}>
                  <BaitPicture
                    body={one.shape}
                    texture={BARE}
                    view="left"
                    width={Math.round((one.usual_mm * 1.3) / MM_PER_PX)}
                    height={Math.round((one.usual_mm * 0.52) / MM_PER_PX)}
                    mmPerPx={MM_PER_PX}
                    label={`${one.name}, bare`}
                    glossy={false}
                  />
                  <b>{one.name}</b>{' '}
                  <span>
                    {one.about}, usually {length.show(one.usual_mm, settings)} {length.unit(settings)}
                  </span>
                </UnstyledButton>
              </li>
            ))}
          </ul>
        </div>
      )}
    </section>
  );
}
