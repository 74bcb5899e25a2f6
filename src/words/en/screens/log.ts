import type { LogKind } from '../../../core/model';

export const withdrawChoice = {
  thatChoiceWasWithdrawnAlready: 'That choice was already withdrawn.',
  thatChoiceIsBackAlready: 'That choice is already back.',
};

export const benchLog = {
  theSheet: 'The sheet',
  doneIn: (took: string) => `Took ${took}`,
  ofSteps: (steps: number, steps2: number) => `${steps} of ${steps2} steps`,
  gFromTheShelf: (grams: string) => `${grams} g from the shelf`,
  endedEarly: (early: number, value: string) => `${early} ${value} ended early`,
  skipped: (title: string, reason: string) => `skipped ${title}: ${reason}`,
  wait: 'wait',
  waits: 'waits',
};

export const outcome = {
  title: 'How did it go?',
  hint: 'Two taps. What was learned is under Learning.',
  asked: (wax: string, outing: string) => `${wax}, ${outing}`,
  glide: 'Glide',
  feel: 'Under the foot',
  GLIDE: { fast: 'Fast', fair: 'Fair', slow: 'Slow' },
  FEEL: {
    grabbed: 'Grabbed: too soft',
    right: 'Right',
    dry: 'Dry: too hard',
    cannot_tell: 'Cannot tell',
  },
  was: (glide: string, feel: string) => `Turned out: ${glide.toLowerCase()}. ${feel}.`,
  saved: (wax: string) => `Noted how ${wax} turned out.`,
  takenBack: 'Taken back. It is asked again.',
  takeBack: 'Take back how it turned out',
  choiceGone: 'That choice was withdrawn or no longer exists.',
  nothingToTakeBack: 'There is nothing to take back.',
  learning: 'Learning',
  season: 'Season',
};

export const past = {
  title: 'Days like this one',
  day: (outing: string, time: string) => `${outing}, ${time}`,
  taken: (wax: string) => `taken: ${wax}`,
  KIND: { like: 'like this one', near: 'near it', other: '' },
  difference: {
    equivalent: (degrees: string) => `asked for ${degrees}`,
    humidity: (percent: string) => `air ${percent}`,
    wetness: (words: string) => words.toLowerCase(),
    grain: (words: string) => words.toLowerCase(),
    origin: (words: string) => words.toLowerCase(),
  },
  same: 'Same snow and air.',
  differs: (parts: readonly string[]) => `Differs: ${parts.join(', ')}.`,
  notSaid: 'Nobody has said how it turned out.',
};

export const note = {
  title: 'Write a note',
  keep: 'Add note',
  kept: 'Note added.',
  remove: 'Remove',
  removeThis: (words: string) => `Remove the note: ${words}`,
  removed: 'Note removed.',
  outingGone: 'That outing no longer exists. The note was not added.',
  noteGone: 'That note no longer exists.',
};

export const timeline = {
  title: 'What was done',
  find: 'Find by word',
  show: 'Show',
  SHOW: {
    all: 'Everything',
    choices: 'Choices',
    readings: 'Readings',
    jobs: 'Jobs on the bench',
    tests: 'Tests',
    outcomes: 'How it turned out',
    skis: 'Kilometres and care',
    notes: 'Notes',
    photos: 'Photos',
  },
  KIND: {
    choice: 'Choice',
    reading: 'Reading',
    import: 'Readings from a file',
    job: 'Job',
    test: 'Test',
    grip: 'Grip test',
    outcome: 'How it turned out',
    ski: 'Pair',
    note: 'Note',
    photo: 'Photo',
    ski_photo: 'Photo of a pair',
  } satisfies Record<LogKind, string>,
  of: 'From',
  allOutings: 'All outings',
  thisOuting: 'This outing',
  choicesAs: (format: string) => `Choices as ${format}`,
  nothingFound: 'Nothing in the log matches. Try fewer words, or show everything.',
  nothingYet: 'Readings, choices, jobs, tests and notes will stand here in order of time.',
  pages: 'Pages of the log',
  newer: 'Newer',
  older: 'Older',
  pageOf: (page: number, pages: number) => `Page ${page} of ${pages}`,
  where: (kind: string, outing: string | undefined, time: string) =>
    outing === undefined ? `${kind}, ${time}` : `${kind}, ${outing}, ${time}`,
  by: (where: string, devices: readonly string[]) => `${where}, by ${devices.join(' and ')}`,
  reading: (temperature: string, humidity: string) => `${temperature}, air ${humidity}`,
  readingsFromFile: (count: number) =>
    count === 1 ? 'One reading from a file' : `${count} readings from a file`,
  importTakenBack: 'Readings from a file, all withdrawn',
  jobOn: (title: string, ski: string) => `${title}, ${ski}`,
  testOf: (skis: readonly string[]) => skis.join(' against '),
  runs: (count: number) => (count === 1 ? 'One run' : `${count} runs`),
  gripTried: (verdict: string, marks: number, layers: number) =>
    `${verdict}, ${marks} marks up the hill, ${layers === 1 ? 'one layer' : `${layers} layers`}`,
  theTest: 'The test',
  removedPair: 'A removed pair',
  photoOfSnow: 'Photo of the snow',
};

export const logScreen = {
  question: 'What was done, and how did it turn out?',
  choiceWithdrawnItStaysIn: 'Choice withdrawn. The record keeps it.',
  csv: 'CSV',
  json: 'JSON',
  nothingYet: 'Nothing chosen yet.',
  chooseAWaxAndSave: 'Choose a wax and save the choice',
  chosen: (outing: string, time: string) => `Chosen for ${outing}, ${time}.`,
  notSaid: 'Not said yet how it turned out.',
  best: (expectedLossPercent: string, probabilityBest: string) =>
    `${expectedLossPercent}, best ${probabilityBest}`,
  ledgerAndShelfAsThey: (modelVersion: string) =>
    `Reasons and shelf at that time (model ${modelVersion})`,
  withdrawThisChoice: 'Withdraw choice',
};
