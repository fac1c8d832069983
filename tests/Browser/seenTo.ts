/** What is kept on a device where every caution of the bench was acknowledged long enough. */
const LATER = Date.UTC(2100, 0, 1);
const NAMES = [
  'spray mist',
  'solvent paint',
  'spray clear',
  'alcohol',
  'hot air',
  'blades',
  'sanding dust',
  'sealers',
  'superglue',
  'epoxy and resin',
  'UV resin and its lamp',
];

export const SEEN_TO = {
  name: 'hawkbrush.cautions',
  value: JSON.stringify(Object.fromEntries(NAMES.map((name) => [name, LATER]))),
};

/** The same for servers on these ports, as a browser keeps it. */
export function seenTo(ports: number[]) {
  return {
    cookies: [],
    origins: ports.map((port) => ({ origin: `http://127.0.0.1:${port}`, localStorage: [SEEN_TO] })),
  };
}
