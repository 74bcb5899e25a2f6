import type { OwnIron, ShelfProduct } from '@/core/model';
import { presetOn, type Iron, type IronKind } from '@/core/iron';
import { ironTemperature, meltingPoint } from '@/core/shelf';

/** The bench of the Iron lab as it is typed. */
export interface IronDraft {
  productId: string;
  /** A general kind, or `own:` and the name of one of the team's own. */
  kind: IronKind | `own:${string}`;
  setC: number | undefined;
  passS: number | undefined;
  passes: number | undefined;
  roomC: number | undefined;
  lengthCm: number | undefined;
  widthMm: number | undefined;
  filmMicrometre: number | undefined;
  /** What was seen, if anything: the trail after a pass. */
  seenPass: number | undefined;
  seenTrailCm: number | undefined;
}

/** What can lie on the bench: waxes, and the irons of the team's own. */
export interface BenchThings {
  products: readonly ShelfProduct[];
  irons: readonly OwnIron[];
}

export const productOf = (
  { productId }: IronDraft,
  products: readonly ShelfProduct[],
): ShelfProduct | undefined => products.find((one) => one.id === productId);

/** The bench as it begins: the wax that is chosen, at the temperature of its label, with what is usual. */
export function startDraft(
  products: readonly ShelfProduct[],
  chosenId: string | undefined,
): IronDraft {
  const first = products.find((one) => one.id === chosenId) ?? products[0];
  return {
    productId: first?.id ?? '',
    kind: 'heavy_digital',
    setC: first ? ironTemperature(first).value : 120,
    passS: 8,
    passes: 3,
    roomC: 15,
    lengthCm: 190,
    widthMm: 45,
    filmMicrometre: 40,
    seenPass: undefined,
    seenTrailCm: undefined,
  };
}

/** The plate of a kind as it is held on this ski; one that was forgotten meanwhile is the house's usual. */
function plateOf({ kind, widthMm = 0 }: IronDraft, irons: readonly OwnIron[]): Omit<Iron, 'setC'> {
  const widthM = widthMm / 1000;
  if (!kind.startsWith('own:')) return presetOn(kind as IronKind, widthM);
  const own = irons.find((one) => `own:${one.name}` === kind);
  if (!own) return presetOn('heavy_digital', widthM);
  const { plateLengthM, plateWidthM, massKg, powerW, lagS } = own;
  return { plateLengthM, plateWidthM, massKg, powerW, lagS };
}

/** The question a draft stands for, as the schema and the core take it. */
export function bodyOf(draft: IronDraft, { products, irons }: BenchThings) {
  const product = productOf(draft, products);
  const ironC = product ? ironTemperature(product).value : undefined;
  const meltingC = product ? meltingPoint(product).value : undefined;
  const metres = (value: number | undefined, per: number) =>
    value === undefined ? undefined : value / per;
  return {
    wax: { meltingC, ironC },
    ski: {
      lengthM: metres(draft.lengthCm, 100),
      widthM: metres(draft.widthMm, 1000),
      startC: draft.roomC,
    },
    iron: { ...plateOf(draft, irons), setC: draft.setC },
    passS: draft.passS,
    passes: draft.passes,
    roomC: draft.roomC,
    filmMicrometre: draft.filmMicrometre,
  };
}
