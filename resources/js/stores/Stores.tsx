import { useState } from 'react';
import { useBodies, usePaints, useSettings } from '../api/queries';
import type { Body } from '../api/types';
import { Waiting } from '../shell/Shell';
import { BaitPicture } from '../stage/BaitPicture';
import './stores.css';
import { length } from '../units/units';
import { BARE } from './bare';
import { NewBody } from './NewBody';
import { Rack } from './Rack';

const MM_PER_PX = 0.5;

/** What the painter owns: the rack of paints and the drawer of bodies. */
export function Stores() {
  const paints = usePaints().data;
  const bodies = useBodies().data;
  const settings = useSettings().data;
  const [addingBody, setAddingBody] = useState(false);
  if (paints === undefined || bodies === undefined || settings === undefined) return <Waiting />;
  return (
    <div className="page">
      <h1 className="stores-title">Stores</h1>
      <Rack paints={paints} settings={settings} />
      <section aria-label="Body drawer" className="stores-part">
        <div className="page-head">
          <h2>Body drawer</h2>
          <span className="spacer" />
          <button type="button" className="plain-button" onClick={() => setAddingBody(true)}>
            Measure a body
          </button>
        </div>
        {bodies.length === 0 ? (
          <div className="empty">
            <h2>The drawer is empty</h2>
            <p>Measure the first body with calipers: its length, and depth and width at a few places.</p>
          </div>
        ) : (
          <ul className="drawer on-stage">
            {bodies.map((body) => (
              <li key={body.id}>
                <BaitPicture
                  body={body}
                  texture={BARE}
                  view="left"
                  width={widthOf(body)}
                  height={heightOf(body)}
                  mmPerPx={MM_PER_PX}
                  label={`${body.name}, bare`}
                  glossy={false}
                />
                <b>{body.name}</b> {body.material}, {length.show(body.length_mm, settings)} {length.unit(settings)},{' '}
                {length.show(body.girth_mm, settings)} {length.unit(settings)} around,{' '}
                {(body.area_mm2 / 100).toFixed(0)} cm², {(body.volume_mm3 / 1000).toFixed(1)} ml · {body.stock} left
              </li>
            ))}
          </ul>
        )}
      </section>
      <NewBody opened={addingBody} onClose={() => setAddingBody(false)} settings={settings} />
    </div>
  );
}

function widthOf(body: Body): number {
  return Math.min(
    window.innerWidth - 60,
    Math.round(((body.length_mm + (body.marks.bill_length_mm ?? 0)) * 1.07) / MM_PER_PX),
  );
}

function heightOf(body: Body): number {
  const tall = Math.max(...body.profile.top_mm) + Math.max(...body.profile.bottom_mm);
  return Math.round((tall * 1.1 + (body.marks.bill_length_mm ?? 0) * 0.3) / MM_PER_PX) + 10;
}
