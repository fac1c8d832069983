/** Text inside a PNG, by its keyword (PNG, third edition, W3C 2025, 11.3.2.3: iTXt, not compressed). */

const SIGNATURE = [137, 80, 78, 71, 13, 10, 26, 10];
/** Length, type and checksum of a chunk. */
const FRAME = 12;

const TABLE = Uint32Array.from({ length: 256 }, (_, n) => {
  let c = n;
  for (let bit = 0; bit < 8; bit++) c = c & 1 ? 0xedb88320 ^ (c >>> 1) : c >>> 1;
  return c >>> 0;
});

/** The checksum of a chunk (annex D of the standard). */
function crc(bytes: Uint8Array): number {
  let c = 0xffffffff;
  for (const byte of bytes) c = (TABLE[(c ^ byte) & 255] ?? 0) ^ (c >>> 8);
  return (c ^ 0xffffffff) >>> 0;
}

export function isPng(bytes: Uint8Array): boolean {
  return SIGNATURE.every((byte, i) => bytes[i] === byte);
}

/** The same picture with a text put in before its end. */
export function withText(png: Uint8Array, keyword: string, text: string): Uint8Array<ArrayBuffer> {
  const head = new TextEncoder().encode(keyword);
  const body = new TextEncoder().encode(text);
  const chunk = new Uint8Array(FRAME + head.length + 5 + body.length);
  const view = new DataView(chunk.buffer);
  view.setUint32(0, chunk.length - FRAME);
  chunk.set(new TextEncoder().encode('iTXt'), 4);
  chunk.set(head, 8);
  // After the keyword: its end, not compressed, by no method, in no language, under no other keyword.
  chunk.set(body, 8 + head.length + 5);
  view.setUint32(chunk.length - 4, crc(chunk.subarray(4, chunk.length - 4)));
  const end = png.length - FRAME;
  const out = new Uint8Array(png.length + chunk.length);
  out.set(png.subarray(0, end));
  out.set(chunk, end);
  out.set(png.subarray(end), end + chunk.length);
  return out;
}

/** The text of a keyword; null where there is none. */
export function textOf(png: Uint8Array, keyword: string): string | null {
  if (!isPng(png)) return null;
  const view = new DataView(png.buffer, png.byteOffset, png.byteLength);
  for (let at = SIGNATURE.length; at + FRAME <= png.length; ) {
    const length = view.getUint32(at);
    const type = String.fromCharCode(...png.subarray(at + 4, at + 8));
    const data = png.subarray(at + 8, at + 8 + length);
    const key = new TextDecoder().decode(data.subarray(0, keyword.length));
    if (type === 'iTXt' && key === keyword && data[keyword.length] === 0) {
      return new TextDecoder().decode(data.subarray(keyword.length + 5));
    }
    at += FRAME + length;
  }
  return null;
}
