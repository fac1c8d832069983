import { TextInput } from '@mantine/core';
import { api, ask } from '../api/client';
import type { Bait } from '../api/types';
import { AskForm } from '../parts/AskForm';
import { useSentForm } from '../parts/useSentForm';

interface Props {
  bait: Bait;
  onDone: (bait: Bait) => void;
  onClose: () => void;
}

/** A stamp comes off with its reason, which stays in the log. */
export function TakeStampOff({ bait, onDone, onClose }: Props) {
  const { form, pending, error, submit } = useSentForm({
    fields: { reason: '' },
    send: (body) => ask(api.POST('/baits/{id}/stamp/off', { params: { path: { id: bait.id } }, body })),
    onDone: (after) => {
      onDone(after);
      onClose();
    },
  });
  return (
    <AskForm
      title="Take the stamp off"
      action="Take it off"
      opened
      pending={pending || form.values.reason.trim() === ''}
      error={error}
      onClose={onClose}
      onSubmit={submit}
    >
      <p>
        Version {bait.version.number} on {bait.version.body} is then no longer called proven. What was done stays in the
        log.
      </p>
      <TextInput label="Why" maxLength={250} {...form.getInputProps('reason')} data-autofocus />
    </AskForm>
  );
}
