import { Anchor, Button, NativeSelect, TextInput } from '@mantine/core';
import { useCallback, useEffect, useState } from 'react';
import { Link } from 'react-router';
import { words } from '../../api/client';
import { usePaints, useSoughtPaints } from '../../api/listQueries';
import { useSettings, useVocabulary } from '../../api/queries';
import type { Paint, Settings } from '../../api/types';
import { Chip } from '../../parts/Chip';
import { oneOf } from '../../parts/choices';
import { Failed } from '../../parts/Failed';
import { NewPaint } from '../../parts/NewPaint';
import { useLongList } from '../../parts/useLongList';
import { useTyped } from '../../parts/useTyped';
import { Waiting } from '../../parts/Waiting';
import { useSize } from '../../stage/useSize';
import { volume } from '../../units/units';
import { RackFiles } from './RackFiles';
import { ORDERS, type Order, pick, STANDS, type Stand } from './sorting';
import { usePaintChange } from './usePaintChange';
import '../../parts/controls';
import layout from '../../parts/layout.module.css';
import { PageTitle } from '../../parts/PageTitle';
import classes from '../stores.module.css';

const LOW = 0.15;
/** As in the style sheet: a bottle wants so much, and so much stands between two. */
const BOTTLE_PX = 500;
const BETWEEN_PX = 40;
const HIGH_PX = 61;

/** All paints, each chip as an ordinary coat lies over black and over white. */
export function Rack() {
  const paints = usePaints();
  const settings = useSettings().data;
  const kinds = useVocabulary().data?.kinds ?? [];
  const [adding, setAdding] = useState(false);
  const [added, setAdded] = useState('');
  const [wanted, setWanted] = useState('');
  const sought = useTyped(wanted);
  const found = useSoughtPaints(sought).data;
  const [kind, setKind] = useState('');
  const [stand, setStand] = useState<Stand>('on the rack');
  const [order, setOrder] = useState<Order>('name');
  if (paints.isError) return <Failed error={paints.error} retry={() => void paints.refetch()} />;
  if (paints.data === undefined || settings === undefined) return <Waiting />;
  const shown = pick(paints.data, { words: wanted, found: sought === '' ? undefined : found, kind, stand, order });
  return (
    <section aria-label="Rack">
      <div className="page-head">
        <PageTitle of="Rack" />
        <h1>Rack</h1>
        <span className="dim">one normal coat, over black and over white</span>
        <span className="spacer" />
        <RackFiles />
        <Button onClick={() => setAdding(true)}>Add a paint</Button>
      </div>
      <div className={layout.sieve}>
        <TextInput
          type="search"
          size="xs"
          aria-label="Search by name, family, finish or pattern"
          placeholder="Search"
          value={wanted}
          onChange={(event) => setWanted(event.currentTarget.value)}
        />
        <Choice label="Kind" value={kind} options={['', ...kinds]} empty="all kinds" onChange={setKind} />
        <Choice label="Which" value={stand} options={STANDS} onChange={setStand} />
        <Choice label="Order" value={order} options={ORDERS} by="by " onChange={setOrder} />
        <span className="dim" role="status">
          {shown.length} of {paints.data.length}
        </span>
      </div>
      {paints.data.length === 0 ? (
        <div className="empty">
          <h2>The rack is empty</h2>
          <p>Pick a swatch and a kind. How it covers is estimated until you measure a card.</p>
          <Button onClick={() => setAdding(true)}>Add the first paint</Button>
        </div>
      ) : (
        <Bottles paints={shown} settings={settings} added={added} />
      )}
      <NewPaint opened={adding} onClose={() => setAdding(false)} onAdded={setAdded} />
    </section>
  );
}

function Choice<T extends string>(props: {
  label: string;
  value: T;
  options: readonly T[];
  empty?: string;
  by?: string;
  onChange: (value: T) => void;
}) {
  return (
    <NativeSelect
      size="xs"
      aria-label={props.label}
      value={props.value}
      onChange={(event) => {
        const chosen = oneOf(event.currentTarget.value, props.options);
        if (chosen !== undefined) props.onChange(chosen);
      }}
    >
      {props.options.map((option) => (
        <option key={option} value={option}>
          {props.by}
          {option === '' ? props.empty : option}
        </option>
      ))}
    </NativeSelect>
  );
}

/** Bottles side by side; of hundreds only the rows in sight are there. */
function Bottles({ paints, settings, added }: { paints: Paint[]; settings: Settings; added: string }) {
  const { ref: box, width } = useSize<HTMLDivElement>();
  const side = Math.max(1, Math.floor((width + BETWEEN_PX) / (BOTTLE_PX + BETWEEN_PX)));
  const height = useCallback(() => HIGH_PX, []);
  const { list, first, end, before, after, measure, goTo } = useLongList<HTMLUListElement>({
    count: Math.ceil(paints.length / side),
    height,
  });
  // What was just added is in sight.
  const row = Math.floor(paints.findIndex((paint) => paint.id === added) / side);
  useEffect(() => {
    if (row >= 0) goTo(row);
  }, [row, goTo]);
  return (
    <div ref={box}>
      <ul
        ref={list}
        className={classes.rack}
        style={{ gridTemplateColumns: `repeat(${side}, minmax(0, 1fr))`, paddingTop: before, paddingBottom: after }}
      >
        {paints.slice(first * side, end * side).map((paint, i) => (
          <Bottle
            key={paint.id}
            paint={paint}
            settings={settings}
            added={paint.id === added}
            row={i % side === 0 ? { measure, index: first + i / side } : undefined}
          />
        ))}
        {paints.length === 0 && <li className={classes.rackNone}>No paint found.</li>}
      </ul>
    </div>
  );
}

interface BottleProps {
  paint: Paint;
  settings: Settings;
  added: boolean;
  /** Of the first in a row: its number, and what measures it. */
  row: { measure: (element: HTMLElement | null) => void; index: number } | undefined;
}

function Bottle({ paint, settings, added, row }: BottleProps) {
  const change = usePaintChange(paint);
  const share = Math.min(1, paint.left_ml / paint.bottle_ml);
  const used = paint.used_in;
  return (
    <li ref={row?.measure} data-index={row?.index} className={added ? classes.added : undefined}>
      <Chip chip={paint.chip} className={classes.rackChip} />
      <span className={classes.rackName}>
        <Link to={`/stores/paints/${paint.id}`}>
          <b>{paint.name}</b>
        </Link>
        <br />
        <span className="dim">
          {[paint.kind, paint.finish, knowledge(paint)].filter(Boolean).join(' · ')}
          {used > 0 && (
            <span>
              {' '}
              · in {used}&nbsp;{used === 1 ? 'pattern' : 'patterns'}
            </span>
          )}
        </span>
      </span>
      <span className={classes.rackLeft}>
        <meter
          value={share}
          low={LOW}
          min={0}
          max={1}
          aria-label={`${paint.name}: ${Math.round(share * 100)} percent left`}
        />
        <span className={share < LOW ? layout.low : 'dim'}>
          {share === 0 ? 'empty, ' : share < LOW ? 'low: ' : ''}
          {volume(paint.left_ml, settings)} of {volume(paint.bottle_ml, settings).split(' ')[0]}
        </span>
      </span>
      {paint.archived ? (
        <Anchor component="button" type="button" onClick={() => change.mutate({ archived: false })}>
          Bring back
        </Anchor>
      ) : (
        <Anchor
          component="button"
          type="button"
          aria-label={`Restock ${paint.name}`}
          onClick={() => change.mutate({ left_ml: paint.bottle_ml })}
          disabled={change.isPending || share === 1}
        >
          Restock
        </Anchor>
      )}
      {change.isError && <p role="alert">{words(change.error)}</p>}
    </li>
  );
}

function knowledge(paint: Paint): string {
  if (paint.mix !== null) return 'mixed';
  if (paint.from_card) return 'measured';
  return paint.guessed_before ? 'guessed by an earlier model' : 'guessed';
}
