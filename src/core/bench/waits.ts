import { isWide, minutesFor } from './amounts';
import type { BenchProduct, SheetRequest, Step } from './types';
import { BENCH } from './figures';

/** Minutes of the waits of practice; the least is never undercut by a plan. */
export const WAITS = BENCH.waits;
const { coldRoomC: COLD_ROOM_C, coolHard: HARD } = BENCH;

/** How much longer a wax takes that goes on hot: it is hard, and sets late and brittle. */
const extraFor = (product: BenchProduct | undefined): number =>
  (product?.ironC ?? 0) >= HARD.fromIronC ? HARD.minutes : 0;

/** Cooling before the base is scraped: to the room's warmth, longer for hard wax, or overnight where the team works so. */
export function coolStep(request: SheetRequest, key: string, product?: BenchProduct): Step {
  const isNight = request.methods.cooling === 'overnight';
  const wait = isNight ? WAITS.overnight : isWide(request.ski) ? WAITS.coolWide : WAITS.cool;
  const extra = isNight ? 0 : extraFor(product);
  return {
    key,
    kind: 'cool',
    work: { code: 'cool', isColdRoom: request.room.roomC < COLD_ROOM_C },
    figures: {},
    activeMin: minutesFor(request, 'cool'),
    waitMin: wait.minutes + extra,
    waitLeastMin: wait.least + extra,
    school: isNight ? 'overnight' : 'to_room',
  };
}

/** A wait for something wet: solvent that must be gone, or a film that must set. */
export function dryStep(
  request: SheetRequest,
  {
    key,
    wait,
    isSolvent,
  }: { key: string; wait: { minutes: number; least: number }; isSolvent: boolean },
): Step {
  return {
    key,
    kind: isSolvent ? 'flash_off' : 'dry',
    work: { code: isSolvent ? 'flash_off' : 'dry_film' },
    figures: {},
    activeMin: minutesFor(request, isSolvent ? 'flash_off' : 'dry'),
    waitMin: wait.minutes,
    waitLeastMin: wait.least,
    caution: isSolvent ? 'solvent_drying' : undefined,
  };
}
