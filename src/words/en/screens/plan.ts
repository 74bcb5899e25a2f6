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
  hasStarted: (name: string) => `${name} has started. Untick it.`,
  nothingToPlan: 'Nobody on these outings has a pair yet. Assign pairs first.',
  nobodyDoes: (skill: string) =>
    `Nobody does ${skill.toLowerCase()}, and a sheet needs it. Tick it for somebody.`,
};

export const keepPlan = {
  cannotStand: (pair: string, why: string) => `${pair}: ${why}`,
  anotherPlan: 'There is a newer plan. Move the step there.',
  past: 'Steps that are done or in progress cannot be moved.',
  tooOld: 'Making this plan took too long. Plan again.',
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
  nobodyHint: 'Put skiers on the start list of this outing first.',
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
    `${pair} is the tightest: almost certainly ready by ${ready}, due ${due}.`,
  inTime: (share: string) => `It is in time in ${share} of trial runs.`,
  slack: ({ minutes, what, clock, who, share }: SlackWords) =>
    `Spare time helps most before “${what}” (${clock}${who ? `, ${who}` : ''}). With ${minutes} min there it is in time in ${share} of trial runs.`,
  noSlackHelps: 'Spare time would not help. Start earlier, do less, or add a person.',
  never: 'not in these shifts',
  noChoice: (names: string) =>
    `No wax is chosen for ${names}, so those sheets have no waxing yet. Choose the wax, then plan again.`,
  planOf: (outings: string) => `For ${outings}.`,
  notOfThis: 'This plan is for other outings. Tick this one below and plan again.',
  gapLate: (share: string) => `At most ${share} worse than the best possible plan.`,
  gapTime: (share: string) => `At most ${share} longer than the shortest possible plan.`,
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
  planSo: 'Use this',
  planSoWith: (what: string) => `Use this: ${what}`,
  print: 'Print the plan',
  csv: 'CSV',
  changed: {
    choice: (outing: string) =>
      `The wax for ${outing} was chosen after this plan. Plan again to include it.`,
    start: (outing: string) => `The start of ${outing} has moved. Plan again.`,
    sheet: (pair: string) => `${pair} has a different sheet now. Plan again to include it.`,
  },
  behind: (count: number) =>
    count === 1
      ? 'One step should have started by now. Plan again (R).'
      : `${count} steps should have started by now. Plan again (R).`,
  kept: (late: string) => `The plan is made. ${late}`,
  keptAllReady: 'Every pair is ready in time.',
  keptLate: (span: string) => `The latest pair is ${span} late.`,
  takenBack: 'The previous plan is back.',
  helps: 'What would help',
  helpsLate: (change: string, left: string) => `${change} ${left}`,
  helpsNone: 'Then every pair is ready in time.',
  helpsSome: (minutes: string) => `Then pairs are still late, ${minutes} in all.`,
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
    running: 'in progress',
    waiting: 'done, waiting',
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
    `${what} of ${pair} now starts at ${from}.`,
  past: 'Steps that are done or in progress cannot be moved.',
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
  sure: 'Almost certainly by',
  due: 'Due',
  stands: 'Progress',
  late: (span: string) => `${span} late`,
  before: (span: string) => `${span} before the start`,
  done: 'done',
  notStarted: 'not started',
  next: (what: string) => `next: ${what}`,
};

export const cabinForm = {
  title: 'Outings, people and tools',
  summary: (people: string, irons: number, [vices, stands]: readonly number[]) =>
    `${people}. Irons: ${irons}, vices: ${vices}, brush stands: ${stands}. Change`,
  liquidFor: (pairs: number) =>
    `Liquid instead of hot wax for ${pairs === 1 ? '1 pair' : `${pairs} pairs`}`,
  saved: 'Left out to save time',
  without: (programme: string) => `Without “${programme}”`,
  outings: 'Outings',
  outing: (name: string, start: string, starters: number) =>
    `${name}, ${start}, ${starters === 1 ? '1 skier' : `${starters} skiers`}`,
  people: 'People',
  name: 'Name',
  from: 'From',
  to: 'To',
  skills: 'Skills',
  addPerson: 'Add a person or a shift',
  removePerson: (name: string) => `Delete ${name || 'this person'}`,
  remove: 'Delete',
  irons: 'Irons, separated by commas',
  vices: 'Vices',
  brushStands: 'Brush stands',
  coolingPlaces: 'Places to cool',
  opensAt: 'Cabin opens',
  closesAt: 'Cabin closes',
  readyMin: 'Ready before the start',
  topHours: 'Top layers at the earliest, before the start',
};

export const planFiles = {
  noPlan: 'There is no plan yet.',
  nobody: 'Nobody of that name is in the plan.',
};
