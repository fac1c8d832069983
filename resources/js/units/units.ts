import type { Settings } from '../api/types';

/** Units of show. Everything is stored in psi, mm, ml and degrees Celsius; only what is read and typed is turned. */

const PRESSURE = { psi: 1, bar: 0.06894757, kPa: 6.894757 } as const;

const round = (value: number, digits: number) => Number(value.toFixed(digits));

export const pressure = {
  unit: (s: Settings) => s.pressure,
  show: (psi: number, s: Settings) => round(psi * PRESSURE[s.pressure], s.pressure === 'bar' ? 2 : 1),
  read: (shown: number, s: Settings) => round(shown / PRESSURE[s.pressure], 3),
};

export const length = {
  unit: (s: Settings) => s.length,
  show: (mm: number, s: Settings) => (s.length === 'in' ? round(mm / 25.4, 3) : round(mm, 2)),
  read: (shown: number, s: Settings) => (s.length === 'in' ? round(shown * 25.4, 3) : shown),
};

export const temperature = {
  unit: (s: Settings) => `°${s.temperature}`,
  show: (c: number, s: Settings) => (s.temperature === 'F' ? round(c * 1.8 + 32, 1) : round(c, 1)),
  read: (shown: number, s: Settings) => (s.temperature === 'F' ? round((shown - 32) / 1.8, 2) : shown),
};

/** Minutes as one says them: 45 s, 12 min, 2 h 10 min. */
export function minutes(min: number): string {
  if (min > 0 && min < 1) return `${Math.round(min * 60)} s`;
  const whole = Math.round(min);
  if (whole < 60) return `${whole} min`;
  const hours = Math.floor(whole / 60);
  return whole % 60 === 0 ? `${hours} h` : `${hours} h ${whole % 60} min`;
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

export function day(iso: string): string {
  return new Date(iso).toLocaleDateString(undefined, { day: 'numeric', month: 'short', year: 'numeric' });
}

/** Volume in the user's unit; a drop is 1/20 ml. */
export function volume(ml: number, s: Settings): string {
  return s.volume === 'ml' ? `${ml.toFixed(2)} ml` : `${Math.round(ml / 0.05)} drops`;
}
