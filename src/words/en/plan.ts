import type { HopelessReason, RemedyChange } from '../../core/plan';
import type { WordsFor } from '../say';

/** Why a pair cannot be ready, and what would help. */
export const HOPELESS: WordsFor<HopelessReason> = {
  no_skill: ({ skill }) =>
    `Nobody who is there can do this step (${skill}). Add the skill to somebody.`,
  no_iron: 'A step needs an iron, and there is none. Add an iron.',
  no_window: 'Nobody is there for long enough at one go to do this step. Lengthen a shift.',
  no_time:
    'There is no time left for this pair beside the others. Lengthen a shift, add somebody, or leave out a coat.',
};

/** A moment of the plan; who reads it sees it on the clock of the request. */
const momentOf = (ms: number) => `${new Date(ms).toISOString().slice(0, 16)}Z`;

/** What would help, each worked out by planning anew. */
export const REMEDY: WordsFor<RemedyChange> = {
  one_more_person: ({ fromMs, toMs }) =>
    `One more person from ${momentOf(fromMs)} to ${momentOf(toMs)}, able to do every step.`,
  longer_shift: ({ technicianId, hours }) => `${technicianId} stays ${hours} h longer.`,
  one_more_iron: 'One more iron.',
  one_more_vice: 'One more vice.',
  one_more_stand: 'One more brush stand.',
  one_more_place: 'One more place to cool.',
};

/** What is asked of a request, and what is wrong with one. */
export const request = {
  start: 'Start of the plan',
  startIsMissing: 'The start of the plan is missing.',
  id: 'Id',
  idIsMissing: 'The id is missing.',
  from: 'Beginning of the shift',
  fromIsMissing: 'The beginning of the shift is missing.',
  to: 'End of the shift',
  toIsMissing: 'The end of the shift is missing.',
  shiftEndsFirst: 'The shift must end after it begins.',
  skill: 'Skill',
  skills: 'Skills must be a list of words.',
  heavy: 'Heavy',
  technician: 'A technician must be an object with id, from and to.',
  technicians: (most: number) => `Technicians must be a list of up to ${most} shifts.`,
  nobody: 'Steps need hands, and nobody is there. Add a technician.',
  iron: 'An iron must be an object with an id.',
  irons: (most: number) => `Irons must be a list of up to ${most}.`,
  noIron: 'Steps need an iron, and there is none. Add an iron.',
  vices: 'Vices',
  noVice: 'Steps need a vice, and there is none. Add a vice.',
  brushStands: 'Brush stands',
  noStand: 'Steps need a brush stand, and there is none. Add a stand.',
  coolingPlaces: 'Cooling places',
  noPlace: 'Steps have a wait, and there is no place to wait. Add cooling places.',
  pair: 'A pair must be an object with id, dueAt and steps.',
  pairs: (most: number) => `Pairs must be a list of up to ${most}.`,
  noPairs: 'There is nothing to plan: give at least one pair.',
  twice: (what: string, id: string) => `The id “${id}” is there twice among the ${what}.`,
  priority: 'Priority',
  due: 'Time at which the pair is due',
  dueIsMissing: 'The time at which the pair is due is missing.',
  dueBeforeStart: 'This pair is due before the plan begins.',
  notBefore: 'Earliest time',
  step: 'A step must be an object with key, activeMin and needs.',
  steps: (most: number) => `Steps must be a list of 1 to ${most}.`,
  tooManySteps: (most: number) => `All pairs together may have up to ${most} steps.`,
  key: 'Key of the step',
  keyIsMissing: 'The key of the step is missing.',
  active: 'Minutes of work',
  activeIsMissing: 'The minutes of work are missing.',
  wait: 'Minutes of waiting',
  needs: 'Needs must be a list.',
  need: 'A need',
  needsMissing: 'What the step needs is missing; give an empty list where it needs nothing.',
  ironC: 'Iron temperature',
  skillNobodyHas: (skill: string) => `Nobody has the skill “${skill}”. Add it to a technician.`,
  seed: 'Seed',
  seconds: 'Seconds to search',
  body: 'The body must be a JSON object with start, technicians, irons and pairs.',
};
