import { part } from '../parts/part';

/** Fetched when it is asked for: it draws. */
export const Passes = part(() => import('./Passes').then((loaded) => loaded.Passes));
