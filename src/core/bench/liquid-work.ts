import { softBrushSteps } from './brushing';
import { glideShare, gramsFor, ironSetting, minutesFor } from './amounts';
import { liquidCaution } from './cautions';
import { iron, onBase } from './coats';
import { BENCH } from './figures';
import { isFilm } from './forms';
import type { BenchProduct, SheetRequest, Step } from './types';
import { coolStep, dryStep, WAITS } from './waits';
import { methodsInForce, type School } from '../choice';

type LiquidSchool = Extract<School, 'sponge_dry_cork' | 'brush_on_cork' | 'sponge_dry_brush'>;

/** The school of liquids in force. */
const schoolOf = ({ methods }: SheetRequest) => methodsInForce(methods).liquid as LiquidSchool;

interface Film {
  key: string;
  product: BenchProduct;
}

/** Rubbed on from the block and corked, where there is no iron: nothing to dry. */
function rubbed(request: SheetRequest, { key, product }: Film): Step[] {
  return [
    {
      key: `${key}.on`,
      kind: 'liquid_on',
      work: { code: 'rub_on', ...onBase(request, product) },
      figures: { grams: gramsFor(request.ski, 'stick', glideShare(request.ski)) },
      activeMin: minutesFor(request, 'liquid_on'),
      productId: product.id,
    },
    corkStep(request, { key, product }),
  ];
}

const corkStep = (request: SheetRequest, { key, product }: Film): Step => ({
  key: `${key}.cork`,
  kind: 'cork',
  work: { code: 'cork_film', product: product.name },
  figures: { strokes: BENCH.strokes.polish },
  activeMin: minutesFor(request, 'cork'),
});

/** One thin film: on, dry, and corked where the school corks. A paste is wiped on and only dries. */
function film(request: SheetRequest, { key, product }: Film, isCorked: boolean): Step[] {
  if (!isFilm(product)) return rubbed(request, { key, product });
  const school = schoolOf(request);
  const isPaste = product.form === 'paste';
  const isBrushedOn = !isPaste && isCorked && school === 'brush_on_cork';
  const on: Step = {
    key: `${key}.on`,
    kind: 'liquid_on',
    work: {
      code: isPaste ? 'wipe_on' : isBrushedOn ? 'brush_on_and_cork' : 'sponge_on',
      ...onBase(request, product),
    },
    figures: { grams: gramsFor(request.ski, product.form, glideShare(request.ski)) },
    activeMin: minutesFor(request, 'liquid_on'),
    caution: liquidCaution(product),
    school: isPaste || !isCorked ? undefined : school,
    productId: product.id,
  };
  const wait = isBrushedOn ? WAITS.dryTop : WAITS.dryLiquid;
  const dry = dryStep(request, { key: `${key}.dry`, wait, isSolvent: false, product });
  const isCorkedDry = isCorked && !isPaste && school === 'sponge_dry_cork';
  return isCorkedDry ? [on, dry, { ...corkStep(request, { key, product }), school }] : [on, dry];
}

/** The brushes after the last film: the finest alone where it was corked. */
function lastBrushes(request: SheetRequest, { key, product }: Film): Step[] {
  const brushes = softBrushSteps(request, `${key}.brush`);
  const isCorked = product.form !== 'paste' && schoolOf(request) !== 'sponge_dry_brush';
  return isCorked ? brushes.slice(-1) : brushes;
}

/** Through a sheet by the iron, so that it lasts; a chalky look stays. */
function throughSheet(request: SheetRequest, { key, product }: Film): Step[] {
  const sheet = iron(request, {
    key: `${key}.sheet-iron`,
    product,
    setting: ironSetting(request, product),
  });
  return [
    {
      ...sheet,
      work: { code: 'iron_through_sheet', product: product.name },
      figures: {
        temperatureC: sheet.figures.temperatureC,
        passS: BENCH.sheetPassS,
        passes: 1,
        timings: [{ passS: BENCH.sheetPassS, restS: 0 }],
      },
      reason: undefined,
      school: undefined,
    },
    coolStep(request, `${key}.cool`, product),
    ...softBrushSteps(request, `${key}.brush`),
  ];
}

/**
 * Thin films one after the other: the base liquid first, where there is one, then the liquid of the day in one to three
 * coats; corked or brushed as the team works, or the last one ironed through a sheet.
 */
export function liquidCoats(
  request: SheetRequest,
  { key, product, coats, isIroned }: Film & { coats: number; isIroned: boolean },
): Step[] {
  const base = request.baseLiquid;
  const count = Math.min(Math.max(1, coats), BENCH.mostThinCoats);
  const films: Film[] = [
    ...(base && base.id !== product.id ? [{ key: `${key}-base`, product: base }] : []),
    ...Array.from({ length: count }, (_, i) => ({
      key: count === 1 ? key : `${key}-${i + 1}`,
      product,
    })),
  ];
  const last = films.at(-1)!;
  return [
    ...films.flatMap((one) => film(request, one, !(isIroned && one === last))),
    ...(isIroned ? throughSheet(request, last) : lastBrushes(request, last)),
  ];
}
