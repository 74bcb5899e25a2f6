export const error = {
  whatWentWrong: 'Something went wrong',
  thisScreenCouldNotBe: 'This screen could not be shown.',
  whatYouTypedIsKept: (message: string) => `What you typed is kept on this device. ${message}`,
  tryAgain: 'Try again',
};

export const layout = {
  frostPick: 'Frost Pick',
  sFrostPick: '%s · Frost Pick',
  fromALookAtThe: 'From a look at the snow to waxed skis on the start line',
};

export const notFound = {
  whereIsIt: 'Page not found',
  notHere: 'There is nothing here.',
  thisOutingOrPageDoes: 'This outing or page does not exist in this database.',
  toTheNextOuting: 'Go to the next outing',
};

export const outingOutingIdBench = {
  bench: 'Bench',
  jobSheet: 'Job sheet',
  backToTheBench: 'Back to the bench',
};

export const outingOutingIdGrip = {
  grip: 'Grip',
};

export const outingOutingIdIron = {
  ironLab: 'Iron lab',
};

export const outingOutingIdLabels = {
  labels: 'Labels',
};

export const outingOutingIdLog = {
  log: 'Log',
};

export const outingOutingIdPairs = {
  pairs: 'Pairs',
};

export const outingOutingIdPlan = {
  plan: 'Plan',
};

export const outingOutingIdSeason = {
  season: 'Season',
};

export const outingOutingIdLearning = {
  learning: 'Learning',
};

export const outingOutingIdTest = {
  test: 'Test',
};

export const outingOutingIdPick = {
  pick: 'Pick',
};

export const outingOutingIdSettings = {
  settings: 'Settings',
};

export const outingOutingIdShelf = {
  shelf: 'Shelf',
};

export const outingOutingIdSkis = {
  skis: 'Skis',
};

export const outingOutingIdSkisSkiId = {
  ski: 'Ski',
};

export const outingLoading = {
  loading: 'Loading…',
};

export const outingOutingIdSnow = {
  snow: 'Snow',
};

export const outingOutingIdVenue = {
  venue: 'Venue',
};

export const outingOutingIdWall = {
  wallSheet: 'Wall sheet',
};

export const outingNew = {
  newOuting: 'New outing',
};
