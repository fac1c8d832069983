import { Anchor, Button } from '@mantine/core';
import { useState } from 'react';
import { Link } from 'react-router';
import { useBodies, useSettings } from '../../api/queries';
import type { Body } from '../../api/types';
import { PageTitle } from '../../parts/PageTitle';
import { Waiting } from '../../parts/Waiting';
import { BaitPicture } from '../../stage/BaitPicture';
import { useRoom } from '../../stage/useRoom';
import { length, money } from '../../units/units';
import classes from '../stores.module.css';
import { BARE } from './bare';

/** The scale where there is room for it; a smaller one, again for all, where the longest would not fit. */
const MM_PER_PX = 0.5;

/** The body drawer, to one scale. */
export function Bodies() {
  const bodies = useBodies().data;
  const settings = useSettings().data;
  const room = useRoom();
  const [old, setOld] = useState(false);
  if (bodies === undefined || settings === undefined) return <Waiting />;
  const archived = bodies.filter((body) => body.archived).length;
  const mmPerPx = Math.max(MM_PER_PX, ...bodies.map((body) => longMm(body) / room));
  return (
    <section aria-label="Body drawer">
      <div className="page-head">
        <PageTitle of="Body drawer" />
        <h1>Body drawer</h1>
        <span className="spacer" />
        {archived > 0 && (
          <Anchor component="button" type="button" aria-pressed={old} onClick={() => setOld(!old)}>
            {old ? 'Without the archived' : `${archived} archived`}
          </Anchor>
        )}
        <Button component={Link} to="/stores/bodies/new">
          Add a body
        </Button>
      </div>
      {bodies.length === 0 ? (
        <div className="empty">
          <h2>The drawer is empty</h2>
          <p>Pick the shape of your first body and say how long it is. You can measure it with calipers later.</p>
        </div>
      ) : (
        <ul className={`${classes.drawer} on-stage`}>
          {bodies
            .filter((body) => old || !body.archived)
            .map((body) => (
              <li key={body.id}>
                <BaitPicture
                  body={body}
                  texture={BARE}
                  view="left"
                  width={Math.round(longMm(body) / mmPerPx)}
                  height={heightOf(body, mmPerPx)}
                  mmPerPx={mmPerPx}
                  label={`${body.name}, bare`}
                  glossy={false}
                />
                <Link to={`/stores/bodies/${body.id}`}>{body.name}</Link>
                <span>
                  {body.material}, {body.condition === body.material ? '' : `${body.condition}, `}
                  {length.show(body.length_mm, settings)} {length.unit(settings)}
                  {body.weight_g === null ? '' : `, ${body.weight_g} g`}
                  {body.price === null ? '' : `, ${money(body.price, settings)} each`} ·{' '}
                  {body.stock === 0 ? 'none in stock' : `${body.stock} left`}
                </span>
              </li>
            ))}
        </ul>
      )}
    </section>
  );
}

/** With its bill and tail, and a little room around. */
function longMm(body: Body): number {
  return (body.length_mm + (body.marks.bill_length_mm ?? 0) + (body.marks.tail_length_mm ?? 0)) * 1.07;
}

function heightOf(body: Body, mmPerPx: number): number {
  const tall = Math.max(...body.profile.top_mm) + Math.max(...body.profile.bottom_mm);
  return Math.round((tall * 1.1 + (body.marks.bill_length_mm ?? 0) * 0.3) / mmPerPx) + 10;
}
