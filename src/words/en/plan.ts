import type { HopelessReason, PlanRule, PlanSkill, RemedyChange, Station } from '../../core/plan';
import type { WordsFor } from '../say';

/** Why a pair cannot be ready, and what would help. */
export const HOPELESS: WordsFor<HopelessReason> = {
  no_skill: ({ skill }) => `Nobody there can do this step (${skill}). Add the skill to somebody.`,
  no_iron: 'A step needs an iron, and there is none. Add an iron.',
  no_window: 'Nobody is there long enough for this step. Lengthen a shift.',
  no_time:
    'There is not enough time for this pair. Lengthen a shift, add somebody, or use fewer coats.',
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

/** Somebody more, on the clock of the cabin. */
export const onePersonMore = (from: string, to: string) =>
  `One more person from ${from} to ${to}, able to do every step.`;

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
  needsMissing: 'What the step needs is missing. Give an empty list if it needs nothing.',
  ironC: 'Iron temperature',
  skillNobodyHas: (skill: string) => `Nobody has the skill “${skill}”. Add it to a technician.`,
  seed: 'Seed',
  seconds: 'Seconds to search',
  body: 'The body must be a JSON object with start, technicians, irons and pairs.',
};

/** What is asked of the cabin and of a plan, and what is wrong with them. */
export const cabin = {
  cabin: 'Say who and what is in the cabin.',
  name: 'Name',
  nameMissing: 'Give this person a name.',
  timeMissing: (name: string) => `${name} is missing.`,
  shiftTooLong: (hours: number) => `A shift may last up to ${hours} h. Enter two shifts.`,
  person: 'A person needs a name and a shift.',
  people: 'Say who is there, and when.',
  nobody: 'Nobody is there. Add at least one person.',
  tooMany: (most: number) => `Up to ${most} are possible.`,
  iron: 'Iron',
  ironMissing: 'Give this iron a name.',
  irons: 'Irons must be a list of names.',
  ironTwice: 'Two irons have the same name. Give each its own.',
  opensAt: 'Cabin opens',
  closesAt: 'Cabin closes',
  outing: 'Outing',
  plan: 'Plan',
  noOuting: 'Choose at least one outing.',
  readyMin: 'Ready before the start',
  topHours: 'Top layers at most this long before the start',
  wish: 'Say what is to be planned.',
  tasks: 'The plan is not one of this bench. Plan again.',
};

/** Why a step cannot stand where it was moved to. */
export const RULE: WordsFor<PlanRule> = {
  person_away: ({ technicianId }) => `${technicianId} is not there for that long then.`,
  person_unskilled: ({ technicianId, skill }) =>
    `${technicianId} does not do ${SKILL[skill as PlanSkill]?.toLowerCase() ?? skill}.`,
  person_busy: ({ technicianId }) => `${technicianId} is working on another pair then.`,
  iron_busy: ({ ironId }) => `${ironId} is on another pair then.`,
  iron_changes: ({ ironId, minutes }) =>
    `${ironId} needs ${minutes} min to change its temperature.`,
  iron_unknown: ({ ironId }) => `There is no ${ironId} in the cabin.`,
  before_ready: 'The pair is not ready then. The step before it, or its wait, is not over.',
  before_release: 'A top layer may not go on this early.',
  nobody: 'This step needs somebody to do it.',
  no_iron: 'This step needs an iron.',
  too_few: ({ what, there }) => `All ${there} ${THINGS[what]} are in use then.`,
  wrong_length: 'This step takes longer, or less time, than that.',
};

const THINGS = { vice: 'vices', brush_stand: 'brush stands', place: 'cooling places' };

/** What only some people do. */
export const SKILL: Record<PlanSkill, string> = {
  edges: 'Edges',
  structure: 'Structure',
  top: 'Top layers',
};

/** The stations of the cabin. */
export const STATION: Record<Station, string> = {
  base: 'Base work',
  edges: 'Edges',
  iron: 'Iron',
  finish: 'Scrape and brush',
  liquid: 'Liquid',
  structure: 'Structure',
  top: 'Top layer',
  grip: 'Grip',
  wait: 'Wait',
};

/** What is done at a visit to a station. */
export const visitWords = {
  withWax: (station: string, wax: string) => `${station}, ${wax}`,
  atC: (what: string, temperature: string) => `${what}, ${temperature}`,
};
