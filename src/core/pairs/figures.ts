import { valuesOf, type FigureTable } from '../figure';

/** Figures of the choice of a pair. */
export const PAIR_FIGURES = {
  grindClose: {
    mean: 0.35,
    unit: 'log2',
    reason: 'Grinds within about a quarter of the width asked for run alike.',
  },
  pointsADoubling: {
    mean: 3,
    unit: 'points',
    reason: 'A grind twice as wide, or half as wide, weighs more than any wax left in the base.',
  },
  fineShare: {
    mean: 0.6,
    unit: '1',
    reason: 'A grind that is too fine can be pressed wider; one too coarse cannot be made finer.',
  },
  mostGrindPoints: {
    mean: 6,
    unit: 'points',
    reason: 'Beyond four times the width it is bad enough.',
  },
  wornKm: { mean: 600, unit: 'km', reason: 'By then skiing and waxing have flattened a grind.' },
  wornPoints: { mean: 1, unit: 'points', reason: 'A flat grind runs, only not as it was cut.' },
  flexClose: {
    mean: 0.06,
    unit: '1',
    reason: 'A skier 6 % off the weight a pair was picked for feels no difference.',
  },
  firmFlex: {
    mean: { firm: 1.04, usual: 1, loose: 0.96 },
    unit: '1',
    reason:
      'Firm snow wants a stiffer pair, loose snow a softer one: a few per cent of the weight.',
  },
  pointsAFlexUnit: {
    mean: 20,
    unit: 'points/1',
    reason: 'A tenth off in weight costs about as much as a grind twice as fine as asked for.',
  },
  mostFlexPoints: { mean: 6, unit: 'points', reason: 'As much as the worst grind.' },
  reservePoints: {
    mean: 1.5,
    unit: 'points',
    reason: 'A dry base takes coats, and so time; waxing today makes up most of it.',
  },
  lowReserve: { mean: 0.35, unit: '1', reason: 'Below this a pair is due for wax.' },
  markPoints: {
    mean: {
      delamination: 4,
      unflat: 3,
      burn: 2,
      gouge: 1.5,
      burr: 0.5,
      rust: 0.5,
      hairs: 0.5,
      dry: 0.5,
      dirt: 0.2,
    },
    unit: 'points',
    reason: 'By how much work it is to put right, or whether it can be at all.',
  },
  mendHours: {
    mean: {
      delamination: 24,
      unflat: 48,
      burn: 4,
      gouge: 3,
      burr: 0.5,
      rust: 0.5,
      hairs: 0.5,
      dry: 4,
      dirt: 0.75,
    },
    unit: 'h',
    reason:
      'Glue hardens overnight, a stone is elsewhere, a filled hole cools, a dry base drinks coats.',
  },
  reserveHours: { mean: 4, unit: 'h', reason: 'Three coats with their cooling.' },
  mendedShare: {
    mean: 0.25,
    unit: '1',
    reason: 'What is put right with time to spare costs work, not speed.',
  },
  testPoints: {
    mean: 2,
    unit: 'points per % of friction',
    reason: 'A test on snow like this says more than any rule; 1 % is more than a wish.',
  },
  mostTestPoints: {
    mean: 5,
    unit: 'points',
    reason: 'More is a ski that something is wrong with.',
  },
  testReach: {
    mean: 2,
    unit: '1',
    reason: 'On snow so unlike that of the day a test says nothing.',
  },
  trainingPoints: {
    mean: 2,
    unit: 'points',
    reason: 'A pair kept for training races only where it is clearly the better one.',
  },
  wishPoints: {
    mean: 2,
    unit: 'points',
    reason: 'Who stands on it has felt it; it outweighs small differences only.',
  },
  strangerPoints: {
    mean: 1,
    unit: 'points',
    reason: 'A pair of the team is for those whose own is worse.',
  },
} as const satisfies FigureTable;

export const PAIRS = valuesOf(PAIR_FIGURES);
