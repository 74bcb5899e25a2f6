import type { LogKind } from '../../../core/model';

export const withdrawChoice = {
  choiceGone: 'That choice was already deleted.',
  choiceBackAlready: 'That choice is already back.',
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
  hint: 'Two taps. See Learning for what it taught.',
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
  takenBack: 'Deleted. You will be asked again.',
  takeBack: 'Delete this rating',
  choiceGone: 'That choice was deleted.',
  nothingToTakeBack: 'There is nothing to delete.',
  learning: 'Learning',
  season: 'Season',
};

export const past = {
  title: 'Days like this one',
  day: (outing: string, time: string) => `${outing}, ${time}`,
  taken: (wax: string) => `taken: ${wax}`,
  KIND: { like: 'like this one', near: 'near it', other: '' },
  difference: {
    equivalent: (degrees: string) => `needed ${degrees}`,
    humidity: (percent: string) => `air ${percent}`,
    wetness: (words: string) => words.toLowerCase(),
    grain: (words: string) => words.toLowerCase(),
    origin: (words: string) => words.toLowerCase(),
  },
  same: 'Same snow and air.',
  differs: (parts: readonly string[]) => `Differs: ${parts.join(', ')}.`,
  notSaid: 'Not rated.',
};

export const note = {
  title: 'Write a note',
  keep: 'Add note',
  kept: 'Note added.',
  remove: 'Delete',
  removeThis: (words: string) => `Delete the note: ${words}`,
  removed: 'Note deleted.',
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
  nothingYet: 'Readings, choices, jobs, tests and notes appear here.',
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
  importTakenBack: 'Readings from a file, all deleted',
  jobOn: (title: string, ski: string) => `${title}, ${ski}`,
  testOf: (skis: readonly string[]) => skis.join(' against '),
  runs: (count: number) => (count === 1 ? 'One run' : `${count} runs`),
  gripTried: (verdict: string, marks: number, layers: number) =>
    `${verdict}, ${marks} marks up the hill, ${layers === 1 ? 'one layer' : `${layers} layers`}`,
  theTest: 'The test',
  removedPair: 'A deleted pair',
  photoOfSnow: 'Photo of the snow',
};

export const logScreen = {
  question: 'What was done, and how did it turn out?',
  choiceWithdrawnItStaysIn: 'Choice deleted. The record keeps it.',
  csv: 'CSV',
  json: 'JSON',
  nothingYet: 'Nothing chosen yet.',
  saveChoiceFirst: 'Choose a wax and save the choice',
  chosen: (outing: string, time: string) => `Chosen for ${outing}, ${time}.`,
  notSaid: 'Not rated yet.',
  best: (expectedLossPercent: string, probabilityBest: string) =>
    `${expectedLossPercent}, best ${probabilityBest}`,
  ledgerAndShelfAsThey: (modelVersion: string) =>
    `Reasons and shelf at that time (model ${modelVersion})`,
  withdrawThisChoice: 'Delete choice',
};
