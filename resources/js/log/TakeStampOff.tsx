import { useMutation } from '@tanstack/react-query';
import { useState } from 'react';
import { api, ask } from '../api/client';
import type { Bait } from '../api/types';
import { AskForm, Line } from '../parts/AskForm';

interface Props {
  bait: Bait;
  onDone: (bait: Bait) => void;
  onClose: () => void;
}

/** A stamp comes off with its reason, which stays in the log. */
export function TakeStampOff({ bait, onDone, onClose }: Props) {
  const [reason, setReason] = useState('');
  const off = useMutation({
    mutationFn: () =>
      ask(api.POST('/baits/{id}/stamp/off', { params: { path: { id: bait.id } }, body: { reason: reason.trim() } })),
    onSuccess: (after) => {
      onDone(after);
      onClose();
    },
  });
  return (
    <AskForm
      title="Take the stamp off"
      action="Take it off"
      opened
      pending={off.isPending || reason.trim() === ''}
      error={off.error}
      onClose={onClose}
      onSubmit={off.mutate}
    >
      <p>
        Version {bait.version.number} on {bait.version.body} is then no longer called proven. What was done stays in the
        log.
      </p>
      <Line label="Why" value={reason} onText={setReason} maxLength={250} data-autofocus />
    </AskForm>
  );
}
