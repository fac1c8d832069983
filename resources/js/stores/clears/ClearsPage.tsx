import { Anchor, Button } from '@mantine/core';
import { useState } from 'react';
import { useSettings } from '../../api/queries';
import { useClears } from '../../api/shopQueries';
import { Failed } from '../../parts/Failed';
import { PageTitle } from '../../parts/PageTitle';
import { Waiting } from '../../parts/Waiting';
import classes from '../kept.module.css';
import { NewClear } from './NewClear';
import { OneClear } from './OneClear';

/** The clears of the shop. Of each kind the one in use counts for plans and for the bench. */
export function ClearsPage() {
  const clears = useClears();
  const settings = useSettings().data;
  const [adding, setAdding] = useState(false);
  const [old, setOld] = useState(false);
  if (clears.isError) return <Failed error={clears.error} retry={() => void clears.refetch()} />;
  if (clears.data === undefined || settings === undefined) return <Waiting />;
  const { bounds, kinds } = clears.data;
  const away = clears.data.clears.filter((one) => one.archived).length;
  const shown = clears.data.clears.filter((one) => old || !one.archived);
  return (
    <section aria-label="Clears">
      <div className="page-head">
        <PageTitle of="Clears" />
        <h1>Clears</h1>
        <span className="dim">of each kind the one in use counts for plans and for the bench</span>
        <span className="spacer" />
        {away > 0 && (
          <Anchor component="button" type="button" aria-pressed={old} onClick={() => setOld(!old)}>
            {old ? 'Without what was put away' : `${away} put away`}
          </Anchor>
        )}
        <Button onClick={() => setAdding(true)}>Add a clear</Button>
      </div>
      {shown.length === 0 ? (
        <div className="empty">
          <h2>No clear yet</h2>
          <p>Plans use what labels of each kind usually say. Add yours to use its own minutes and ratio.</p>
          <Button onClick={() => setAdding(true)}>Add the first clear</Button>
        </div>
      ) : (
        <ul className={classes.kept}>
          {shown.map((one) => (
            <OneClear key={one.id} clear={one} bounds={bounds} />
          ))}
        </ul>
      )}
      <p className="dim">
        Times are common practice for its kind in the room of now, not a promise; the product’s own sheet goes first.
      </p>
      <NewClear opened={adding} onClose={() => setAdding(false)} kinds={kinds} />
    </section>
  );
}
