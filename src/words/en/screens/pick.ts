import { resultsInWords } from '../choice';
import { plain } from '../../quantities';
export const pickWax = {
  startOutsideWeather: 'The start is outside the time the weather covers.',
  weightsZero: 'All weights are 0. Give at least one above 0.',
  shelfEmpty: 'The shelf is empty. Give products, or add waxes to the shelf.',
};

export const saveChoice = {
  outing: 'Outing',
  reading: 'Reading',
  product: 'Product',
  takeAProduct: 'Choose a product.',
  start: 'Start',
  startIsMissing: 'Start is missing.',
  basis: 'Basis',
  chooseWhatTheSnowIs: 'Choose between outlook and reading.',
  correctionByHand: 'Correction by hand',
  correctionIsMissing: 'Correction is missing.',
  stateOfTheBase: 'State of the base',
  reason: 'Reason',
  note: 'Note',
  thisOutingIsGoneChoose: 'This outing no longer exists. Choose another one.',
  readingCorrected: 'That reading was corrected in the meantime. Reload to see the new one.',
  noWeatherForStart: 'There is no weather for the start. Use the reading instead.',
  productGone: 'That product is no longer on the shelf. Choose another one.',
  overrideReasonMissing: (name: string, name2: string) =>
    `Say why you choose ${name} instead of ${name2}.`,
};

export const actions = {
  thisOutingIsGoneChoose: 'This outing no longer exists. Choose another one.',
};

export const outingFactsForm = {
  discipline: 'Discipline',
  purpose: 'Purpose',
  distance: 'Distance',
  start: (timeZone: string) => `Start (${timeZone})`,
  hoursOnSnow: 'Hours on snow',
  emptyAboutHours: (estimatedHours: string) =>
    `Leave empty for about ${estimatedHours} h, from the distance`,
  legacyFluorocarbons: 'Legacy fluorocarbons',
  excluded: 'Excluded',
  allowedPrivateUse: 'Allowed (private use)',
};

export const usePick = {
  start: 'Start',
  startIsMissing: 'Start is missing.',
  correction: 'Correction',
  correctionMissing: 'Enter a correction, or 0.',
  reason: 'Reason',
  note: 'Note',
};

export const wallText = {
  feedTheBase: 'Condition the base',
  alongTheEdges: 'Along the edges',
  beneath: 'Underneath',
  waxOfTheDay: 'Wax of the day',
  wax: 'Wax',
  snow: 'Snow',
  asksForAWaxOf: (temperatureC: string, equivalentTemperatureC: string) =>
    `${temperatureC}. Needs a wax at ${equivalentTemperatureC}`,
  overruled: 'Instead of',
  reason: (insteadOf: string, reason: string) => `${insteadOf}. Reason: ${reason}`,
  form: 'Form',
  structure: 'Structure',
  mm: (structureword: string, widthMm: number, how: string) =>
    `${structureword}, ${plain(widthMm, 2)} mm. ${how}`,
  brushes: 'Brushes',
  expectedLoss: 'Expected loss',
  aboutBest: (percent: string, seconds: string, best: string) =>
    `${percent} %${seconds}, best of the shelf with ${best}`,
  about: (seconds: string) => `, about ${seconds}`,
  by: (label: string, label2: string) => `${label}, by ${label2}`,
  byStart: 'By start',
  mind: 'Caution',
  note: 'Note',
  start: (name: string, name2: string, start: string) => `${name}, ${name2}, start ${start}`,
  onTop: 'On top',
};

export const howPart = {
  feedTheBase: 'Condition the base',
  alongTheEdges: 'Along the edges',
  beneath: 'Underneath',
  waxOfTheDay: 'Wax of the day',
  dryPlaces: 'dry places',
  aNewGrind: 'a new grind',
  burntEdges: 'burnt edges',
  baseOfTheSkis: 'Base of the skis',
  jobSheetCovers: '. Its own job sheet covers that.',
  theLookOverFoundOn: (seenword: string, names: string, value: string) =>
    `The base check found ${seenword} on ${names}${value}`,
  oneCoat: 'one coat',
  coats: (coats: number) => `${coats} coats`,
  notOnTheShelf: 'Not on the shelf',
  form: 'Form',
  structure: 'Structure',
  theWayWeWork: 'Our way of working',
  setTheTeamsOwnWays: 'Change how the team works',
  oneWaxServes: 'One wax is enough for the whole time on snow.',
  oneWaxCosts: 'One wax for all costs',
  waxEachStart: 'give each start its own wax if you can.',
  notWorthTheChange: 'that is not worth a change.',
  overBestAtEach: (value: string) => `more than the best wax at each time: ${value}`,
  blendBeatsShelf: (gainPercent: string, parts: number) =>
    `A blend beats the shelf by ${gainPercent}: ${parts} parts `,
  toOf: (parts: number) => `to ${parts} of `,
  byMass: 'by mass.',
  nothing: 'nothing',
  onTop: 'On top',
};

export const lossChart = {
  lossChartLabel: (curves: string, fixed: string, units: string) =>
    `Expected glide loss in % by wax temperature, for ${curves}. Today: ${fixed} ${units}.`,
  equivalentTemperature: (units: string) => `Equivalent temperature (${units})`,
  expectedGlideLoss: 'Expected glide loss (%)',
  today80Band: (today: string) => `today ${today} (80 % band)`,
  asTable: 'The same as a table',
  lossTable: 'Expected loss in per cent by equivalent temperature',
  equivalent: (units: string) => `Equivalent (${units})`,
};

export const regretPart = {
  colder: (degrees: string) => `${degrees} colder`,
  asLikely: 'As likely',
  warmer: (degrees: string) => `${degrees} warmer`,
  drierAir: 'Drier air',
  moister: 'Moister',
  extraLossTable: 'Extra loss over the best wax if the day is different',
  regretHint: (regretPercent: string) =>
    `Compared with the best wax of that day. Knowing the snow exactly would save ${regretPercent} on average.`,
  byAirSame: (air: string) => `Going by the air (${air}) would choose the same.`,
  byAirOther: (air: string) => `Going by the air (${air}) would choose`,
  expectedLoss: ': expected loss ',
  insteadOf: (expectedLossPercent: string) => `instead of ${expectedLossPercent}.`,
  ifTheDayIs: 'If the day is',
  best: 'best',
};

export const whatIf = {
  wetter: (steps: number) => `${steps} wetter`,
  drier: (steps: number) => `${steps} drier`,
  asItIs: 'no change',
  slideAConditionTheAnswer:
    'Move a slider and the answer at the top changes. Nothing here is saved.',
  snowTemperature: 'Snow temperature',
  humidity: 'Humidity',
  sharpnessOfTheGrain: 'Sharpness of the grain',
  wetnessSteps: 'Wetness, steps of the snowball test',
  backToTheDayAs: 'Reset the sliders',
};

interface LearnedWords {
  shift: string;
  tests: number;
  outcomes: number;
  /** What would be best without learning, where it is another wax. */
  insteadOf: string | undefined;
}

export const pickScreen = {
  learned: ({ shift, tests, outcomes, insteadOf }: LearnedWords) =>
    `Learned: ${shift}, from ${resultsInWords(tests, outcomes)}. ${
      insteadOf ? `Without it: ${insteadOf}.` : 'Without it the choice is the same.'
    }`,
  whichWax: 'Which wax?',
  measureTheSnowFirst: 'Measure the snow first.',
  aChoiceStandsOnA: 'A choice needs a reading or an outlook. This outing has neither.',
  takeAReading: 'Take a reading',
  theShelfIsEmpty: 'The shelf is empty.',
  shelfEmpty: 'There is nothing to choose from. Add at least one glide wax to the shelf.',
  goToTheShelf: 'Go to the shelf',
  howToPutItOn: 'How to put it on',
  whyThisTemperature: 'Why this temperature',
  fixFieldsForReasons: 'Fix the marked fields to see the reasons.',
  yourOwnCorrection: 'Your own correction',
  correctionHint: (mostOwnK: string) => `Added to the sum, up to ${mostOwnK} up or down`,
  theOuting: 'The outing',
  costOfWrong: 'What a wrong wax would cost',
  whatIf: 'What if',
  duringTimeOnSnow: 'During the time on snow',
  theShelfByExpectedLoss: 'All waxes by expected loss',
  nothingAllowed: 'No wax on the shelf is allowed.',
  fixTheMarkedFieldsBelow: 'Fix the marked fields below.',
  whatIfShort: 'what if',
  costsAbout: 'Expected loss about',
  overTheWay: (distance: string, lossP90Seconds: string) =>
    `over ${distance}, nine times in ten under ${lossP90Seconds}.`,
  youOverrule: (name: string, seconds: string) => ` You chose it instead of ${name} (${seconds}).`,
  nextBest: 'Next best:',
  other: 'Best of the others:',
  snowAtTheStart: 'Snow over the course at the start',
  equivalentTemperature: 'Equivalent temperature',
  hardnessScale: 'Hardness, relative scale 0–100',
  structure: 'Structure',
  mm: (structureword: string, widthMm: number) => `${structureword}, ${plain(widthMm, 2)} mm`,
  asksFor: (needs: string, additives: string) => `Asks for ${needs}: ${additives}`,
  noAdditiveIsNeeded: 'No additive is needed.',
  theOddsCountTheWeathers: (snow: string, model: string) =>
    `The odds include the errors of the weather (± ${snow}) and of the rules (± ${model}).`,
  theOddsCountTheSpread: (snow: string, model: string) =>
    `The odds include the errors of the reading (± ${snow}) and of the rules (± ${model}).`,
  takeTheSnowFrom: 'Use the snow of',
  outlookAtTheStart: 'Outlook at the start',
  lastReading: 'Last reading',
  grainNotSeen: 'grain not seen',
  guessed: 'Guessed',
  seen: 'Seen',
  choiceSavedItStandsIn: 'Choice saved. The log keeps it as it is now.',
  whyInsteadOf: (name: string, name2: string) => `Why ${name} instead of ${name2}`,
  noteForTheLog: 'Note for the log',
  saving: 'Saving…',
  saveThisChoice: 'Save choice',
  wallSheet: 'Wall sheet',
  toTheLog: 'Go to the log',
  aWhatIfIsNot: 'A what-if cannot be saved. Reset the sliders first.',
};

export const wallSheet = {
  wallSheet: 'Wall sheet',
  noChoiceSaved: 'No choice is saved yet.',
  chooseTheWaxFirst: 'Choose the wax first',
  copiedAsText: 'Copied as text.',
  copyRefused: 'This browser does not allow copying. Select the text and copy it by hand.',
  start: (name: string, name2: string, start: string) => `${name}, ${name2}, start ${start}`,
  print: 'Print',
  copyAsText: 'Copy as text',
  backToTheChoice: 'Back to the choice',
  smallPrint: (createdAt: string, modelVersion: string) =>
    `Saved ${createdAt}, model ${modelVersion}. Labels, local rules and licensed practice come first.`,
};
