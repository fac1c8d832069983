import { useViewportSize } from '@mantine/hooks';

/** Rims of page and ground, and the place of a scrollbar. */
const RIM = 76;
const LEAST = 120;

/** Width a bait may take on a page where many are drawn to one scale; follows a turned telephone. */
export function useRoom(): number {
  const { width } = useViewportSize();
  // The hook knows the width only after the page was laid out once.
  return Math.max(LEAST, (width || window.innerWidth) - RIM);
}
