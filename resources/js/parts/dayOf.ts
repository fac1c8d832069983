import dayjs from 'dayjs';
import customParseFormat from 'dayjs/plugin/customParseFormat';

dayjs.extend(customParseFormat);

const BY_WORDS = ['D MMM YYYY', 'D MMMM YYYY', 'MMM D, YYYY', 'MMMM D, YYYY'];

const BY_FIGURES = ['D.M.YYYY', 'DD.MM.YYYY', 'YYYY-MM-DD'];

/** Where the painter's days are written with the day before the month. */
const dayFirst = () => /3\D+11/.test(new Date(2026, 10, 3).toLocaleDateString());

/** The day that is meant, as YYYY-MM-DD; null while it is none. None is read before its last figure. */
export function dayOf(typed: string, daysFirst = dayFirst()): string | null {
  const slashed = daysFirst ? ['D/M/YYYY', 'DD/MM/YYYY'] : ['M/D/YYYY', 'MM/DD/YYYY'];
  const day = dayjs(typed.trim(), [...BY_WORDS, ...BY_FIGURES, ...slashed], true);
  return day.isValid() ? day.format('YYYY-MM-DD') : null;
}
