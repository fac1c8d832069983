import { Anchor, NativeSelect } from '@mantine/core';
import { Link, useParams } from 'react-router';
import type { TryStep } from '../api/types';
import { within } from '../parts/bounds';
import { Figure } from '../parts/Figure';
import { SavedText } from '../parts/SavedText';
import { pressure } from '../units/units';
import { type Face, type FormProps, isPaint } from './face';
import { cupFigure } from './paint';
import '../parts/controls';
import layout from '../parts/layout.module.css';

const GROUNDS = ['card', 'glove', 'paper'] as const;

/** Sprays the paint of the next coat on something else before it goes near the bait. */
export const tryOut: Face<TryStep> = {
  name: 'Try',
  Form: TryForm,
  foot: ({ document }, settings) =>
    document.psi === null
      ? [`on ${document.ground}`, '']
      : [`${pressure.show(document.psi, settings)} ${pressure.unit(settings)}`, ''],
  figures: ({ document }, tried) => {
    const coat = tried !== undefined && isPaint(tried) ? tried.document : undefined;
    return {
      psi: document.psi ?? coat?.psi,
      thinning_percent: document.thinning_percent ?? coat?.thinning_percent,
    };
  },
  bench: (step, { used, settings, thinner, tried }) => {
    const { psi, thinning_percent } = { ...tryOut.figures(step, tried?.step), ...used };
    const found = (name: string) => (used[name] === undefined ? 'to begin with' : 'found');
    const figures: [string, string][] = [];
    if (psi !== undefined)
      figures.push([String(pressure.show(psi, settings)), `${pressure.unit(settings)}, ${found('psi')}`]);
    if (thinning_percent !== undefined)
      figures.push([String(thinning_percent), `% thinned, ${found('thinning_percent')}`]);
    return [...figures, ...cupFigure(tried?.planned, thinner)];
  },
};

function TryForm({ step: { document, shown }, version, vocabulary, settings, onChange }: FormProps<TryStep>) {
  const { id = '' } = useParams();
  return (
    <>
      <NativeSelect
        label="Sprayed on"
        size="xs"
        data={GROUNDS.map((ground) => ({ value: ground, label: ground === 'paper' ? 'paper' : `a ${ground}` }))}
        value={document.ground}
        onChange={(event) => {
          const ground = GROUNDS.find((one) => one === event.currentTarget.value);
          if (ground !== undefined) onChange({ ground });
        }}
      />
      <SavedText
        label="What to look for"
        value={document.look_for}
        placeholder="an even mist: no spits, no grain"
        onSave={(look_for) => onChange({ look_for })}
        max={300}
        long
      />
      <div className={layout.two}>
        <Figure
          label={`${pressure.unit(settings)} that gave it`}
          value={document.psi === null ? null : pressure.show(document.psi, settings)}
          {...within(vocabulary.bounds.psi, (psi) => pressure.show(psi, settings))}
          empty="not known yet"
          onSave={(shownPsi) => onChange({ psi: shownPsi === null ? null : pressure.read(shownPsi, settings) })}
        />
        <Figure
          label="Thinning that gave it, %"
          value={document.thinning_percent}
          {...within(vocabulary.bounds.thinning_percent)}
          step={5}
          empty="not known yet"
          onSave={(thinning_percent) => onChange({ thinning_percent })}
        />
      </div>
      <p className="dim">
        {shown.tries === null
          ? 'No paint step follows that is switched on: there is nothing to try.'
          : 'What is found at the bench becomes psi and thinning of the next paint step.'}{' '}
        {shown.tries !== null && (
          <Anchor component={Link} to={`/patterns/${id}/versions/${version.id}/sheet/${document.id}`}>
            Test sheet: good and bad marks
          </Anchor>
        )}
      </p>
    </>
  );
}
