import type { IronSetting } from '@/core/bench';
import { DomainError } from '@/core/errors';
import { ironAdvice, IRON_PRESETS } from '@/core/iron';
import { ironTemperature, meltingPoint } from '@/core/shelf';
import type { Ski } from '@/core/ski';
import type { ShelfProduct } from '@/data/products';
import type { TeamSettings } from '@/data/team-settings';

const BLOCK_FILM_MICROMETRE = 40;
const POWDER_FILM_MICROMETRE = 15;
const USUAL = { passS: 8, passes: 3 };

/** Without degrees: a sheet is read in the unit of whoever reads it. */
const againstLabel = (differenceK: number): string =>
  differenceK < 0
    ? 'Iron lab, for this ski and room: under the label, so that the trail stays short.'
    : 'Iron lab, for this ski and room: as the label says.';

/** How one product goes in on this ski in this room: as the iron lab says, else by its label. */
function settingFor(
  product: ShelfProduct,
  ski: Ski,
  team: TeamSettings,
  roomC: number,
): IronSetting {
  const label = ironTemperature(product).value;
  const kind = team.tools.includes('ski_iron') ? 'heavy_digital' : 'household';
  const own = team.irons[0];
  const plate = own
    ? {
        plateLengthM: own.plateLengthM,
        plateWidthM: own.plateWidthM,
        massKg: own.massKg,
        powerW: own.powerW,
        lagS: own.lagS,
      }
    : IRON_PRESETS[kind];
  const question = {
    wax: { meltingC: meltingPoint(product).value, ironC: label },
    ski: { lengthM: ski.lengthCm / 100, widthM: ski.waistMm / 1000, startC: roomC },
    iron: { ...plate, setC: label },
    ...USUAL,
    roomC,
    filmMicrometre: product.form === 'powder' ? POWDER_FILM_MICROMETRE : BLOCK_FILM_MICROMETRE,
  };
  try {
    const { advice, reason } = ironAdvice(question);
    return advice
      ? { ...advice, why: againstLabel(advice.setC - label) }
      : { setC: label, ...USUAL, why: `By the label. Iron lab: ${reason}` };
  } catch (error) {
    if (!(error instanceof DomainError)) throw error;
    return { setC: label, ...USUAL, why: 'By the label.' };
  }
}

/** Iron settings of every product that a sheet may iron, by id. */
export function ironSettings(
  products: readonly ShelfProduct[],
  ski: Ski,
  team: TeamSettings,
  roomC: number,
): Record<string, IronSetting> {
  const ironed = products.filter((one) => one.applications.includes('iron'));
  return Object.fromEntries(ironed.map((one) => [one.id, settingFor(one, ski, team, roomC)]));
}
