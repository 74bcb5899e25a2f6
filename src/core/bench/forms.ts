import { BENCH } from './figures';
import type { BenchProduct } from './types';

/** What goes on as a film, without the iron. */
export const isFilm = ({ form }: Pick<BenchProduct, 'form'>): boolean =>
  form === 'liquid' || form === 'paste';

/** What goes on under the iron. */
export const isIroned = ({ applications, form }: BenchProduct): boolean =>
  applications.includes('iron') && (form === 'block' || form === 'powder');

/** A powder whose label is so hot that the base melts under it: hardeners, and old stock. */
export const isHighMelt = ({ form, ironC }: BenchProduct): boolean =>
  form === 'powder' && (ironC ?? 0) > BENCH.highMelt.fromIronC;
