import { baseAreaM2, GRIP_KIND, type Ski } from '../ski';
import type { Form } from '../terms';
import type { BenchProduct, IronSetting, SheetRequest, StepKind } from './types';

/** Grams a square metre of base by form: a film of some 40 µm of block, thin films of the rest (bench practice). */
const GRAMS_PER_M2: Readonly<Record<Form, number>> = {
  block: 35,
  powder: 12,
  liquid: 18,
  paste: 12,
  roller_block: 4,
  tube: 30,
  stick: 12,
};
/** On skis with a grip zone only tips and tails are glide-waxed. */
const GLIDE_SHARE = 0.65;
/** A strip along both edges underfoot. */
export const EDGE_STRIP_SHARE = 0.15;
const GRIP_SHARE = 0.35;

/** Bases that glide wax goes on: all of it, or tips and tails. */
export const glideShare = (ski: Ski): number => (GRIP_KIND[ski.type] === 'none' ? 1 : GLIDE_SHARE);

/** Grams of a form for a share of the pair's base, to a tenth. */
export function gramsFor(ski: Ski, form: Form, share: number): number {
  return Math.round(10 * GRAMS_PER_M2[form] * baseAreaM2(ski) * share) / 10;
}

/** Grams of one layer of grip wax or klister in the zone. */
export const gripGrams = (ski: Ski, form: Form): number => gramsFor(ski, form, GRIP_SHARE);

/** A base wider than this is ironed one half after the other, mm. */
const HALVES_FROM_MM = 60;
export const isWide = (ski: Ski): boolean => ski.waistMm >= HALVES_FROM_MM;

/** Active minutes of a step on a narrow pair (bench practice); wide ones take a third as long again. */
const HOUSE_MINUTES: Readonly<Record<StepKind, number>> = {
  secure: 2,
  repair: 10,
  edge: 4,
  clean_liquid: 4,
  flash_off: 0,
  remove_grip: 5,
  open_structure: 3,
  wax_on: 3,
  iron: 3,
  scrape_warm: 2,
  cool: 0,
  scrape: 4,
  brush: 2,
  liquid_on: 3,
  dry: 0,
  cork: 3,
  rill: 2,
  top_on: 3,
  grip_on: 3,
  klister_on: 6,
  pattern: 4,
  skin: 4,
  store: 1,
  check: 1,
};
const WIDE_FACTOR = 1.3;

/** Active minutes of a kind of step for this ski: as this bench works where known, else the house's. */
export function minutesFor(request: SheetRequest, kind: StepKind): number {
  const own = request.minutes?.[kind];
  if (own !== undefined) return Math.max(0, Math.round(own * 10) / 10);
  return HOUSE_MINUTES[kind] * (isWide(request.ski) ? WIDE_FACTOR : 1);
}

export const houseMinutes = (kind: StepKind): number => HOUSE_MINUTES[kind];

/** Iron temperatures of practice where nobody said more, °C. */
export const SOFT_IRON_C = 112;
const USUAL_IRON_C = 120;
const USUAL_PASS_S = 8;
const USUAL_PASSES = 3;

/** How a product is ironed on this ski: as the iron lab says, never over the label's limit. */
export function ironSetting(request: SheetRequest, product: BenchProduct): IronSetting {
  const asked = request.ironing[product.id] ?? {
    setC: product.ironC ?? USUAL_IRON_C,
    passS: USUAL_PASS_S,
    passes: USUAL_PASSES,
  };
  return { ...asked, setC: Math.min(asked.setC, product.ironLimitC ?? Infinity) };
}
