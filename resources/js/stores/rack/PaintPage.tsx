import { Anchor, Button } from '@mantine/core';
import { useState } from 'react';
import { Link, useParams } from 'react-router';
import { words } from '../../api/client';
import { usePaints, usePatternsWith } from '../../api/listQueries';
import { useSettings } from '../../api/queries';
import type { Paint, Settings } from '../../api/types';
import { Films } from '../../mixing/Films';
import { useMixSeen } from '../../mixing/useMix';
import { PageTitle } from '../../parts/PageTitle';
import { Waiting } from '../../parts/Waiting';
import { TeachPaint } from '../../teach/TeachPaint';
import { HowManyCoats } from './HowManyCoats';
import { PaintForm } from './PaintForm';
import classes from './paint.module.css';
import { ReplacePaint } from './ReplacePaint';
import { usePaintChange } from './usePaintChange';

/** One bottle: its drawdown, its details, and its calculators. */
export function PaintPage() {
  const { id = '' } = useParams();
  const paints = usePaints().data;
  const settings = useSettings().data;
  if (paints === undefined || settings === undefined) return <Waiting />;
  const paint = paints.find((one) => one.id === id);
  if (paint === undefined) {
    return (
      <div className="empty">
        <h2>There is no such bottle</h2>
        <Link className="link" to="/stores">
          To the rack
        </Link>
      </div>
    );
  }
  return <Bottle key={id} paint={paint} settings={settings} />;
}

function Bottle({ paint, settings }: { paint: Paint; settings: Settings }) {
  const change = usePaintChange(paint);
  const [teaching, setTeaching] = useState(false);
  const seen = useMixSeen({ parts: [{ paint: paint.id, drops: 1 }], coats: 6, weight: 'light' }, paint.revision).data;
  return (
    <article className="paint" aria-label={paint.name}>
      <div className="page-head">
        <PageTitle of={paint.name} />
        <h1>{paint.name}</h1>
        <span>
          {paint.kind}, <Knowledge paint={paint} />
        </span>
        <span className="spacer" />
        <Button onClick={() => setTeaching(true)}>
          {paint.from_card ? 'Measure a card again' : 'Teach it from a card'}
        </Button>
        {paint.archived ? (
          <Button variant="default" onClick={() => change.mutate({ archived: false })}>
            Bring back to the rack
          </Button>
        ) : (
          <Button
            variant="default"
            onClick={() => change.mutate({ archived: true })}
            title={paint.used_in > 0 ? 'Patterns that use it keep it' : undefined}
          >
            Archive
          </Button>
        )}
      </div>
      {paint.archived && (
        <p className="notice">Archived: no longer offered, but still in every pattern and run that uses it.</p>
      )}
      {paint.guessed_before && (
        <p className="notice">
          This guess is an earlier model’s.{' '}
          <Anchor
            component="button"
            type="button"
            disabled={change.isPending}
            onClick={() => change.mutate({ guess_anew: true })}
          >
            Guess again
          </Anchor>{' '}
          What was painted with it keeps its picture.
        </p>
      )}
      {change.isError && (
        <p role="alert" className="notice">
          {words(change.error)}
        </p>
      )}
      <div className={classes.paintTwo}>
        <div>
          <Films seen={seen} caption={`one to six light coats of ${seen?.coat_um.toFixed(1) ?? ''} µm, under clear`} />
          <p className={`${classes.paintRests} dim`}>
            {paint.mix !== null
              ? `Worked out from what it was mixed of: ${paint.mix.map((part) => `${part.drops} ${part.name}`).join(', ')}.`
              : paint.from_card
                ? 'Estimate from a measured card.'
                : 'Rough estimate from swatch and kind until you measure a card.'}
          </p>
          <h2 className={classes.paintHead}>Used in</h2>
          <UsedIn paint={paint} />
        </div>
        <PaintForm
          paint={paint}
          settings={settings}
          // This page shows what could not be saved.
          onChange={(set) => change.mutateAsync(set).catch(() => undefined)}
          busy={change.isPending}
        />
      </div>
      <div className={`${classes.paintTwo} ${classes.paintAsks}`}>
        <HowManyCoats paint={paint} />
        <ReplacePaint paint={paint} />
      </div>
      {teaching && <TeachPaint paint={paint} onClose={() => setTeaching(false)} />}
    </article>
  );
}

function Knowledge({ paint }: { paint: Paint }) {
  if (paint.from_card) return <span className="seal">measured</span>;
  return paint.mix === null ? 'guessed from swatch and kind' : 'mixed';
}

/** The patterns that are painted with it, page by page. */
function UsedIn({ paint }: { paint: Paint }) {
  const patterns = usePatternsWith(paint.id);
  if (paint.used_in === 0) return <p className="dim">No pattern yet.</p>;
  return (
    <>
      <ul className={classes.paintUsed}>
        {patterns.data?.pages
          .flatMap((page) => page.patterns)
          .map((pattern) => (
            <li key={pattern.id}>
              <Link className="link" to={`/patterns/${pattern.id}`}>
                {pattern.name}
              </Link>
            </li>
          ))}
      </ul>
      {patterns.hasNextPage && (
        <Anchor component="button" type="button" onClick={() => void patterns.fetchNextPage()}>
          More of {paint.used_in}
        </Anchor>
      )}
    </>
  );
}
