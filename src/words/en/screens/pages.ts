export const error = {
  whatWentWrong: 'Something went wrong',
  screenFailed: 'This screen could not be shown.',
  typedIsKept: (message: string) => `What you typed is kept on this device. ${message}`,
  tryAgain: 'Try again',
};

export const layout = {
  frostPick: 'Frost Pick',
  sFrostPick: '%s · Frost Pick',
  description: 'From a look at the snow to waxed skis on the start line',
};

export const notFound = {
  whereIsIt: 'Page not found',
  notHere: 'There is nothing here.',
  notHereWhy: 'This outing or page does not exist in this database.',
  toTheNextOuting: 'Go to the next outing',
};

export const outingLoading = {
  loading: 'Loading…',
};

/** What a page is called, by its path. */
export const titles = {
  bench: 'Bench',
  grip: 'Grip',
  iron: 'Iron lab',
  labels: 'Labels',
  log: 'Log',
  pairs: 'Pairs',
  plan: 'Plan',
  season: 'Season',
  learning: 'Learning',
  test: 'Test',
  pick: 'Pick',
  settings: 'Settings',
  shelf: 'Shelf',
  skis: 'Skis',
  ski: 'Ski',
  snow: 'Snow',
  venue: 'Venue',
  wall: 'Wall sheet',
  newOuting: 'New outing',
};

export const noSheet = {
  jobSheet: 'Job sheet',
  backToTheBench: 'Back to the bench',
};
