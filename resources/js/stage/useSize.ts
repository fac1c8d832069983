import { useElementSize } from '@mantine/hooks';

/** Width and height of an element as it is laid out, whole pixels, never zero. */
export function useSize<T extends HTMLElement>() {
  const { ref, width, height } = useElementSize<T>();
  return { ref, width: Math.max(1, Math.floor(width)), height: Math.max(1, Math.floor(height)) };
}
