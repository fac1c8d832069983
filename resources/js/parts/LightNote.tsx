import { Anchor } from '@mantine/core';
import type { Readings } from '../api/types';

/** Which light the colours of a file were taken for; the other one is a click away. */
export function LightNote({ file, onLight }: { file: Readings; onLight: (light: Readings['light']) => void }) {
  if (file.readings.every((one) => one.spectral)) return null;
  const other = file.light === 'D50' ? 'D65' : 'D50';
  return (
    <p className="dim">
      {file.light_stated ? `Taken for the light ${file.light}` : `Its light is not stated; taken for ${file.light}`}
      {file.light === 'D50' ? ' and adapted to D65 (Bradford). ' : '. '}
      <Anchor component="button" type="button" onClick={() => onLight(other)}>
        Take it for {other}
      </Anchor>
    </p>
  );
}
