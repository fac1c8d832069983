import { Button } from '@mantine/core';
import { useSettings } from '../../api/queries';
import { useClears } from '../../api/shopQueries';
import { Failed } from '../../parts/Failed';
import { Waiting } from '../../parts/Waiting';
import { StoreHead } from '../things/StoreHead';
import { Things } from '../things/Thing';
import { useStorePage } from '../things/useStorePage';
import { NewClear } from './NewClear';
import { OneClear } from './OneClear';

/** The clears of the shop. Of each kind the one in use counts for plans and for the bench. */
export function ClearsPage() {
  const clears = useClears();
  const settings = useSettings().data;
  const page = useStorePage(clears.data?.clears);
  if (clears.isError) return <Failed error={clears.error} retry={() => void clears.refetch()} />;
  if (clears.data === undefined || settings === undefined) return <Waiting />;
  const { bounds, kinds } = clears.data;
  const shown = clears.data.clears.filter(page.isShown);
  return (
    <section aria-label="Clears">
      <StoreHead of="Clears" about="plans and bench use the clear marked “in use”" {...page.head} add="Add a clear" />
      {shown.length === 0 ? (
        <div className="empty">
          <h2>No clear yet</h2>
          <p>Plans use what labels of each kind usually say. Add yours to use its own minutes and ratio.</p>
          <Button onClick={page.head.onAdd}>Add the first clear</Button>
        </div>
      ) : (
        <Things>
          {shown.map((one) => (
            <OneClear key={one.id} clear={one} {...{ bounds, settings }} {...page.opening(one.id)} />
          ))}
        </Things>
      )}
      <p className="dim">
        Times are common practice for its kind in the room of now, not a promise; the product’s own sheet goes first.
      </p>
      <NewClear opened={page.adding} onClose={page.close} kinds={kinds} />
    </section>
  );
}
