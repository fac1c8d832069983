import { useForm } from '@mantine/form';
import { useMutation } from '@tanstack/react-query';
import { Problem } from '../api/client';
import { useOnce } from '../api/useOnce';

interface Sent<F, T> {
  fields: F;
  /** Sends what was typed; `once` lets it be sent again without doing it twice. */
  send: (typed: F, once: ReturnType<typeof useOnce>) => Promise<T>;
  onDone: (answer: T) => unknown;
}

/** A form that is sent as a whole. What the server refuses is marked at its field, and nothing typed is lost. */
export function useSentForm<F extends Record<string, unknown>, T>({ fields, send, onDone }: Sent<F, T>) {
  const once = useOnce();
  const form = useForm<F>({ initialValues: fields });
  const sending = useMutation({
    mutationFn: () => send(form.getValues(), once),
    onSuccess: onDone,
    onError: (error) => form.setErrors(refused(error)),
  });
  return { form, pending: sending.isPending, error: sending.error, made: sending.data, submit: () => sending.mutate() };
}

/** The fields an answer of the API refuses, by name, with the reason. */
export function refused(error: unknown): Record<string, string> {
  const errors = error instanceof Problem ? (error.document?.errors ?? []) : [];
  return Object.fromEntries(errors.map(({ pointer, detail }) => [pointer.replace(/^\//, ''), detail]));
}
