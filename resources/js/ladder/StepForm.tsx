import { Switch } from '@mantine/core';
import type { StepDocument } from '../api/types';
import { SavedText } from '../parts/SavedText';
import type { FormProps } from '../steps/face';
import { faceOf } from '../steps/kinds';
import '../parts/controls';
import layout from '../parts/layout.module.css';
import classes from './ladder.module.css';

/** Everything a painter sets for one step; each field is saved as it is done. */
export function StepForm(props: FormProps<StepDocument>) {
  const { step, onChange } = props;
  const { document: d, shown } = step;
  const { name, Form } = faceOf(step);

  return (
    <div className={classes.stepForm} data-step-form={d.id}>
      <div className={layout.two}>
        <h2>
          {shown.number} · {name}
        </h2>
        <Switch
          label="On"
          checked={d.on}
          onChange={(event) => onChange({ on: event.currentTarget.checked })}
          size="xs"
          labelPosition="left"
          style={{ justifySelf: 'end' }}
        />
      </div>
      <SavedText
        label="Called"
        value={d.title}
        placeholder={shown.name}
        onSave={(title) => onChange({ title })}
        max={80}
      />
      <Form {...props} />
      <SavedText label="Check to make" value={d.check} onSave={(check) => onChange({ check })} max={300} long />
    </div>
  );
}
