import { isWide, minutesFor } from './figures';
import type { SheetRequest, Step } from './types';

/** Minutes of the waits of practice; the least is never undercut by a plan. */
export const WAITS = {
  cool: { minutes: 25, least: 20 },
  coolWide: { minutes: 30, least: 20 },
  overnight: { minutes: 600, least: 20 },
  flashOff: { minutes: 20, least: 15 },
  dryLiquid: { minutes: 10, least: 3 },
  dryTop: { minutes: 5, least: 1 },
  klisterCool: { minutes: 20, least: 10 },
} as const;
/** Hard waxes do not like a freezing doorway. */
const COLD_ROOM_C = 5;

/** Cooling before the base is scraped: to the room's warmth, or overnight where the team works so. */
export function coolStep(request: SheetRequest, key: string): Step {
  const isNight = request.methods.cooling === 'overnight';
  const wait = isNight ? WAITS.overnight : isWide(request.ski) ? WAITS.coolWide : WAITS.cool;
  return {
    key,
    kind: 'cool',
    title: 'Cool',
    tool: 'Rack',
    what:
      request.room.roomC < COLD_ROOM_C
        ? 'Let it cool in the warmest corner, not in the doorway: hard wax cracks off in a frost.'
        : 'Stand it in the rack, base free, till it is as cool as the room.',
    figures: {},
    activeMin: minutesFor(request, 'cool'),
    waitMin: wait.minutes,
    waitLeastMin: wait.least,
    doneWhen: 'The back of the hand feels no warmth.',
    reason: 'Wax goes on settling as it cools; warm wax smears under the scraper.',
    school: isNight ? 'Overnight' : 'To room warmth, 20–30 min',
  };
}

/** A wait for something wet: solvent that must be gone, or a film that must set. */
export function dryStep(
  request: SheetRequest,
  key: string,
  wait: { minutes: number; least: number },
  isSolvent: boolean,
): Step {
  return {
    key,
    kind: isSolvent ? 'flash_off' : 'dry',
    title: isSolvent ? 'Let it flash off' : 'Let it dry',
    tool: 'Rack',
    what: isSolvent
      ? 'Stand it in moving air, bottles closed, until no solvent is left.'
      : 'Leave it until the film is milky and dry to the touch.',
    figures: {},
    activeMin: minutesFor(request, isSolvent ? 'flash_off' : 'dry'),
    waitMin: wait.minutes,
    waitLeastMin: wait.least,
    doneWhen: isSolvent ? 'No smell, no damp gloss.' : 'Milky, and it does not smear.',
    caution: isSolvent ? 'No heat and no flame until it is gone.' : undefined,
    reason: isSolvent
      ? 'Solvent in the base keeps wax out, and it burns.'
      : 'A wet film wipes off instead of holding.',
  };
}
