import type { StationStep } from '@/core/plan';
import { words } from '@/words';
import type { Writer } from '@/words/write';

const WORDS = words.screens.plan.visitWords;

/** What is done at a visit: `Iron, Hard frost, 129 °C`. */
export function visitInWords(
  { station, productId, ironC }: Pick<StationStep, 'station' | 'productId' | 'ironC'>,
  { products, write }: { products: Readonly<Record<string, string>>; write: Writer },
): string {
  const wax = productId === undefined ? undefined : products[productId];
  const what = words.plan.STATION[station];
  const withWax = wax === undefined ? what : WORDS.withWax(what, wax);
  return ironC === undefined ? withWax : WORDS.atC(withWax, write.temperature(ironC, 0));
}
