import { Anchor } from '@mantine/core';
import { Suspense, useState } from 'react';
import { useEyeFit } from '../api/shopQueries';
import type { EyeStep, Settings, Vocabulary } from '../api/types';
import { within } from '../parts/bounds';
import { ColourField } from '../parts/ColourField';
import { Figure } from '../parts/Figure';
import { part } from '../parts/part';
import { SavedText } from '../parts/SavedText';
import { Select } from '../parts/Select';
import { length } from '../units/units';
import type { Face, FormProps } from './face';
import { Rings } from './Rings';
import '../parts/controls';
import layout from '../parts/layout.module.css';

const NewEyes = part(async () => (await import('../stores/eyes/NewEyes')).NewEyes);

export const eye: Face<EyeStep> = {
  name: 'Eye',
  Form: EyeForm,
  foot: ({ document }, settings) => [`${length.show(document.diameter_mm, settings)} ${length.unit(settings)}`, ''],
  figures: () => ({}),
  bench: ({ document }, { settings }) => [
    [
      String(length.show(document.diameter_mm, settings)),
      `${length.unit(settings)}, ${document.kind}, ${document.pupil} pupil`,
    ],
    document.kind === 'painted'
      ? [String(Math.max(3, document.rings.length)), 'discs, each dry before the next']
      : [document.set_with, 'set with'],
  ],
};

function EyeForm(props: FormProps<EyeStep>) {
  const { step, version, vocabulary, settings, onChange } = props;
  const { document } = step;
  const painted = document.kind === 'painted';
  return (
    <>
      <div className={layout.two}>
        <Figure
          label={`Diameter, ${length.unit(settings)}`}
          value={length.show(document.diameter_mm, settings)}
          {...within(vocabulary.bounds.diameter_mm, (mm) => length.show(mm, settings))}
          step={0.5}
          onSave={(shown) => shown !== null && onChange({ diameter_mm: length.read(shown, settings) })}
        />
        {(!painted || document.rings.length === 0) && (
          <ColourField label="Iris" value={document.iris} onColour={(iris) => onChange({ iris })} />
        )}
      </div>
      <EyeSits {...{ version, document, vocabulary, settings, onChange }} />
      <div className={layout.two}>
        <Select label="Kind" options={vocabulary.eyes} value={document.kind} onChoose={(kind) => onChange({ kind })} />
        <Select
          label="Pupil"
          options={vocabulary.pupils}
          value={document.pupil}
          onChoose={(pupil) => onChange({ pupil })}
        />
      </div>
      {painted ? (
        <Rings {...props} />
      ) : (
        <SavedText label="Set with" value={document.set_with} onSave={(set_with) => onChange({ set_with })} max={60} />
      )}
    </>
  );
}

interface SitsProps {
  version: FormProps<EyeStep>['version'];
  document: EyeStep;
  vocabulary: Vocabulary;
  settings: Settings;
  onChange(set: { diameter_mm: number }): unknown;
}

function sits(proudMm: number, sunkMm: number, mm: (value: number) => string): string {
  if (proudMm > 0) return `Stands ${mm(proudMm)} proud`;
  return sunkMm > 0 ? `Lies ${mm(sunkMm)} deep` : 'Lies flush';
}

/** The sizes that fit, how proud it stands, whether it is seen, and how many are left. */
function EyeSits({ version, document, vocabulary, settings, onChange }: SitsProps) {
  const fit = useEyeFit(version.id, version.revision, document.id).data;
  const [adding, setAdding] = useState(false);
  if (fit === undefined) return null;
  const mm = (value: number) => `${length.show(value, settings)} ${length.unit(settings)}`;
  return (
    <div data-eye-fit>
      <p className={layout.row}>
        <span className="dim">Fits:</span>
        {fit.fits.map((one) => (
          <Anchor
            key={one.diameter_mm}
            component="button"
            type="button"
            title={one.why}
            onClick={() => onChange({ diameter_mm: one.diameter_mm })}
          >
            {mm(one.diameter_mm)}
          </Anchor>
        ))}
      </p>
      <p>
        {[
          `${sits(fit.proud_mm, fit.sunk_mm, mm)}; ${Math.round(fit.contrast.delta_e)} DeltaE00 from what is round it.`,
          ...fit.says,
          fit.left === null ? '' : `${fit.left} such eyes in the store.`,
        ].join(' ')}
        {fit.left === null && document.kind !== 'painted' && (
          <>
            None like it in the store.{' '}
            <Anchor component="button" type="button" onClick={() => setAdding(true)}>
              Add such eyes
            </Anchor>
          </>
        )}
      </p>
      {adding && (
        <Suspense>
          <NewEyes
            opened
            vocabulary={vocabulary}
            begin={{
              name: `${document.kind} ${document.diameter_mm} mm`,
              kind: document.kind,
              diameter_mm: document.diameter_mm,
              iris: document.iris,
              pupil: document.pupil,
            }}
            onClose={() => setAdding(false)}
          />
        </Suspense>
      )}
    </div>
  );
}
