import { NativeSelect } from '@mantine/core';
import type { EyeStep } from '../api/types';
import { within } from '../parts/bounds';
import { ColourField } from '../parts/ColourField';
import { Figure } from '../parts/Figure';
import { SavedText } from '../parts/SavedText';
import { length } from '../units/units';
import type { Face, FormProps } from './face';
import '../parts/controls';
import layout from '../parts/layout.module.css';

export const eye: Face<EyeStep> = {
  name: 'Eye',
  Form: EyeForm,
  foot: ({ document }, settings) => [String(length.show(document.diameter_mm, settings)), length.unit(settings)],
  figures: () => ({}),
  bench: ({ document }, { settings }) => [
    [String(length.show(document.diameter_mm, settings)), `${length.unit(settings)}, ${document.pupil} pupil`],
    [document.set_with, 'set with'],
  ],
};

function EyeForm({ step: { document }, vocabulary, settings, onChange }: FormProps<EyeStep>) {
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
        <ColourField label="Iris" value={document.iris} onColour={(iris) => onChange({ iris })} />
      </div>
      <NativeSelect
        label="Pupil"
        size="xs"
        data={vocabulary.pupils}
        value={document.pupil}
        onChange={(event) => {
          const pupil = vocabulary.pupils.find((one) => one === event.currentTarget.value);
          if (pupil !== undefined) onChange({ pupil });
        }}
      />
      <SavedText label="Set with" value={document.set_with} onSave={(set_with) => onChange({ set_with })} max={60} />
    </>
  );
}
