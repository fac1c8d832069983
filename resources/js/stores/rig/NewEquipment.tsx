import { NativeSelect, NumberInput, TextInput } from '@mantine/core';
import { useQueryClient } from '@tanstack/react-query';
import { api, ask } from '../../api/client';
import type { EquipmentForm, Rig, Settings } from '../../api/types';
import { AskForm } from '../../parts/AskForm';
import { oneOf } from '../../parts/choices';
import { useSentForm } from '../../parts/useSentForm';
import { pressure } from '../../units/units';
import '../../parts/controls';

const KINDS = ['airbrush', 'compressor', 'dryer'] as const;

interface Props {
  opened: boolean;
  onClose: () => void;
  dryers: Rig['dryers'];
  settings: Settings;
}

/** A name and the figure that matters most are enough to begin with. */
export function NewEquipment({ opened, onClose, dryers, settings }: Props) {
  const queries = useQueryClient();
  const { form, pending, error, submit } = useSentForm({
    fields: {
      kind: 'airbrush',
      name: '',
      nozzle_mm: 0.3,
      most_psi: pressure.show(58, settings),
      dryer: 'hair dryer',
    } satisfies Typed,
    send: (typed, once) =>
      once(sent(typed, dryers, settings), (body, headers) => ask(api.POST('/equipment', { body, headers }))),
    onDone: () => {
      void queries.invalidateQueries();
      form.setFieldValue('name', '');
      onClose();
    },
  });
  const { kind } = form.values;
  return (
    <AskForm
      title="Add to the rig"
      action="Add it"
      opened={opened}
      pending={pending}
      error={error}
      onClose={onClose}
      onSubmit={submit}
    >
      <NativeSelect label="Kind" data={[...KINDS]} {...form.getInputProps('kind')} />
      <TextInput label="Name" required maxLength={80} {...form.getInputProps('name')} data-autofocus />
      {kind === 'airbrush' && (
        <NumberInput label="Nozzle, mm" step={0.05} decimalScale={2} {...form.getInputProps('nozzle_mm')} />
      )}
      {kind === 'compressor' && (
        <NumberInput label={`Gives at most, ${pressure.unit(settings)}`} {...form.getInputProps('most_psi')} />
      )}
      {kind === 'dryer' && (
        <NativeSelect label="What it is" data={dryers.map((one) => one.kind)} {...form.getInputProps('dryer')} />
      )}
    </AskForm>
  );
}

interface Typed extends Record<string, unknown> {
  kind: string;
  name: string;
  nozzle_mm: number;
  most_psi: number;
  dryer: string;
}

function sent(
  { kind, name, nozzle_mm, most_psi, dryer }: Typed,
  dryers: Rig['dryers'],
  settings: Settings,
): EquipmentForm {
  const of = oneOf(kind, KINDS) ?? 'airbrush';
  const usual = dryers.find((one) => one.kind === dryer);
  return {
    kind: of,
    name,
    ...(of === 'airbrush' ? { nozzle_mm } : {}),
    ...(of === 'compressor' ? { most_psi: pressure.read(most_psi, settings) } : {}),
    ...(of === 'dryer' && usual !== undefined ? { dryer: usual } : {}),
  };
}
