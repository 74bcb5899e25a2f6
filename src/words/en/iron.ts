import type { IronReason, IronWarning } from '../../core/iron';
import type { WordsFor } from '../say';

const cm = (metres: number) => `${Math.round(metres * 100)} cm`;
const sags = (
  { sagK }: { sagK: number },
  difference: (kelvin: number, decimals: number) => string,
) =>
  `This iron cools by ${difference(sagK, 0)} during a pass. Wax half the ski at a time, or use a heavier iron.`;

/** What goes wrong with these passes. */
export const IRON_WARNING: WordsFor<IronWarning> = {
  base_melts: ({ peakBaseC }, write) =>
    `Stop. The base would reach ${write.temperature(peakBaseC, 0)} and melt.`,
  base_softens: ({ peakBaseC }, write) =>
    `The base would reach ${write.temperature(peakBaseC, 0)} and soften. Set the iron lower or move faster.`,
  wax_smokes: ({ filmMostC, smokeC }, write) =>
    `The wax reaches ${write.temperature(filmMostC, 0)}. It smokes from ${write.temperature(smokeC, 0)}.`,
  iron_sags: (warning, write) => sags(warning, write.difference),
  trail_too_long: ({ fromPass, mostM }) =>
    `From pass ${fromPass} the liquid trail is longer than ${cm(mostM)}. Move faster, set the iron lower, or let the ski cool.`,
  iron_too_cold: 'The iron is too cold. This wax does not melt through.',
  film_stays_solid: 'The wax does not melt. Move slower or set the iron higher.',
};

/** Why the iron is set so, or why there is no good setting. */
export const IRON_REASON: WordsFor<IronReason> = {
  trail_in_range: ({ leastM, mostM }) =>
    `The liquid trail stays between ${cm(leastM)} and ${cm(mostM)}.`,
  cool_after: ({ passes, mostM }) =>
    `After ${passes === 1 ? 'one pass' : `${passes} passes`} the trail is longer than ${cm(mostM)}. Let the ski cool down, then go over it again.`,
  iron_sags: (reason, write) => sags(reason, write.difference),
  film_sets: ({ slowestS, setC }, write) =>
    `Even at ${slowestS} s a pass the wax sets under an iron of ${write.temperature(setC, 0)}. Warm the ski and the room first, or use a softer wax.`,
  base_too_hot: ({ setC, baseMostC }, write) =>
    `The wax needs ${write.temperature(setC, 0)}, but the base takes no more than ${write.temperature(baseMostC, 0)}. Cork it in.`,
  trail_stays_long: ({ quickestS, mostM }) =>
    `Even at ${quickestS} s a pass the trail is longer than ${cm(mostM)}. Let the ski cool, or set the iron lower.`,
};
