import { Anchor, Button, NativeSelect, NumberInput, TextInput } from '@mantine/core';
import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { api, ask } from '../../api/client';
import { useSettings, useVocabulary } from '../../api/queries';
import { useEyes } from '../../api/shopQueries';
import type { EyeCardForm, Vocabulary } from '../../api/types';
import { AskForm } from '../../parts/AskForm';
import { ColourField } from '../../parts/ColourField';
import { Failed } from '../../parts/Failed';
import { PageTitle } from '../../parts/PageTitle';
import { useSentForm } from '../../parts/useSentForm';
import { Waiting } from '../../parts/Waiting';
import '../../parts/controls';
import { EyeRow } from './EyeRow';
import classes from './eyes.module.css';

/** The eyes of the shop: of which kind, how large, and how many are left. */
export function EyesPage() {
  const eyes = useEyes();
  const settings = useSettings().data;
  const vocabulary = useVocabulary().data;
  const [adding, setAdding] = useState(false);
  const [old, setOld] = useState(false);
  if (eyes.isError) return <Failed error={eyes.error} retry={() => void eyes.refetch()} />;
  if (eyes.data === undefined || settings === undefined || vocabulary === undefined) return <Waiting />;
  const away = eyes.data.filter((one) => one.archived).length;
  const shown = eyes.data.filter((one) => old || !one.archived);
  return (
    <section aria-label="Eyes">
      <div className="page-head">
        <PageTitle of="Eyes" />
        <h1>Eyes</h1>
        <span className="dim">single ones, two to a bait; a finished run takes its own</span>
        <span className="spacer" />
        {away > 0 && (
          <Anchor component="button" type="button" aria-pressed={old} onClick={() => setOld(!old)}>
            {old ? 'Without what was put away' : `${away} put away`}
          </Anchor>
        )}
        <Button onClick={() => setAdding(true)}>Add eyes</Button>
      </div>
      {shown.length === 0 ? (
        <div className="empty">
          <h2>No eyes are kept here</h2>
          <p>Runs do not ask for stock until there are some.</p>
        </div>
      ) : (
        <ul className={classes.eyes}>
          {shown.map((one) => (
            <EyeRow key={one.id} eye={one} vocabulary={vocabulary} settings={settings} />
          ))}
        </ul>
      )}
      <NewEyes opened={adding} onClose={() => setAdding(false)} vocabulary={vocabulary} />
    </section>
  );
}

function NewEyes(props: { opened: boolean; onClose: () => void; vocabulary: Vocabulary }) {
  const queries = useQueryClient();
  const { form, pending, error, submit } = useSentForm({
    fields: {
      name: '',
      kind: 'domed',
      diameter_mm: 5,
      iris: '#d0842a',
      pupil: 'round',
      left: 20,
    } satisfies EyeCardForm,
    send: (typed, once) => once(typed as EyeCardForm, (body, headers) => ask(api.POST('/eyes', { body, headers }))),
    onDone: () => {
      void queries.invalidateQueries();
      form.setFieldValue('name', '');
      props.onClose();
    },
  });
  return (
    <AskForm
      title="Add eyes"
      action="Into the store"
      opened={props.opened}
      pending={pending}
      error={error}
      onClose={props.onClose}
      onSubmit={submit}
    >
      <TextInput label="Name" required maxLength={80} {...form.getInputProps('name')} data-autofocus />
      <NativeSelect label="Kind" data={props.vocabulary.eyes} {...form.getInputProps('kind')} />
      <NumberInput label="Diameter, mm" step={0.5} {...form.getInputProps('diameter_mm')} />
      <ColourField label="Iris" value={form.values.iris} onColour={(iris) => form.setFieldValue('iris', iris)} />
      <NativeSelect label="Pupil" data={props.vocabulary.pupils} {...form.getInputProps('pupil')} />
      <NumberInput label="How many" min={0} {...form.getInputProps('left')} />
    </AskForm>
  );
}
