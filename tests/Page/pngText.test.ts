import { deflateSync } from 'node:zlib';
import { expect, test } from 'vitest';
import { isPng, textOf, withText } from '../../resources/js/exchange/pngText';

/** One grey pixel, put together by hand; checksums are not looked at by whoever reads text. */
function pixel(): Uint8Array {
  const chunk = (type: string, data: Uint8Array) => {
    const out = new Uint8Array(12 + data.length);
    new DataView(out.buffer).setUint32(0, data.length);
    out.set(new TextEncoder().encode(type), 4);
    out.set(data, 8);
    return out;
  };
  const head = Uint8Array.from([0, 0, 0, 1, 0, 0, 0, 1, 8, 0, 0, 0, 0]);
  const parts = [
    Uint8Array.from([137, 80, 78, 71, 13, 10, 26, 10]),
    chunk('IHDR', head),
    chunk('IDAT', new Uint8Array(deflateSync(Uint8Array.from([0, 128])))),
    chunk('IEND', new Uint8Array()),
  ];
  return Uint8Array.from(parts.flatMap((part) => [...part]));
}

test('a text put into a picture is read again, whatever its letters', () => {
  const text = JSON.stringify({ name: 'Åkerö → “deep” 鱼' });
  const carrying = withText(pixel(), 'Hawkbrush recipe', text);
  expect(isPng(carrying)).toBe(true);
  expect(textOf(carrying, 'Hawkbrush recipe')).toBe(text);
  expect(textOf(carrying, 'Another')).toBeNull();
  expect(textOf(pixel(), 'Hawkbrush recipe')).toBeNull();
  expect(textOf(new TextEncoder().encode('{"no": "picture"}'), 'Hawkbrush recipe')).toBeNull();
});

test('the chunk of the text has the checksum of the standard', () => {
  const carrying = withText(pixel(), '', '');
  const at = carrying.length - 12 - 17;
  const view = new DataView(carrying.buffer);
  expect(view.getUint32(at)).toBe(5);
  // CRC-32 of "iTXt" and five zero bytes, by zlib.
  expect(view.getUint32(at + 4 + 4 + 5)).toBe(0x472c366a);
});
