import type { GlideMeasure, OddReason, Verdict } from '../../core/glide';
import type { GateNote } from '../../core/instruments';
import type { WordsFor } from '../say';
import type { Writer } from '../write';

const UNIT: Record<GlideMeasure, (value: number, write: Writer) => string> = {
  seconds: (value, write) => `${write.number(value, 2)} s`,
  metres: (value, write) => `${write.number(value, 1)} m`,
  feel: (value, write) => `${write.number(value, 1)} points`,
};

const MORE: Record<GlideMeasure, string> = {
  seconds: 'slower',
  metres: 'longer',
  feel: 'better',
};
const LESS: Record<GlideMeasure, string> = {
  seconds: 'faster',
  metres: 'shorter',
  feel: 'worse',
};

const runs = (count: number) => (count === 1 ? '1 more run' : `${count} more runs`);

const listed = (names: readonly string[]) =>
  names.length < 2 ? names.join('') : `${names.slice(0, -1).join(', ')} and ${names.at(-1)}`;

/** What a test says so far. */
export const VERDICT: WordsFor<Verdict> = {
  too_few: ({ moreRuns }) => `Too few runs to say anything. Make at least ${runs(moreRuns)}.`,
  not_yet: ({ ahead, moreRuns }) =>
    moreRuns === undefined
      ? `${ahead} is ahead, but that may be chance, and many more runs would hardly settle it.`
      : `${ahead} is ahead, but that may be chance. About ${runs(moreRuns)} would settle it if the lead is real.`,
  faster: ({ ski, than }) => `${ski} is better than ${listed(than)}. That is clear: you can stop.`,
  alike: ({ skis, within, measure }, write) =>
    `${listed(skis)} are alike within ${UNIT[measure](within, write)}. You can stop.`,
};

/** What is odd about a run. */
export const ODD: WordsFor<OddReason> = {
  far_off: ({ measure, off, oneIn }, write) =>
    `${UNIT[measure](Math.abs(off), write)} ${(off > 0 ? MORE : LESS)[measure]} than the other runs lead one to expect. Chance alone does this in 1 test of ${oneIn > MANY ? `more than ${MANY}` : oneIn}.`,
};

const AT = { start: 'at the start', finish: 'at the finish' };

/** What the gates did not do as they should. */
export const GATES: WordsFor<GateNote> = {
  double: ({ gate }) => `A beam ${AT[gate]} was broken twice. The first time counts.`,
  came_late: ({ gate }) => `A pulse ${AT[gate]} arrived late. It counts by the clock of the gates.`,
  missed_start: 'No pulse at the start.',
  missed_finish: 'A start had no finish. It is left out.',
};

/** Beyond this nobody counts. */
const MANY = 1000;

/** What is wrong with a request. */
export const request = {
  measure: 'Each run needs one of seconds, metres or feel.',
  oneMeasure: 'All runs must have the same measure: seconds, metres or feel.',
  run: 'A run must be an object with minute, ski and its measure.',
  runs: (most: number) => `Runs must be a list of up to ${most}.`,
  noRuns: 'Give at least one run.',
  tooManySkis: (most: number) => `A test compares up to ${most} skis.`,
  minute: 'Minute',
  minuteIsMissing: 'The minute of the run is missing.',
  ski: 'Ski',
  skiIsMissing: 'The name of the ski is missing.',
  twoSkis: 'Give at least two skis or waxes, one a line.',
  skiTwice: 'Give each ski once.',
  reference: 'The reference ski must be one of those in the test.',
  seconds: 'Time',
  metres: 'Run-out',
  feel: 'Feel',
  hill: 'The hill must be an object with dropM and lengthM.',
  dropM: 'Drop of the hill',
  dropIsMissing: 'The drop of the hill is missing.',
  lengthM: 'Length of the hill',
  lengthIsMissing: 'The length of the hill is missing.',
  dropTooLarge: 'The drop must be less than the length along the slope.',
  fromRest: 'From rest',
  snow: 'Snow must be an object with temperatureC.',
  temperatureC: 'Snow temperature',
  temperatureIsMissing: 'The snow temperature is missing.',
  waterPercent: 'Liquid water',
  sharpness: 'Sharpness',
  wetness: 'Wetness',
  grain: 'Grain',
};
