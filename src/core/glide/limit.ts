import { studentLimit } from '../statistics';
import { GLIDE } from './figures';

const found = new Map<number, number>();

/** Student's limit for the chance that all intervals have; looked up again for each freedom, since tests ask often. */
export function limitOf(freedom: number): number {
  const limit = found.get(freedom) ?? studentLimit(GLIDE.chance, freedom);
  found.set(freedom, limit);
  return limit;
}
