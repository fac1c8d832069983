import { useElementSize } from '@mantine/hooks';

/** Laid-out width and height of an element, in whole pixels, never zero. */
export function useSize<T extends HTMLElement>() {
  const { ref, width, height } = useElementSize<T>();
  return { ref, width: Math.max(1, Math.floor(width)), height: Math.max(1, Math.floor(height)) };
}
