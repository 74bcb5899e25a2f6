import type { StationStep } from '@/core/plan';
import { planWords } from '../areas/plan';
import type { Writer } from '../write';

const WORDS = planWords.visitWords;

/** What is done at a visit: `Iron, Hard frost, 129 °C`. */
export function visitInWords(
  { station, productId, ironC }: Pick<StationStep, 'station' | 'productId' | 'ironC'>,
  { products, write }: { products: Readonly<Record<string, string>>; write: Writer },
): string {
  const wax = productId === undefined ? undefined : products[productId];
  const what = planWords.STATION[station];
  const withWax = wax === undefined ? what : WORDS.withWax(what, wax);
  return ironC === undefined ? withWax : WORDS.atC(withWax, write.temperature(ironC, 0));
}
