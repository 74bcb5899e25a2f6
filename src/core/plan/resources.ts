import type { PlanNeed, PlanProblem } from './types';

/** Things that are all alike, of which only their number counts. */
interface Thing {
  /** What a step needs it by; undefined: every step that waits. */
  need: PlanNeed | undefined;
  /** When a step holds it. */
  during: 'work' | 'wait';
  /** How many there are; undefined in a problem: as many as are needed. */
  count: 'vices' | 'brushStands' | 'coolingPlaces';
  /** Saying that one more would help. */
  remedy: `one_more_${string}`;
}

/**
 * Every thing that steps share, beside people and irons: those are told apart, as people have shifts and skills, and
 * irons temperatures. A need that is missing here does not compile. Search, bound, rules and remedies go through this table.
 */
export const THINGS = {
  vice: { need: 'vice', during: 'work', count: 'vices', remedy: 'one_more_vice' },
  brush_stand: {
    need: 'brush_stand',
    during: 'work',
    count: 'brushStands',
    remedy: 'one_more_stand',
  },
  place: { need: undefined, during: 'wait', count: 'coolingPlaces', remedy: 'one_more_place' },
} as const satisfies Record<Exclude<PlanNeed, 'technician' | 'iron'> | 'place', Thing>;

export type ThingName = keyof typeof THINGS;
export const THING_NAMES = Object.keys(THINGS) as ThingName[];

/** Those of them that a step holds while hands are at it, or while it waits, by their place in the list. */
const heldDuring = (during: Thing['during']) =>
  THING_NAMES.flatMap((name, k) => (THINGS[name].during === during ? [k] : []));
export const AT_WORK: readonly number[] = heldDuring('work');
export const AT_WAIT: readonly number[] = heldDuring('wait');

/** How many there are of each thing, in the order of the list; Infinity: as many as are needed. */
export const thereOf = (problem: PlanProblem): number[] =>
  THING_NAMES.map((name) => problem[THINGS[name].count] ?? Infinity);

/** The things that a step with such needs holds while hands are at it, by their place in the list. */
export const heldAtWork = (needs: ReadonlySet<PlanNeed>): number[] =>
  AT_WORK.filter((k) => needs.has(THINGS[THING_NAMES[k]!].need as PlanNeed));

/** Vices have names, so that a person knows which. */
export const VICE = THING_NAMES.indexOf('vice');
