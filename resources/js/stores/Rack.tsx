import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { words, write } from '../api/client';
import type { Paint, Settings } from '../api/types';
import { volume } from '../units/units';
import { NewPaint } from './NewPaint';
import { TeachPaint } from './TeachPaint';

/** All paints, each chip as an ordinary coat lies over black and over white. */
export function Rack({ paints, settings }: { paints: Paint[]; settings: Settings }) {
  const [adding, setAdding] = useState(false);
  const standing = paints.filter((p) => !p.archived);
  return (
    <section aria-label="Rack" className="stores-part">
      <div className="page-head">
        <h2>Rack</h2>
        <span className="dim">
          an ordinary coat over black and over white; guessed: from swatch and kind, no card measured yet
        </span>
        <span className="spacer" />
        <button type="button" className="plain-button" onClick={() => setAdding(true)}>
          Add a paint
        </button>
      </div>
      {standing.length === 0 ? (
        <div className="empty">
          <h2>The rack is empty</h2>
          <p>Pick a swatch and a kind; the application guesses how it covers until you measure a card.</p>
        </div>
      ) : (
        <ul className="rack">
          {standing.map((paint) => (
            <Bottle key={paint.id} paint={paint} settings={settings} />
          ))}
        </ul>
      )}
      <NewPaint opened={adding} onClose={() => setAdding(false)} />
    </section>
  );
}

function Bottle({ paint, settings }: { paint: Paint; settings: Settings }) {
  const queries = useQueryClient();
  const change = useMutation({
    mutationFn: (set: Partial<Pick<Paint, 'left_ml' | 'archived'>>) =>
      write<Paint>('PATCH', `/paints/${paint.id}`, { revision: paint.revision, ...set }),
    onSettled: () => queries.invalidateQueries({ queryKey: ['paints'] }),
  });
  const [teaching, setTeaching] = useState(false);
  const share = Math.min(1, paint.left_ml / paint.bottle_ml);
  return (
    <li>
      <span
        className="chip rack-chip"
        role="img"
        aria-label={`over black ${paint.chip.black}, over white ${paint.chip.white}`}
      >
        <i style={{ background: paint.chip.black }} />
        <i style={{ background: paint.chip.white }} />
      </span>
      <span>
        <b>{paint.name}</b>
        <br />
        <span className="dim">
          {paint.kind} · {paint.from_card ? 'measured' : 'guessed'}
        </span>
      </span>
      <span className="rack-left">
        <meter
          value={share}
          low={0.15}
          min={0}
          max={1}
          aria-label={`${paint.name}: ${Math.round(share * 100)} percent left`}
        />
        <span className={share < 0.15 ? 'rack-low' : 'dim'}>
          {share < 0.15 ? 'low: ' : ''}
          {volume(paint.left_ml, settings)} of {volume(paint.bottle_ml, settings).split(' ')[0]}
        </span>
      </span>
      <span className="rack-do">
        <button
          type="button"
          className="link"
          onClick={() => change.mutate({ left_ml: paint.bottle_ml })}
          disabled={change.isPending || share === 1}
        >
          Restock
        </button>
        <button
          type="button"
          className="link"
          onClick={() => setTeaching(true)}
          aria-label={`Teach it ${paint.name} from a card`}
        >
          Teach
        </button>
      </span>
      {teaching && <TeachPaint paint={paint} onClose={() => setTeaching(false)} />}
      {change.isError && <p role="alert">{words(change.error)}</p>}
    </li>
  );
}
