import type { GlideMeasure } from '../../../core/glide';

export const keepTest = {
  outingGone: 'This outing no longer exists. Choose another one.',
  testGone: 'This test no longer exists. Start a new one.',
  runGone: 'This run no longer exists.',
  notInTest: (ski: string) => `${ski} is not in this test.`,
  full: (most: number) => `A test holds ${most} runs. Start a new one.`,
};

const UNIT: Record<GlideMeasure, string> = { seconds: 's', metres: 'm', feel: 'points' };

export const testScreen = {
  question: 'Which glides better, and is that sure?',
  none: 'No glide test yet',
  noneHint: 'Say what to compare. The order of the runs allows for a changing track.',
  noRuns: 'Ready for the first run',
  chooseTest: 'Test',
  testOf: (skis: string, time: string) => `${time}: ${skis}`,
  runBack: 'Run deleted.',
  results: 'What the runs say',
  difference: (b: string, a: string, difference: string) => `${b} is ${difference} than ${a}.`,
  between: (low: string, high: string) =>
    `95 % range, valid after any number of runs: ${low} to ${high}.`,
  noInterval: 'Too few runs to say how sure that is.',
  friction: (percent: string, low: string, high: string) =>
    `Friction: ${percent} % (${low} to ${high}).`,
  frictionOnly: (percent: string) => `Friction: ${percent} %.`,
  side: {
    seconds: (value: string, isMore: boolean) => `${value} ${isMore ? 'slower' : 'faster'}`,
    metres: (value: string, isMore: boolean) => `${value} ${isMore ? 'longer' : 'shorter'}`,
    feel: (value: string, isMore: boolean) => `${value} ${isMore ? 'better' : 'worse'}`,
  } satisfies Record<GlideMeasure, (value: string, isMore: boolean) => string>,
  drift: (perTen: string) =>
    `The track changes by ${perTen} in ten minutes. The result allows for it.`,
  runs: 'Runs',
  conditions: (snow: string, humidity: string) => `Snow when it began: ${snow}, air ${humidity}.`,
  structure: (words: string) => `Structure: ${words}.`,
  track: (words: string) => `Track: ${words}.`,
  unit: UNIT,
};

export const runEntry = {
  runOf: (ski: string, value: number) => `Run of ${ski}: ${value}`,
  cannotKeep: 'This browser stores nothing on the device. Send it again when the server answers.',
  title: 'Next run',
  ski: 'Ski',
  result: { seconds: 'Time', metres: 'Run-out', feel: 'Feel (0 to 10)' } satisfies Record<
    GlideMeasure,
    string
  >,
  save: 'Save run',
  next: (ski: string) => `Next: ${ski}`,
  waiting: (count: number) =>
    count === 1
      ? '1 run waits on this device until the server answers.'
      : `${count} runs wait on this device until the server answers.`,
  refused: (what: string, why: string) => `${what} was refused: ${why}`,
  drop: 'Delete this run',
  tryAgain: 'Send again',
  enter: 'Enter the result of the run.',
};

export const gates = {
  title: 'Read the timing gates',
  standIns: (speed: number) =>
    `These gates are simulated. They run ${speed} times faster than the clock.`,
  start: 'Let the skier go',
  stop: 'Stop the gates',
  waiting: 'Waiting for the finish…',
  read: (seconds: string) => `The gates say ${seconds}. Check it and save the run.`,
  none: 'The gates give no time. Type it, or run again.',
};

export const runTable = {
  caption: 'All runs, the newest first',
  number: 'Run',
  time: 'Time of day',
  ski: 'Ski',
  result: 'Result',
  odd: 'Odd',
  remove: (number: number) => `Delete run ${number}`,
  takeBack: 'Delete',
  actions: 'Actions',
  onDevice: 'on this device',
};

export const newTest = {
  title: 'New test',
  waxes: 'Waxes of the shelf',
  waxesHint:
    'A test of waxes from the shelf also teaches the choice. It needs a snow reading and the hill.',
  skis: 'Skis or waxes, one per line',
  measure: 'Measured',
  MEASURE: {
    seconds: 'Seconds between two gates',
    metres: 'Metres of run-out',
    feel: 'Feel, 0 to 10',
  } satisfies Record<GlideMeasure, string>,
  dropM: 'Drop of the hill',
  lengthM: 'Length along the slope',
  fromRest: 'From rest at the top',
  hillHint: 'With the hill, the difference is also shown as % of friction.',
  tester: 'Who skis',
  track: 'Track',
  structure: 'Structure',
  reference: 'Reference ski',
  noReference: 'None: all in turn, there and back',
  referenceHint: 'It runs first and last in each round, to show how the track changes.',
  begin: 'Start test',
};

export const gripTests = {
  title: 'Grip on the marked hill',
  hint: 'Set marks every two steps up a hill. Count the marks that the skier reaches before the ski slips.',
  wax: 'Grip wax',
  layers: 'Layers',
  marks: 'Marks reached',
  verdict: 'Under the foot',
  tester: 'Who skis',
  save: 'Save grip test',
  best: (wax: string, marks: number, layers: number) =>
    `${wax} holds best so far: ${marks} marks with ${layers === 1 ? 'one layer' : `${layers} layers`}.`,
  noneHolds:
    'None holds yet. Try a softer wax or one more layer. If it ices or drags, try a harder wax or one layer less.',
  caption: 'Grip waxes, the best first',
  remove: (wax: string) => `Delete ${wax}`,
  takeBack: 'Delete',
  actions: 'Actions',
  takenBack: 'Deleted.',
};
