import type { Mistake } from '../../core/errors';
import type { FaultCode } from '../../core/faults';
import type { WordsFor } from '../say';

const within = (low: number | undefined, high: number | undefined): string =>
  low !== undefined && high !== undefined
    ? `must be a number from ${low} to ${high}`
    : low !== undefined
      ? `must be ${low} or more`
      : 'is out of range';

/** What a caller got wrong, and what to do about it. */
export const MISTAKE: WordsFor<Mistake> = {
  out_of_range: ({ low, high }) => `This value ${within(low, high)}.`,
  empty_shelf: ({ kind }) =>
    kind === 'grip'
      ? 'There is no grip wax on the shelf. Add a stick or a klister.'
      : 'There is no glide wax on the shelf. Add at least one.',
  too_few: ({ least }) => `Measure the gap at ${least} places or more.`,
  gap_grows: ({ positionCm }) =>
    `At ${positionCm} cm the gap grows under more weight. Measure it again.`,
  twice: ({ positionCm }) => `The place ${positionCm} cm is there twice.`,
  weights_apart: ({ measuredKg, skierKg }) =>
    `Measured with ${measuredKg} kg for a skier of ${skierKg} kg. That is too far apart: measure again.`,
  zone_too_long: ({ endCm, skiLengthCm }, write) =>
    `The zone would end ${write.number(endCm)} cm in front of the heel plate. A ski of ${skiLengthCm} cm has no room for that: check the places.`,
  no_pocket: 'The ski is too soft for this skier. At half weight there is no room for grip wax.',
  ends_swapped: 'The front end is behind the back end. Swap them.',
  label_swapped: 'The warm end of a label must be above its cold end.',
  melts_too_high: ({ meltingC, baseMostC }, write) =>
    `A wax that melts at ${write.temperature(meltingC, 0)} needs a base hotter than the base can take (${write.temperature(baseMostC, 0)}). Use cork or roller.`,
  outside_weather: 'A reading is outside the time that the weather covers.',
  no_weather: 'There is no weather yet.',
  low_above_high: 'The low is above the high.',
  not_in_order: 'Times must increase.',
  too_short: ({ leastHours }) => `Give at least ${leastHours} hours of weather.`,
  weather_gap: ({ from, to, mostHours }) =>
    `The weather has a gap of more than ${mostHours} h, from ${from} to ${to}. Fill it in.`,
  not_a_number: 'A value from the probe is not a number.',
  bad_time: 'This is not a date and time.',
  contradiction:
    'Nail and finger do not agree. Let the block warm up to room temperature and try again.',
};

/** What each fault of the file means for the person, and what to do. */
export const FAULT: Record<FaultCode, string> = {
  storage_full:
    'The disk is full: nothing was saved. Free some space, then save again. What you typed is kept.',
  storage_read_only:
    'The data cannot be written. Nothing was saved. Give Frost Pick’s user the right to write the data folder, then start it again.',
  storage_damaged:
    'The database file is damaged: nothing was saved. Stop Frost Pick and replace the file with a good copy. What can still be read is shown.',
  storage_busy:
    'Another program is using the database: nothing was saved. Close that program and save again.',
  storage_failed:
    'The disk gave an error: nothing was saved. Check the disk and the data folder, then save again.',
  log_missing:
    'The file frost-pick.db-wal is missing, so the newest entries may be gone. You can look, but nothing is saved yet. On the host computer, go on without it or restore a copy.',
  log_damaged:
    'The file frost-pick.db-wal is damaged, so the newest entries cannot be read. You can look, but nothing is saved yet. On the host computer, go on without it or restore a copy.',
  log_foreign:
    'The file frost-pick.db-wal belongs to another database and was set aside. You can look, but nothing is saved yet. On the host computer, go on without it or restore a copy.',
};

/** Why a computation in the background gave no answer. */
export const NO_ANSWER = {
  failed: 'It could not be computed.',
  broke: 'The computation stopped. Reload the page.',
  too_slow: 'The computation took too long and was stopped.',
} as const;
