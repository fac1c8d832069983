import { describe, expect, it } from 'vitest';
import { dayOf } from '../../resources/js/parts/dayOf';
import { day } from '../../resources/js/units/units';

describe('a day as people type it', () => {
  it.each([
    ['3 Nov 2026', '2026-11-03'],
    ['30 September 2026', '2026-09-30'],
    [' 3.11.2026', '2026-11-03'],
    ['Nov 3, 2026', '2026-11-03'],
    ['2026-11-03', '2026-11-03'],
  ])('reads %s', (typed, day) => expect(dayOf(typed)).toBe(day));

  it('reads slashes as the painter’s days are written', () => {
    expect(dayOf('03/11/2026', true)).toBe('2026-11-03');
    expect(dayOf('3/11/2026', false)).toBe('2026-03-11');
  });

  it('reads what it shows', () => {
    expect(dayOf(day('2026-11-03'))).toBe('2026-11-03');
  });

  it.each(['', '3 Nov', '3.11.26', '2026-11-3', '31 Feb 2026', '2026-02-30', '13/13/2026', 'tomorrow'])(
    'reads no day in “%s”',
    (typed) => expect(dayOf(typed)).toBeNull(),
  );
});
