import { glideShare, gramsFor, minutesFor } from './amounts';
import { liquidCaution } from './cautions';
import { onBase } from './coats';
import { BENCH } from './figures';
import type { BenchProduct, SheetRequest, Step } from './types';
import { dryStep, WAITS } from './waits';

/** A thin top layer, by roller or by sponge: last of all that glides. */
export function topCoat(
  request: SheetRequest,
  { key, product, isByRoller }: { key: string; product: BenchProduct; isByRoller: boolean },
): Step[] {
  const caution = liquidCaution(product);
  const isBlock = product.form === 'roller_block';
  const on: Step = {
    key: `${key}.on`,
    kind: 'top_on',
    work: isByRoller
      ? { code: 'roll_top', isBlock, ...onBase(request, product) }
      : { code: 'sponge_top', ...onBase(request, product) },
    figures: { grams: gramsFor(request.ski, product.form, glideShare(request.ski)) },
    activeMin: minutesFor(request, 'top_on'),
    caution: isByRoller && caution !== 'legacy' ? 'rotary' : caution,
    productId: product.id,
  };
  const polish: Step = {
    key: `${key}.polish`,
    kind: 'cork',
    work: { code: 'polish_top' },
    figures: { strokes: BENCH.strokes.polish },
    activeMin: minutesFor(request, 'cork'),
  };
  const wait = WAITS.dryTop;
  const dry = dryStep(request, { key: `${key}.dry`, wait, isSolvent: false, product });
  return isBlock ? [on, polish] : [on, dry, polish];
}
