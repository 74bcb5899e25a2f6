import { calendarParts } from './calendar';
import { SEASON } from './figures';

/** A season by the days that it holds, `YYYY-MM-DD`: from the first on, to before the second. */
export interface Season {
  from: string;
  to: string;
  /** `2026/27`, in the south `2027`. */
  name: string;
}

const two = (value: number) => String(value).padStart(2, '0');
const CENTURY = 100;

/** The season of an instant: in the north from July to June, in the south a year. */
export function seasonOf(iso: string, isSouthern: boolean): Season {
  const { year, month } = calendarParts(iso);
  if (isSouthern) return { from: `${year}-01-01`, to: `${year + 1}-01-01`, name: String(year) };
  const first = month >= SEASON.northStartMonth ? year : year - 1;
  const start = two(SEASON.northStartMonth);
  return {
    from: `${first}-${start}-01`,
    to: `${first + 1}-${start}-01`,
    name: `${first}/${two((first + 1) % CENTURY)}`,
  };
}
