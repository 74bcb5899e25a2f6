export const planSheet = {
  thisOutingIsGoneChoose: 'This outing no longer exists. Choose another one.',
  thisSkiIsGoneChoose: 'This ski no longer exists. Choose another one.',
};

export const useRunner = {
  stepOf: (sheet: string, step: string) => `${sheet}: ${step}`,
};

export const runJob = {
  alreadyOnBench: 'This ski is already on the bench. Continue that job.',
  takenBack: (title: string) => `${title}, undone`,
  thisJobWasPutAway: 'This job was stopped. Start a new one.',
  movedElsewhere: 'Another device moved this job forward. Check which step it is at now.',
  atFirstStep: 'This is the first step.',
  thisJobIsDone: 'This job is done.',
  sayWhyTheStepIs: 'Say why you skip this step.',
  jobOver: 'That job is finished or no longer exists.',
};

const each = (isPair: boolean) => (isPair ? ' on each ski' : '');

export const figuresLine = {
  onePass: (isPair: boolean) => `1 pass${each(isPair)}`,
  oneStroke: (isPair: boolean) => `1 stroke${each(isPair)}`,
  grams: (grams: number, isPair: boolean) => `${grams} g${isPair ? ' for both skis' : ''}`,
  sAPass: (passS: number) => `${passS} s a pass`,
  passesOf: (passes: number, paces: readonly number[], isPair: boolean) =>
    `${passes} passes${each(isPair)} of ${paces.join(', ')} s`,
  restBetween: (rests: readonly number[]) =>
    new Set(rests).size === 1 ? `rest ${rests[0]} s between` : `rest ${rests.join(', ')} s between`,
  passes: (passes: number, isPair: boolean) => `${passes} passes${each(isPair)}`,
  strokes: (strokes: number, isPair: boolean) => `${strokes} strokes${each(isPair)}`,
  waitAtLeast: (wait: string, least: string) => `${wait}, at least ${least}`,
};

export const benchScreen = {
  question: 'What is on the bench?',
  nothingYet: 'Nothing yet',
  handsAreFree: (value: string) => `${value}, nothing to do now`,
  oneWaits: 'One is waiting',
  wait: (waits: number) => `${waits} are waiting`,
  inHandWaiting: (count: number, waits: number) => `${count} to work on, ${waits} waiting`,
  underWay: 'In progress',
  stepOf: (position: number, steps: number) => `Step ${position} of ${steps}:`,
  left: (left: string) => `, ${left} left`,
  over: ', over',
  skisFor: (name: string) => `Skis for ${name}`,
  allSkis: 'All skis',
  rackEmpty: 'The rack is empty. Add a pair first.',
  noSkiFree: 'No ski of this kind is free.',
  goToTheSkis: 'Go to the skis',
  skisForThisOuting: 'Skis for this outing',
  jobSheetOf: (name: string) => `Job sheet for ${name}`,
  doneForThisOuting: 'Done for this outing',
  lookAtTheSheet: 'Show the sheet',
  notificationsMissing: 'This browser has no notifications. You still get the tile and the sound.',
  itWillTellYouWhen: 'You get a notification when a wait ends.',
  notificationsRefused: 'Notifications are not allowed. You still get the tile and the sound.',
  tellMeWhenAWait: 'Notify me when a wait ends',
  pair: 'Pair',
  type: 'Type',
  waxReserve: 'Wax reserve',
  care: 'Care',
  sheet: 'Sheet',
  due: 'due',
};

export const stepsList = {
  endedEarly: 'ended early',
  until: 'Until:',
  sameCautionAsStep: (first: number) => `Same caution as step ${first}.`,
  done: 'done',
  skipped: 'skipped',
};

export const planScreen = {
  noAnswerFromTheServer: 'The server did not answer. The sheet has not changed.',
  theJobSheetOf: (title: string) => `Job sheet for ${title}`,
  ofWork: (span: string) => `${span} of work`,
  forWord: (choiceName: string) => `, for ${choiceName}`,
  stepsOfWaitingBetweenThem: (count: number, span: string, value: string) =>
    `${count} steps, with ${span} of waiting${value}.`,
  noWaxChosen: 'No wax is chosen for this outing, so the sheet has no wax of the day.',
  chooseTheWaxFirst: 'Choose the wax first',
  shortened: 'The bench plan asks for less on this sheet, to save time.',
  startThisJob: 'Start job',
  printTheSheet: 'Print sheet',
  lookTheSkiOver: 'Check the ski',
  programmes: 'Programmes',
  addOrLeaveOut: 'Add or leave out',
  theRoom: 'Room temperature',
  stepByStep: 'Step by step',
};

export const jobEnd = {
  skip: 'Skip',
  whyItIsSkipped: 'Reason for skipping',
  skipThisStep: 'Skip this step',
  keepIt: 'Cancel',
  isDoneItsReserveThe: (title: string) =>
    `${title} is done. Wax reserve, shelf and log are updated.`,
  waitsEndedEarly: (early: number) => `${early} waits were ended early. `,
  stepsWereSkipped: (skipped: number) => `${skipped} steps were skipped.`,
  toTheSki: 'To the ski',
  toTheLog: 'Go to the log',
  undoTheLastStep: 'Undo the last step',
  isPutAwayUnfinished: (name: string) => `${name}: stopped before the end.`,
  putThisJobAway: 'Stop this job',
};

export const jobTabs = {
  done: 'done',
  skisOnTheBench: 'Skis on the bench',
  step: (position: number) => `step ${position}`,
  anotherSki: 'Another ski',
  waits: 'waits',
};

export const paceGuide = {
  paceLabel: (passS: number, pass: number, passes: number) =>
    `Pace: ${passS} seconds from tip to tail, pass ${pass} of ${passes}.`,
  tip: 'tip',
  tail: 'tail',
  startTheBead: 'Start the pace',
  fromTheTipAgain: 'Back to the tip',
  tickIsOn: 'Tick on',
  tickIsOff: 'Tick off',
  backToTheTip: ', rest: iron the other ski',
  passOf: (pass: number, passes: number, value: string) => `Pass ${pass} of ${passes}${value}`,
  thenRest: (seconds: number) => `, then rest ${seconds} s`,
};

export const strokeCounter = {
  countAStroke: 'Count a stroke',
  enough: ', enough',
  of: (count: number, wanted: number, value: string) => `${count} of ${wanted}${value}`,
  reset: 'Reset',
};

export const stepFace = {
  over: 'Over',
  since: (left: string) => `Over for ${left}.`,
  atLeastMore: (span: string) => `At least ${span} more.`,
  longEnoughIfItMust: 'You can go on if you must. The full time is better.',
  doneWhen: 'Done when:',
  ourWay: (school: string) => ` Our way: ${school}.`,
  setAtTheIron: 'Iron set to',
  takenFromTheShelf: 'Taken from the shelf',
};

export const runner = {
  stepOf: (name: string, position: number, count: number) =>
    `${name}, step ${position} of ${count}`,
  allSteps: (name: string, count: number) => `${name}, all ${count} steps`,
  done: 'Done',
  endTheWaitEarly: 'End the wait early',
  nextSki: 'Next ski',
  toTheBench: 'To the bench',
  tooShort: (left: string) => `${left} short of the least. The wax is not ready.`,
  endItAnyway: 'End it anyway',
  keepWaiting: 'Keep waiting',
  left: (steps: number, at: string) =>
    steps === 1 ? `Last step, done about ${at}.` : `${steps} steps left, done about ${at}.`,
  doneNext: 'Done, next',
  oneStepBack: 'Back one step',
  keysHint: 'Space: next step. u: back.',
  theWholeSheet: 'The whole sheet',
};

export const block = {
  question: (person: string, from: string, to: string) => `${person}, ${from} to ${to}`,
  questionNoBlock: (person: string) => `${person}, by the plan`,
  none: 'Nothing more to do',
  pairsDone: (done: number, all: number) => `${done} of ${all} pairs done`,
  forSkier: (skier: string) => `for ${skier}`,
  waits: (left: string) => `waits ${left}`,
  sheet: 'Sheet',
  sheetOf: (ski: string) => `Sheet of ${ski}`,
  done: (ski: string) => `${ski} is done`,
  allDone: 'All done',
  onePairBack: 'One pair back',
  takeBack: (ski: string) => `${ski} is not done yet`,
  ticked: (ski: string) => `${ski}: done.`,
  unticked: (ski: string) => `${ski}: open again.`,
  toThePlan: 'To the plan',
  onEachPair: 'On each pair',
  doneWhen: 'Done when:',
  byThePlan: 'By the plan',
  workThis: (person: string) => `Work ${person}’s block`,
  pairs: (count: number) => (count === 1 ? 'one pair' : `${count} pairs`),
  line: (from: string, what: string, pairs: string) => `${from} ${what}, ${pairs}`,
};
