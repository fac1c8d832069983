import type { BodyShape, Texture } from '../api/types';
import { BaitPicture } from './BaitPicture';
import { useSize } from './useSize';

interface Props {
  body: BodyShape | undefined;
  texture: Texture | undefined;
  label: string;
  /** Of its width. */
  tall: number;
}

/** A bait from its left side, as wide as there is room: what is drawn keeps nothing from growing narrower. */
export function WideBait({ body, texture, label, tall }: Props) {
  const { ref, width } = useSize<HTMLSpanElement>();
  const height = Math.round(width * tall);
  return (
    <span ref={ref} style={{ display: 'block', contain: 'inline-size', height }}>
      {body !== undefined && width > 1 && (
        <BaitPicture body={body} texture={texture} view="left" width={width} height={height} label={label} />
      )}
    </span>
  );
}
