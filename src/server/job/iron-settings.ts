import type { ShelfProduct, TeamSettings } from '@/core/model';
import { LRUCache } from 'lru-cache';
import { usualPasses, type IronSetting, type SettingReason } from '@/core/bench';
import { DomainError } from '@/core/errors';
import { IRON, ironAdvice, presetOn, type IronBench } from '@/core/iron';
import { ironTemperature, meltingPoint } from '@/core/shelf';
import type { Ski } from '@/core/ski';
import { offLoop } from '@/server/compute/pool';
import { task } from '@/server/compute/task';

const BLOCK_FILM_MICROMETRE = 40;
const POWDER_FILM_MICROMETRE = 15;

const againstLabel = (differenceK: number): SettingReason =>
  differenceK < 0 ? { code: 'lab_below_label', belowK: -differenceK } : { code: 'lab_as_label' };

/** The iron lab's advice; undefined where the question is outside what it can compute. */
function adviceFor(question: IronBench): ReturnType<typeof ironAdvice> | undefined {
  try {
    return ironAdvice(question);
  } catch (error) {
    if (!(error instanceof DomainError)) throw error;
    return undefined;
  }
}

export const adviceTask = task('iron advice', 'quick', adviceFor);

const MOST_KEPT = 500;
const kept = new LRUCache<string, Promise<ReturnType<typeof adviceFor>>>({ max: MOST_KEPT });

/** The same wax on the same ski in the same room is computed once. */
function keptAdvice(question: IronBench): Promise<ReturnType<typeof adviceFor>> {
  const key = JSON.stringify(question);
  const found = kept.get(key);
  if (found) return found;
  const made = offLoop(adviceTask, question);
  kept.set(key, made);
  made.catch(() => kept.delete(key));
  return made;
}

/** How one product goes in on this ski in this room: as the iron lab says, else by its label. */
async function settingFor(
  product: ShelfProduct,
  { ski, team, roomC }: { ski: Ski; team: TeamSettings; roomC: number },
): Promise<IronSetting> {
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
    : presetOn(kind, ski.waistMm / 1000);
  const question = {
    wax: { meltingC: meltingPoint(product).value, ironC: label },
    ski: { lengthM: ski.lengthCm / 100, widthM: ski.waistMm / 1000, startC: roomC },
    iron: { ...plate, setC: label },
    roomC,
    filmMicrometre: product.form === 'powder' ? POWDER_FILM_MICROMETRE : BLOCK_FILM_MICROMETRE,
  };
  const answer = await keptAdvice(question);
  // A household iron swings, whatever its mass says.
  const isSteady = own !== undefined || kind === 'heavy_digital';
  if (!answer) {
    const isHeld = isSteady ? undefined : false;
    return { setC: label, passes: usualPasses(), why: { code: 'by_label' }, isHeld };
  }
  const { advice, reason } = answer;
  const isHeld = isSteady && (advice ? advice.sagK <= IRON.sagMostK : reason.code !== 'iron_sags');
  return advice
    ? {
        setC: advice.setC,
        passes: advice.passes,
        uptakeFraction: advice.uptakeFraction,
        why: againstLabel(advice.setC - label),
        isHeld,
      }
    : {
        setC: label,
        passes: usualPasses(),
        why: { code: 'by_label_lab_found_none', lab: reason },
        isHeld,
      };
}

/** Iron settings of every product that a sheet may iron, by id. */
export async function ironSettings(
  products: readonly ShelfProduct[],
  bench: { ski: Ski; team: TeamSettings; roomC: number },
): Promise<Record<string, IronSetting>> {
  const ironed = products.filter((product) => product.applications.includes('iron'));
  const settings = await Promise.all(ironed.map((product) => settingFor(product, bench)));
  return Object.fromEntries(ironed.map((product, i) => [product.id, settings[i]!]));
}
