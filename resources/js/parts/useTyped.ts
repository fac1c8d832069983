import { useDebouncedValue } from '@mantine/hooks';

const PAUSE_MS = 200;

/** What is typed into a search, once the typing pauses: the server is not asked for every letter. */
export function useTyped(text: string): string {
  return useDebouncedValue(text.trim(), PAUSE_MS)[0];
}
