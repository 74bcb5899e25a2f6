import { valuesOf, type FigureTable } from '../figure';

/** Figures of the bench plan. */
export const PLAN_FIGURES = {
  kelvinPerMin: {
    mean: { hotter: 20, cooler: 5 },
    unit: 'K/min',
    reason: 'An iron heats faster than it cools; a change takes whole minutes.',
  },
  defaultPriority: { mean: 1, unit: '1', reason: 'All pairs alike, unless somebody says so.' },
  searchS: { mean: 2, unit: 's', reason: 'As long as one likes to wait for a plan.' },
  mostSearchS: {
    mean: 10,
    unit: 's',
    reason: 'Nobody waits longer, and a server has others to answer.',
  },
  tasksPerS: {
    mean: 300_000,
    unit: '1/s',
    reason:
      'Tasks that a usual machine puts in place in a second: what a time to search stands for.',
  },
  endsTried: {
    mean: [1, 1.02, 1.05, 1.1, 1.2, 1.5],
    unit: '1',
    reason: 'Ends aimed at by the first plans, by the soonest that is possible.',
  },
  foremanShare: { mean: 0.6, unit: '1', reason: 'Tries that go on in time; the others fill gaps.' },
  restartAfter: {
    mean: 200,
    unit: '1',
    reason: 'Tries in vain before the best is taken up again.',
  },
  moves: {
    mean: { taskShare: 0.3, stretchShare: 0.1, shakeShare: 0.02, pressingShare: 0.25 },
    unit: '1',
    reason: 'How far a try goes, by the length of the plan.',
  },
  boundLevels: {
    mean: 24,
    unit: '1',
    reason:
      'Times before and after work that the bound tries: more change it by less than a minute.',
  },
  minutesLogSd: {
    mean: 0.2,
    unit: 'log',
    reason:
      'Minutes of one and the same step differ by a fifth, until the bench has its own records.',
  },
  sureRuns: { mean: 400, unit: '1', reason: 'Runs of a plan: shares are steady to 0.02.' },
  sureShare: { mean: 0.95, unit: '1', reason: '19 times in 20.' },
  slackStepMin: { mean: 5, unit: 'min', reason: 'Nobody keeps single minutes free.' },
  slackSteps: { mean: 12, unit: '1', reason: 'An hour at the most: more is another plan.' },
  longerShiftH: { mean: [1, 2], unit: 'h', reason: 'What one asks of somebody at the most.' },
  helperH: { mean: [2, 4, 8], unit: 'h', reason: 'How long a helper may come for.' },
  helperStarts: { mean: 8, unit: '1', reason: 'Hours from the start at which help may come.' },
  remedySearchS: {
    mean: 0.05,
    unit: 's',
    reason: 'Many changes are tried: each gets little time.',
  },
  remedySteps: {
    mean: 8000,
    unit: '1',
    reason: 'Steps that all tried changes may have together: a large bench tries fewer.',
  },
  fewestRemedies: { mean: 6, unit: '1', reason: 'One of each kind is always tried.' },
  remedyShare: { mean: 0.9, unit: '1', reason: 'A change that helps less is not worth its words.' },
  remediesSaid: { mean: 3, unit: '1', reason: 'More is a list, not advice.' },
  leastVisitMin: {
    mean: 1,
    unit: 'min',
    reason: 'A pair is fetched and put away, however little is done to it.',
  },
  tickShare: {
    mean: 0.1,
    unit: '1',
    reason:
      'Nobody works ten times as fast as usual: a visit over so soon was ticked off at its end.',
  },
  blockPauseMin: {
    mean: 10,
    unit: 'min',
    reason: 'A pause as short as a walk to the rack does not break a run of the same work.',
  },
  sameMin: {
    mean: 0.01,
    unit: 'min',
    reason: 'Lateness that differs by less is the same: times are whole seconds.',
  },
  unsaidC: { mean: 120, unit: '°C', reason: 'The iron of a step that names no temperature.' },
} as const satisfies FigureTable;

export const PLAN = valuesOf(PLAN_FIGURES);
