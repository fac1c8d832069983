import { NativeSelect } from '@mantine/core';
import { keepPreviousData, useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { api, ask, words } from '../api/client';
import { useVocabulary } from '../api/queries';
import type { Body, PaintStep, Settings } from '../api/types';
import { useOnce } from '../api/useOnce';
import { AskForm, Line } from '../parts/AskForm';
import { PlatePicture } from './PlatePicture';
import { TechniqueSettings } from './TechniqueSettings';
import '../parts/controls';

interface Props {
  bodies: Body[];
  settings: Settings;
  onClose: () => void;
}

/** A mask made for a body, seen as it will be cut. */
export function MakeMask({ bodies, settings, onClose }: Props) {
  const queries = useQueryClient();
  const once = useOnce();
  const kinds = useVocabulary().data?.techniques.filter((one) => one.cut) ?? [];
  const [name, setName] = useState('');
  const [sheet, setSheet] = useState('');
  const [body, setBody] = useState(bodies[0]?.id ?? '');
  const [technique, setTechnique] = useState<PaintStep['technique']>({ name: 'bars' });
  const form = { body_id: body, technique };
  const look = useQuery({
    queryKey: ['plate', form],
    queryFn: () => ask(api.POST('/masks/look', { body: form })),
    placeholderData: keepPreviousData,
  });
  const make = useMutation({
    mutationFn: () => once({ name, sheet, ...form }, (body, headers) => ask(api.POST('/masks', { body, headers }))),
    onSuccess: () => {
      void queries.invalidateQueries({ queryKey: ['masks'] });
      onClose();
    },
  });
  return (
    <AskForm
      title="Make a mask"
      action="Into the box"
      opened
      pending={make.isPending || look.isError}
      error={make.error}
      onClose={onClose}
      onSubmit={make.mutate}
    >
      <Line label="Name" required maxLength={80} value={name} onText={setName} data-autofocus />
      <div className="ask-two">
        <NativeSelect
          label="For the body"
          data={bodies.map((b) => ({ value: b.id, label: b.name }))}
          value={body}
          onChange={(event) => setBody(event.currentTarget.value)}
        />
        <Line label="Cut from" maxLength={60} placeholder="film, vinyl, card" value={sheet} onText={setSheet} />
      </div>
      <NativeSelect
        label="What it is"
        data={kinds.map((one) => ({ value: one.name, label: one.label }))}
        value={technique.name}
        onChange={(event) => setTechnique({ name: event.currentTarget.value })}
      />
      <TechniqueSettings
        key={technique.name}
        list={kinds.find((one) => one.name === technique.name)?.settings ?? []}
        technique={technique}
        settings={settings}
        onChange={setTechnique}
      />
      {look.data !== undefined && (
        <div className="mask-look on-stage">
          <PlatePicture plate={look.data} label="As it will be cut, left side" />
        </div>
      )}
      {look.data?.index.map((line) => (
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
