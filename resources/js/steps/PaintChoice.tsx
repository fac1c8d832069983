import { Suspense, useState } from 'react';
import type { Paint, Version } from '../api/types';
import { Chooser } from '../parts/Chooser';
import { part } from '../parts/part';
import { isPaint } from './face';
import classes from './steps.module.css';

const NewPaint = part(async () => (await import('../parts/NewPaint')).NewPaint);

interface Props {
  label: string;
  paints: Paint[];
  version: Pick<Version, 'steps'>;
  chosen: string;
  onChoose: (id: string) => void;
}

/** Paints by their chips over black and white: those of this pattern first, then those used lately, then the rest. */
export function PaintChoice({ label, paints, version, chosen, onChoose }: Props) {
  const here = new Set(version.steps.filter(isPaint).flatMap((step) => step.document.mix.map((part) => part.paint)));
  const offered = paints.filter((paint) => !paint.archived || paint.id === chosen);
  const lately = offered
    .filter((paint) => !here.has(paint.id) && paint.used_at !== null)
    .sort((a, b) => (b.used_at ?? '').localeCompare(a.used_at ?? ''))
    .slice(0, 8);
  const rest = offered.filter((paint) => !here.has(paint.id) && !lately.includes(paint));
  const group = (name: string, list: Paint[]) => ({
    name,
    choices: list.map((paint) => ({
      value: paint.id,
      text: `${paint.name}, ${paint.kind}, ${left(paint)}`,
      shown: <PaintLine paint={paint} />,
    })),
  });
  const now = paints.find((paint) => paint.id === chosen);
  const [adding, setAdding] = useState(false);
  return (
    <>
      <Chooser
        otherwise={{ action: 'Add a paint', run: () => setAdding(true) }}
        label={`${label}: ${now?.name ?? 'none'}`}
        find="Find a paint"
        groups={[
          group(
            'In this pattern',
            offered.filter((paint) => here.has(paint.id)),
          ),
          group('Used lately', lately),
          group('On the rack', rest),
        ]}
        chosen={chosen}
        onChoose={onChoose}
      >
        {now === undefined ? 'choose a paint' : <PaintLine paint={now} bare />}
      </Chooser>
      {adding && (
        <Suspense>
          <NewPaint opened onClose={() => setAdding(false)} onAdded={onChoose} />
        </Suspense>
      )}
    </>
  );
}

function left(paint: Paint): string {
  return `${Math.round(paint.left_ml)} ml left`;
}

function PaintLine({ paint, bare = false }: { paint: Paint; bare?: boolean }) {
  return (
    <span className={classes.paintLine}>
      <span className="chip" aria-hidden="true">
        <i style={{ background: paint.chip.black }} />
        <i style={{ background: paint.chip.white }} />
      </span>
      <span>
        {paint.name} <span className="dim">{paint.kind}</span>
      </span>
      {!bare && <span className="dim">{left(paint)}</span>}
    </span>
  );
}
