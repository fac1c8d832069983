import { Button, Modal } from '@mantine/core';
import { words } from '../api/client';
import { useTexture } from '../api/queries';
import { useBetterOrder } from '../api/shopQueries';
import type { Look, BetterOrder as Order, Texture, Version } from '../api/types';
import '../parts/controls';
import { BaitPicture } from '../stage/BaitPicture';
import { minutes } from '../units/units';
import classes from './air.module.css';

interface Props {
  version: Pick<Version, 'id' | 'revision' | 'steps' | 'body'>;
  look: Look;
  onOrder: (steps: string[]) => void;
  onClose: () => void;
}

/** The order with the fewest minutes that leaves the bait as it is, beside today's. Nothing moves until it is wanted. */
export function BetterOrder({ version, look, onOrder, onClose }: Props) {
  const found = useBetterOrder(version.id, version.revision, look);
  const order = found.data;
  const texture = useTexture(version.id, version.revision, null, look).data;
  return (
    <Modal opened onClose={onClose} title="A better order" size="xl" centered>
      {found.isError && <p role="alert">{words(found.error)}</p>}
      {found.isPending && <p role="status">Trying other orders …</p>}
      {order !== undefined && !order.better && (
        <p>
          None is better. Cleaning between colours takes {minutes(order.now.clean_min)}, and no order that leaves the
          bait as it is takes less of cleaning and waiting together.
        </p>
      )}
      {order?.better && (
        <>
          <div className={classes.both}>
            <Half name="Today" of={order.now} texture={texture} version={version} />
            <Half name="Better" of={order.best} texture={order.texture} version={version} before={order.now} />
          </div>
          <p className="dim">
            The bait changes by {order.delta_e.toFixed(2)} DeltaE00 at most, which nobody sees. Both are drawn by the
            model.
          </p>
          <Button
            onClick={() => {
              onOrder(order.best.steps.map((one) => one.step));
              onClose();
            }}
          >
            Put them in this order
          </Button>
        </>
      )}
    </Modal>
  );
}

/** Waiting beside today's. */
function waits(more: number): string {
  if (Math.abs(more) < 0.1) return ', as much waiting';
  return `, ${minutes(Math.abs(more))} ${more < 0 ? 'less' : 'more'} waiting`;
}

function Half(props: {
  name: string;
  of: Order['now'];
  texture: Texture | undefined;
  version: Props['version'];
  before?: Order['now'];
}) {
  const { name, of, texture, version, before } = props;
  return (
    <section aria-label={name}>
      <h2>
        {name}: {minutes(of.clean_min)} of cleaning{before === undefined ? '' : waits(of.wait_min - before.wait_min)}
      </h2>
      <div className={`on-stage ${classes.stage}`}>
        <BaitPicture
          body={version.body}
          texture={texture}
          view="left"
          width={330}
          height={120}
          label={`The bait, ${name.toLowerCase()}`}
        />
      </div>
      <ol>
        {of.steps.map((one, i) => (
          <li key={one.step} data-moved={before !== undefined && before.steps[i]?.step !== one.step}>
            {one.name} {before !== undefined && one.number !== i + 1 && <span className="dim">was {one.number}</span>}
          </li>
        ))}
      </ol>
    </section>
  );
}
