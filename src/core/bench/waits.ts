import { isWide, minutesFor } from './amounts';
import type { BenchProduct, SheetRequest, Step } from './types';
import { BENCH } from './figures';

/** Minutes of the waits of practice; the least is never undercut by a plan. */
export const WAITS = BENCH.waits;
const { coldRoomC: COLD_ROOM_C, coolHard: HARD } = BENCH;

/** A wax that goes on hot is hard, and sets late and brittle. */
const isHard = (product: BenchProduct | undefined): boolean =>
  (product?.ironC ?? 0) >= HARD.fromIronC;

/** Cooling before the base is scraped: to the room's warmth, longer for hard wax, or overnight where the team works so. */
export function coolStep(request: SheetRequest, key: string, product?: BenchProduct): Step {
  const isNight = request.methods.cooling === 'overnight';
  const wait = isNight ? WAITS.overnight : isWide(request.ski) ? WAITS.coolWide : WAITS.cool;
  const extra = !isNight && isHard(product) ? HARD.minutes : 0;
  return {
    key,
    kind: 'cool',
    work: {
      code: 'cool',
      isColdRoom: request.room.roomC < COLD_ROOM_C,
      isHard: isHard(product),
    },
    figures: {},
    activeMin: minutesFor(request, 'cool'),
    waitMin: wait.minutes + extra,
    waitLeastMin: wait.least + extra,
    school: isNight ? 'overnight' : 'to_room',
  };
}

/** A wait for something wet: solvent that must be gone, or a film that must set, as long as its label says. */
export function dryStep(
  request: SheetRequest,
  wet: {
    key: string;
    wait: { minutes: number; least: number };
    isSolvent: boolean;
    product?: BenchProduct;
  },
): Step {
  const { key, wait, isSolvent, product } = wet;
  return {
    key,
    kind: isSolvent ? 'flash_off' : 'dry',
    work: { code: isSolvent ? 'flash_off' : 'dry_film' },
    figures: {},
    activeMin: minutesFor(request, isSolvent ? 'flash_off' : 'dry'),
    waitMin: product?.dryMin ?? wait.minutes,
    waitLeastMin: product?.dryMin ?? wait.least,
    caution: isSolvent ? 'solvent_drying' : undefined,
  };
}
