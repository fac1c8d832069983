import { NativeSelect, TextInput } from '@mantine/core';
import { keepPreviousData, useQuery, useQueryClient } from '@tanstack/react-query';
import { api, ask, words } from '../api/client';
import { useVocabulary } from '../api/queries';
import type { Body, PaintStep, Settings } from '../api/types';
import { AskForm } from '../parts/AskForm';
import { useSentForm } from '../parts/useSentForm';
import { ZoneOutline } from '../stage/ZoneOutline';
import { PlatePicture } from './PlatePicture';
import { TechniqueSettings } from './TechniqueSettings';
import '../parts/controls';
import layout from '../parts/layout.module.css';
import classes from './masks.module.css';

interface Props {
  bodies: Body[];
  settings: Settings;
  onClose: () => void;
}

const BARS: PaintStep['technique'] = { name: 'bars' };

/** A mask made for a body, seen as it will be cut. */
export function MakeMask({ bodies, settings, onClose }: Props) {
  const queries = useQueryClient();
  const kinds = useVocabulary().data?.techniques.filter((one) => one.cut) ?? [];
  const { form, pending, error, submit } = useSentForm({
    fields: { name: '', sheet: '', body_id: bodies[0]?.id ?? '', technique: BARS },
    send: (mask, once) => once(mask, (body, headers) => ask(api.POST('/masks', { body, headers }))),
    onDone: () => {
      void queries.invalidateQueries({ queryKey: ['masks'] });
      onClose();
    },
  });
  const { body_id, technique } = form.values;
  const body = bodies.find((one) => one.id === body_id);
  const look = useQuery({
    queryKey: ['plate', body_id, technique],
    queryFn: () => ask(api.POST('/masks/look', { body: { body_id, technique } })),
    placeholderData: keepPreviousData,
  });
  return (
    <AskForm
      title="Make a mask"
      action="Save mask"
      opened
      pending={pending || look.isError}
      error={error}
      onClose={onClose}
      onSubmit={submit}
    >
      {look.data !== undefined && body !== undefined && (
        <div className={`${classes.maskLook} on-stage`}>
          <PlatePicture plate={look.data.plate} label="As it will be cut, left side" />
          <ZoneOutline body={body} cover={look.data.cover} />
        </div>
      )}
      <TextInput label="Name" required maxLength={80} {...form.getInputProps('name')} data-autofocus />
      <div className={layout.two}>
        <NativeSelect
          label="For the body"
          data={bodies.map((b) => ({ value: b.id, label: b.name }))}
          {...form.getInputProps('body_id')}
        />
        <TextInput label="Cut from" maxLength={60} placeholder="film, vinyl, card" {...form.getInputProps('sheet')} />
      </div>
      <NativeSelect
        label="What it is"
        data={kinds.map((one) => ({ value: one.name, label: one.label }))}
        value={technique.name}
        onChange={(event) => form.setFieldValue('technique', { name: event.currentTarget.value })}
      />
      <TechniqueSettings
        key={technique.name}
        list={kinds.find((one) => one.name === technique.name)?.settings ?? []}
        technique={technique}
        settings={settings}
        lengthMm={body?.length_mm ?? 0}
        onChange={(set) => form.setFieldValue('technique', set)}
      />
      {look.data?.plate.index.map((line) => (
        <p key={line} className="dim">
          {line}
        </p>
      ))}
      {look.isError && (
        <p role="alert" className="notice">
          {words(look.error)}
        </p>
      )}
    </AskForm>
  );
}
