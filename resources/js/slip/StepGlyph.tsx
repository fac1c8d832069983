import {
  IconBucketDroplet,
  IconClock,
  IconDroplet,
  IconEye,
  IconSearch,
  IconTestPipe,
  IconTool,
} from '@tabler/icons-react';
import type { Kind } from '../steps/face';

const GLYPHS = {
  prep: IconTool,
  try: IconTestPipe,
  wait: IconClock,
  inspect: IconSearch,
  eye: IconEye,
  clear: IconDroplet,
  dip: IconBucketDroplet,
};

/** A small drawing beside the name of a step that lays no paint. */
export function StepGlyph({ kind }: { kind: Exclude<Kind, 'paint'> }) {
  const Glyph = GLYPHS[kind];
  return <Glyph size={24} stroke={1.4} aria-hidden="true" />;
}
