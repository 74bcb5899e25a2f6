export const withdrawChoice = {
  thatChoiceWasWithdrawnAlready: 'That choice was already withdrawn.',
  thatChoiceIsBackAlready: 'That choice is already back.',
};

export const benchLog = {
  fromTheBenchFor: (name: string) => `From the bench, for ${name}`,
  theSheet: 'The sheet',
  doneIn: (endedAt: string, tookMs: string) => `Done ${endedAt} in ${tookMs}`,
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
  none: 'No past day in the log is like this one.',
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

export const logScreen = {
  choiceWithdrawnItStaysIn: 'Choice withdrawn. The record keeps it.',
  whatWasChosenAndWhy: 'What was chosen, and why?',
  choices: 'Choices',
  csv: 'CSV',
  json: 'JSON',
  findByWaxOutingOr: 'Find by wax, outing or note',
  nothingInTheLogHas: 'No choice in the log matches.',
  pagesOfTheLog: 'Pages of the log',
  newerChoices: 'Newer choices',
  pageOf: (page: number, pages: number) => `Page ${page} of ${pages}`,
  olderChoices: 'Older choices',
  nothingFound: 'Nothing found.',
  nothingYet: 'Nothing yet.',
  chooseAWaxAndSave: 'Choose a wax and save the choice',
  theLatest: 'the latest',
  theFirst: 'the first',
  anOutingThatIsGone: 'a deleted outing',
  ofFor: (value: string, count: number, name: string) => `${value} of ${count}, for ${name}`,
  outingGone: 'Deleted outing',
  chosen: (name: string, createdAt: string) => `${name}, chosen ${createdAt}`,
  best: (expectedLossPercent: string, probabilityBest: string) =>
    `${expectedLossPercent}, best ${probabilityBest}`,
  ledgerAndShelfAsThey: (modelVersion: string) =>
    `Reasons and shelf at that time (model ${modelVersion})`,
  withdrawThisChoice: 'Withdraw choice',
};
