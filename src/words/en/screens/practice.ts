import type { Drill } from '../../../core/practice';

export const DRILL: Record<Drill, string> = {
  iron: 'Iron',
  snow: 'Read the snow',
  pick: 'Pick',
  order: 'Order of work',
  see: 'See it',
  test: 'Test it',
};

export const DRILL_HINT: Record<Drill, string> = {
  iron: 'Move an iron over a ski so that the wax flows and the base stays cool.',
  snow: 'Say what snow lies there, and how sure you are.',
  pick: 'Pick a wax from a shelf. Each wrong one costs seconds.',
  order: 'Put the steps of a job in a safe order.',
  see: 'Say what a mark on a base is, and what to do first.',
  test: 'Judge from six times whether one ski is faster.',
};

export const answer = {
  notOfThis: 'This answer belongs to another situation. Reload the page.',
  noItem: 'There is no such situation. Go on to the next one.',
  noPerson: 'This person was deleted. Choose a name.',
  noDispute: 'This is settled already.',
};

export const home = {
  title: 'Practice',
  noName: 'What do you want to get better at?',
  asWho: (name: string) => `What does ${name} practise today?`,
  madeUp: 'All situations are made up. Nothing here changes your readings, stock or log.',
  five: 'Practise for five minutes',
  fiveHint: 'Starts with repeats, then what you know least.',
  roundDone: 'Five minutes are up. Stop here, or go on.',
  due: (count: number) => (count === 1 ? '1 due' : `${count} due`),
  fresh: (count: number) => (count === 0 ? '' : `${count} new`),
  begin: (drill: string) => `Start: ${drill}`,
  beginShort: 'Start',
  drills: 'Drills',
  notYet: 'not tried yet',
  skill: (percent: number, low: number, high: number) => `${percent} % (${low}–${high})`,
  answers: (count: number) => (count === 1 ? '1 answer' : `${count} answers`),
  back: 'Back to Frost Pick',
  print: 'Print',
  csv: 'Answers as CSV',
};

export const people = {
  title: 'Who is practising',
  hint: 'A name on this computer, no account. Without one, nothing is saved.',
  now: 'Practising now',
  nobody: 'Nobody: save nothing',
  name: 'Your name',
  add: 'Add me',
  forget: (name: string) => `Delete ${name}`,
  forgetAsk: (name: string) => `Delete ${name} and all answers? This cannot be undone.`,
  forgetYes: 'Delete',
  cancel: 'Cancel',
};

export const progress = {
  title: 'How it goes',
  none: 'Your progress appears here after the first answers.',
  chart: 'Skill by answer, with its 95 % range',
  axis: 'Skill, %',
  answerAxis: 'Answer',
  table: 'Skill by drill',
  drill: 'Drill',
  skillNow: 'Skill now',
  before: 'Five answers ago',
  pickBias: (kelvin: string, low: string, high: string, isSoft: boolean, cost: string) =>
    `When you pick, you go ${kelvin} too ${isSoft ? 'soft' : 'hard'} on average (${low} to ${high}). Going ${isSoft ? 'harder' : 'softer'} would have saved ${cost} an outing.`,
  pickFair: (low: string, high: string) =>
    `When you pick, there is no clear bias yet (${low} to ${high}).`,
  snowBias: (kelvin: string, low: string, high: string, side: string) =>
    `You read the snow ${kelvin} too ${side} on average (${low} to ${high}).`,
  snowFair: (low: string, high: string) =>
    `When you read the snow, there is no clear bias yet (${low} to ${high}).`,
  warm: 'warm',
  cold: 'cold',
  calibration: 'How sure you were, and how often you were right',
  saidCol: 'You said',
  cameCol: 'It was so',
  between: 'Range',
  countCol: 'Answers',
  percent: (share: number) => `${Math.round(100 * share)} %`,
  range: (low: number, high: number) => `${Math.round(100 * low)}–${Math.round(100 * high)} %`,
};

export const group = {
  title: 'The group',
  caption: 'Skill of everybody by drill, %',
  name: 'Name',
  last: 'Last answer',
  never: 'never',
  all: 'Answers',
};

export const disputes = {
  title: 'Answers that somebody disagrees with',
  caption: 'For the team to look at',
  nobody: 'no name',
  open: 'Look at the situation',
  settle: 'Settled',
  settleOf: (what: string) => `Settled: ${what}`,
  settled: 'settled',
};
