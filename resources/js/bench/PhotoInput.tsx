import type { RefObject } from 'react';
import { useTakesPictures } from '../parts/takesPictures';

interface Props {
  input: RefObject<HTMLInputElement | null>;
  onPhoto: (file: File) => void;
}

/** Takes a photograph, with the device's camera where it has one. */
export function PhotoInput({ input, onPhoto }: Props) {
  useTakesPictures(onPhoto, 'is kept with this step');
  return (
    <input
      ref={input}
      type="file"
      accept="image/*"
      capture="environment"
      className="visually-hidden"
      tabIndex={-1}
      aria-label="Photograph"
      onChange={(event) => {
        const file = event.currentTarget.files?.[0];
        if (file !== undefined) onPhoto(file);
        event.currentTarget.value = '';
      }}
    />
  );
}
