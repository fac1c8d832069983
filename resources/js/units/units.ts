import type { Settings } from '../api/types';

/** Units of show. Everything is stored in psi, mm, ml and degrees Celsius; how a unit is made of that, the core says. */

type Measured = keyof Settings['units'];

function measured(what: Measured, written: (name: string) => string = (name) => name) {
  return {
    unit: (s: Settings) => written(s.units[what].name),
    show: (stored: number, s: Settings) => {
      const { factor, offset, digits } = s.units[what];
      return Number((stored * factor + offset).toFixed(digits));
    },
    /** As far as a drawing needs it: tenths of a millimetre. */
    short: (stored: number, s: Settings) => {
      const { factor, offset, digits } = s.units[what];
      return Number((stored * factor + offset).toFixed(factor < 1 ? digits : Math.min(1, digits)));
    },
    read: (shown: number, s: Settings) => {
      const { factor, offset } = s.units[what];
      return Number(((shown - offset) / factor).toFixed(3));
    },
  };
}

export const pressure = measured('pressure');
export const length = measured('length');
export const temperature = measured('temperature', (name) => `°${name}`);
const quantity = measured('volume');

/** So many of something: 1 coat, 3 coats. */
export function counted(n: number, one: string, many = `${one}s`): string {
  return `${n} ${n === 1 ? one : many}`;
}

/** A volume with its unit. */
export function volume(ml: number, s: Settings): string {
  return `${quantity.show(ml, s)} ${quantity.unit(s)}`;
}

/** A price or a cost with the shop's currency, which stands before it if it is a sign. */
export function money(amount: number, { currency }: Settings): string {
  const figure = amount.toFixed(2);
  if (currency === '') return figure;
  return /^[\p{L}.]+$/u.test(currency) ? `${figure} ${currency}` : `${currency} ${figure}`;
}

/** The label of a field that takes money. */
export function moneyLabel(label: string, { currency }: Settings): string {
  return currency === '' ? label : `${label}, ${currency}`;
}

/** From here on, hours show as days. */
const MANY_HOURS = 72;

/** Minutes in words: 45 s, 12 min, 2 h 10 min, 6 d 16 h. */
export function minutes(min: number): string {
  if (min > 0 && min < 1) return `${Math.round(min * 60)} s`;
  const whole = Math.round(min);
  if (whole < 60) return `${whole} min`;
  const hours = Math.floor(whole / 60);
  if (hours >= MANY_HOURS) return `${Math.floor(hours / 24)} d${hours % 24 === 0 ? '' : ` ${hours % 24} h`}`;
  return whole % 60 === 0 ? `${hours} h` : `${hours} h ${whole % 60} min`;
}

/** How old something is, roughly: under an hour, 5 hours, 4 days. */
export function age(iso: string, now: number): string {
  const hours = Math.floor((now - Date.parse(iso)) / 3_600_000);
  if (hours < 1) return 'under an hour';
  return hours < 48 ? counted(hours, 'hour') : counted(Math.floor(hours / 24), 'day');
}

/** 0:25, 12:05, 1:02:00 */
export function clockLeft(seconds: number): string {
  const s = Math.max(0, Math.ceil(seconds));
  const h = Math.floor(s / 3600);
  const m = Math.floor((s % 3600) / 60);
  const two = (n: number) => String(n).padStart(2, '0');
  return h > 0 ? `${h}:${two(m)}:${two(s % 60)}` : `${m}:${two(s % 60)}`;
}

/** Clock time; with the day when it is not that of the start. */
export function clock(iso: string, since?: string): string {
  const at = new Date(iso);
  const time = at.toLocaleTimeString(undefined, { hour: '2-digit', minute: '2-digit', hour12: false });
  const sameDay = since === undefined || new Date(since).toDateString() === at.toDateString();
  return sameDay ? time : `${at.toLocaleDateString(undefined, { weekday: 'short' })} ${time}`;
}

/** A day in the painter's writing, of a day alone (YYYY-MM-DD) or of a moment. */
export function day(iso: string): string {
  // A day alone would be read as its midnight in Greenwich, which is the evening before in the west.
  return new Date(iso.length === 10 ? `${iso}T00:00` : iso).toLocaleDateString(undefined, {
    day: 'numeric',
    month: 'short',
    year: 'numeric',
  });
}
