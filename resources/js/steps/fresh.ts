import type { NewStep } from '../api/types';
import type { Kind } from './face';

/** What a new step starts from; one that lays paint begins with figures of its place, which the server knows. */
export const FRESH: { [kind in Exclude<Kind, 'paint'>]: NewStep } = {
  prep: { type: 'prep', title: 'Prepare', task: '', minutes: 3 },
  try: { type: 'try', ground: 'card', look_for: '' },
  wait: { type: 'wait', title: 'Wait', minutes: 20 },
  inspect: { type: 'inspect', title: 'Inspect', task: '', minutes: 3 },
  eye: { type: 'eye', title: 'Eyes' },
  clear: { type: 'clear', title: 'Clear', clear: 'two-part epoxy', coats: 1 },
  dip: { type: 'dip', title: 'Vinyl dip' },
};
