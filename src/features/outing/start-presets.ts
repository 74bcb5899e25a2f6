import { addDays, format, nextSaturday, set } from 'date-fns';

export const START_PRESETS = ['tonight', 'tomorrow', 'saturday'] as const;
export type StartPreset = (typeof START_PRESETS)[number];

const SATURDAY = 6;
const EVENING = { hours: 18, minutes: 0 };
const MORNING = { hours: 9, minutes: 0 };
/** From this hour on an evening is the next one. */
const LATE_H = 18;

/** The start that a word means, as a local time; `now` on the reader's own clock. */
export function presetStart(preset: StartPreset, now: Date): string {
  const late = now.getHours() >= LATE_H;
  const day = {
    tonight: set(late ? addDays(now, 1) : now, EVENING),
    tomorrow: set(addDays(now, 1), MORNING),
    // On a Saturday morning this Saturday is meant, after noon the next.
    saturday: set(
      now.getDay() === SATURDAY && now.getHours() < MORNING.hours ? now : nextSaturday(now),
      MORNING,
    ),
  }[preset];
  return format(day, "yyyy-MM-dd'T'HH:mm");
}
