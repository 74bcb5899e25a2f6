/** More names than these are counted. */
const LISTED_PAIRS = 4;

interface SlackWords {
  minutes: number;
  what: string;
  clock: string;
  who?: string;
  share: string;
}

export const planGround = {
  outingGone: 'This outing no longer exists. Choose another one.',
  hasStarted: (name: string) => `${name} has started. Leave it out.`,
  nothingToPlan: 'There is nothing to plan: nobody on these outings has a pair. Give pairs first.',
  nobodyDoes: (skill: string) =>
    `A sheet needs ${skill.toLowerCase()}, and nobody does that. Tick it for somebody.`,
};

export const keepPlan = {
  cannotStand: (pair: string, why: string) => `${pair}: ${why}`,
  anotherPlan: 'Another plan is in force by now. Look at it and move the step there.',
  past: 'What is done or under way cannot be moved.',
  tooOld: 'Making this plan took too long; the bench has moved on. Plan again.',
};

export const tickVisit = {
  notInPlan: 'This pair is not in the plan. Plan again.',
  notStarted: 'This pair is not started yet.',
  sheetChanged: 'The job sheet of this pair has changed since the plan. Plan again, then tick.',
  isDone: 'This step is done already.',
  notDone: 'This step is not done yet.',
  notYet: 'The steps before this one are not done yet.',
};

export const loadPlan = {
  me: 'Me',
  firstIron: 'Iron 1',
};

export const planScreen = {
  question: 'Who does what, and when?',
  nobody: 'Nobody is on a start list yet',
  nobodyHint: 'A plan is made of pairs. Put skiers on the list of this outing first.',
  toPairs: 'Choose who races on what',
  notYet: (pairs: number) => (pairs === 1 ? 'One pair to plan' : `${pairs} pairs to plan`),
  notYetHint: 'Check who is in the cabin, then make the plan.',
  allReady: (count: number, clock: string) =>
    count === 1 ? `Ready at ${clock}` : `All ${count} ready by ${clock}`,
  missStart: (missed: number, all: number) => `${missed} of ${all} miss the start`,
  someLate: (late: number, all: number) => `${late} of ${all} late`,
  byAtMost: (span: string) => `by up to ${span}`,
  cannotBeReady: (count: number, all: number) =>
    count === all ? 'No pair can be ready' : `${count} of ${all} cannot be ready`,
  leftOut: (pair: string, why: string) => `Not in the plan: ${pair}. ${why}`,
  keptLeftOut: (count: number) =>
    count === 1 ? 'One pair cannot be ready.' : `${count} pairs cannot be ready.`,
  withoutPair: (names: string) => `Without a pair: ${names}.`,
  tight: (pair: string, ready: string, due: string) =>
    `The tightest pair is ${pair}: 19 times in 20 it is ready by ${ready}. It is due at ${due}.`,
  inTime: (share: string) => `It is in time in ${share} of trial runs.`,
  slack: ({ minutes, what, clock, who, share }: SlackWords) =>
    `Slack helps most before its step “${what}” (${clock}${who ? `, ${who}` : ''}): with ${minutes} min kept free there it is in time in ${share}.`,
  noSlackHelps:
    'Free time helps nowhere: its own steps fill the time there is. Fewer steps, an earlier begin or another person would.',
  never: 'no time in these shifts',
  noChoice: (names: string) =>
    `No wax is chosen for ${names}: those sheets have no waxing yet. Choose the wax, then plan again.`,
  planOf: (outings: string) => `For ${outings}.`,
  notOfThis: 'The plan in force is for other outings. Tick this one below and plan again.',
  gapLate: (share: string) => `Its lateness is at most ${share} from the best possible.`,
  gapTime: (share: string) => `No plan can be more than ${share} shorter.`,
  best: 'No plan can be shorter.',
  moved: 'A step was moved by hand.',
  madeAt: (time: string) => `Made ${time}.`,
  make: 'Make the plan',
  again: 'Plan again from now',
  enough: 'Good enough, stop',
  searching: (share: string) => `Looking for a better plan: ${share}`,
  looking: 'Looking at sheets and pairs…',
  helping: 'Looking for what would help…',
  leaveOut: (what: string) => `Without ${what}.`,
  mostCoats: (coats: number) =>
    coats === 1 ? 'One coat of each wax.' : `At most ${coats} coats of each wax.`,
  liquidFor: (product: string, pairs: readonly string[], percent: string) =>
    `${product} instead of hot wax for ${
      pairs.length <= LISTED_PAIRS ? pairs.join(', ') : `${pairs.length} pairs`
    }. That loses up to ${percent} % of glide.`,
  planSo: 'Plan it so',
  planSoWith: (what: string) => `Plan it so: ${what}`,
  print: 'Print the plan',
  csv: 'CSV',
  changed: {
    choice: (outing: string) =>
      `The wax for ${outing} was chosen after this plan. Plan again to take it in.`,
    start: (outing: string) => `The start of ${outing} has moved. Plan again.`,
    sheet: (pair: string) =>
      `${pair} runs another sheet than the planned one. Plan again to take it in.`,
  },
  behind: (count: number) =>
    count === 1
      ? 'One step should have begun by now. Plan again from now, or press R.'
      : `${count} steps should have begun by now. Plan again from now, or press R.`,
  kept: (late: string) => `The plan is made. ${late}`,
  keptAllReady: 'Every pair is ready in time.',
  keptLate: (span: string) => `The latest pair is ${span} late.`,
  takenBack: 'The plan before is in force again.',
  helps: 'What would help',
  helpsLate: (change: string, left: string) => `${change} ${left}`,
  helpsNone: 'Then every pair is ready in time.',
  helpsSome: (minutes: string) => `Then ${minutes} of lateness are left, all pairs together.`,
  helpsPairs: (count: number) =>
    count === 1 ? 'Then one pair is still left out.' : `Then ${count} pairs are still left out.`,
};

export const board = {
  title: 'The board',
  overTime: 'Steps over time',
  hint: 'Choose a step to follow its pair or to move it. With a mouse, drag it.',
  people: 'Who',
  row: (name: string) => `Steps of ${name}`,
  now: 'now',
  waits: 'Waiting',
  waitsHint: (count: number) => (count === 1 ? '1 pair waits' : `${count} pairs wait`),
  task: (what: string, pair: string, from: string, to: string) =>
    `${what}: ${pair}, ${from} to ${to}`,
  state: {
    ahead: '',
    running: 'under way',
    waiting: 'done, waits',
    done: 'done',
  },
  pairs: (count: number) => `${count} pairs`,
  late: 'late',
  chosen: (pair: string, skier: string) => `${pair} for ${skier}`,
  step: (what: string, from: string, to: string) => `${what}, ${from} to ${to}`,
  wait: (span: string) => `waits ${span}`,
  earlier: '5 min earlier',
  later: '5 min later',
  with: 'Done by',
  close: 'Close',
  notMoved: (why: string) => `Not moved. ${why}`,
  movedTo: (what: string, pair: string, from: string) =>
    `${what} of ${pair} now begins at ${from}.`,
  past: 'What is done or under way cannot be moved.',
};

export const peopleLists = {
  title: 'Next for each person',
  nothing: 'Nothing more today.',
  workBlock: (name: string) => `Work ${name}’s block on the bench`,
  block: (from: string, what: string) => `${from} ${what}`,
  pairs: (count: number) => `${count} pairs`,
  ticked: (pair: string, what: string) => `${what} of ${pair} is done.`,
  unticked: (pair: string, what: string) => `${what} of ${pair} is open again.`,
  leaves: 'Leaves now: plan again',
  leavesWho: (name: string) => `${name} leaves now: plan again`,
  menu: (name: string) => `What to do with ${name}`,
  calendar: 'Calendar file',
  calendarOf: (name: string) => `Calendar file of ${name}`,
};

export const pairsTable = {
  title: 'By pair',
  caption: 'Pairs of the plan',
  pair: 'Pair',
  skier: 'For',
  outing: 'Outing',
  ready: 'Ready',
  sure: '19 times in 20 by',
  due: 'Due',
  stands: 'Stands',
  late: (span: string) => `${span} late`,
  before: (span: string) => `${span} before the start`,
  done: 'done',
  notStarted: 'not started',
  next: (what: string) => `next: ${what}`,
};

export const cabinForm = {
  title: 'What is planned, and who is in the cabin',
  summary: (people: string, irons: number, [vices, stands]: readonly number[]) =>
    `${people}; irons: ${irons}, vices: ${vices}, brush stands: ${stands}. Change`,
  liquidFor: (pairs: number) =>
    `Liquid instead of hot wax for ${pairs === 1 ? '1 pair' : `${pairs} pairs`}`,
  saved: 'Less on the sheets, to save time',
  without: (programme: string) => `Without “${programme}”`,
  outings: 'Outings',
  outing: (name: string, start: string, starters: number) =>
    `${name}, ${start}, ${starters === 1 ? '1 skier' : `${starters} skiers`}`,
  people: 'People',
  name: 'Name',
  from: 'From',
  to: 'To',
  skills: 'Also does',
  addPerson: 'Add a person or a shift',
  removePerson: (name: string) => `Remove ${name || 'this person'}`,
  remove: 'Remove',
  irons: 'Irons, parted by commas',
  vices: 'Vices',
  brushStands: 'Brush stands',
  coolingPlaces: 'Places to cool',
  opensAt: 'Cabin opens',
  closesAt: 'Cabin closes',
  readyMin: 'Ready before the start',
  topHours: 'Top layers at most this long before the start',
};

export const planFiles = {
  noPlan: 'There is no plan yet.',
  nobody: 'Nobody of that name is in the plan.',
};
