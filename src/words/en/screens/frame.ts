export const useTimers = {
  isOver: (skiName: string, title: string) => `${skiName}: ${title} is over`,
};

export const dayRail = {
  quick: 'Quick',
  snow: 'Snow',
  pick: 'Pick',
  grip: 'Grip',
  skis: 'Skis',
  pairs: 'Pairs',
  bench: 'Bench',
  plan: 'Plan',
  test: 'Test',
  log: 'Log',
  venue: 'Venue',
  shelf: 'Shelf',
  iron: 'Iron',
  practice: 'Practice',
  settings: 'Settings',
  measure: 'measure',
  old: (span: string) => `${span} old`,
  waiting: (count: number) => `${count} waiting`,
  newerSnow: 'newer snow',
  dayRail: 'Screens of the day',
  pressForKeys: 'Press ? for keys',
  demoData: 'Demo data. For your own, run npm start.',
  more: 'More',
  choose: 'choose',
  chosen: 'chosen',
};

export const rack = {
  rack: 'Rack',
  waiting: (count: number) => `${count} waiting`,
  over: (over: number) => `, ${over} over`,
  next: (value: string, skiName: string, value2: string) => `${value}. Next: ${skiName}, ${value2}`,
  overBy: (left: string) => `Over for ${left}`,
  overNow: 'over',
};

export const shortcuts = {
  keys: 'Keys',
  close: 'Close',
};

export const overLine = {
  overSince: (end: string) =>
    `This outing ended ${end}. The screens show how it was planned. They no longer advise.`,
  howDidItGo: 'What was chosen and why',
  newOuting: 'Plan the next outing',
};

export const snowLine = {
  snowLine: 'Snow line',
  outing: 'Outing',
  newOuting: 'New outing…',
  startIn: (left: string) => `start in ${left}`,
  startedAgo: (left: string) => `started ${left} ago`,
  noReadingYet: 'no reading yet',
  guessed: 'guessed',
  measured: 'measured',
  snowAir: (how: string, value: string, humidityFraction: string) =>
    `snow, ${how} ${value}, air ${humidityFraction}`,
  ago: (age: string) => `${age} ago`,
  forIn: (age: string) => `in ${age}`,
  atStart: 'at start',
  snowAtStartModelled: (airTemperatureC: string) =>
    `over the course at the start, air ${airTemperatureC}`,
  snowAtStartMeasured: 'at the start, as measured',
  computing: '…',
  noChoiceYet: 'no choice yet',
  choiceBestWith: (probabilityBest: string) => `choice, best with ${probabilityBest}`,
  choice: 'choice',
  snow: 'snow',
};

export const frame = {
  skipToTheWork: 'Skip to content',
};

export const logDecision = {
  close: 'Close',
  goOn: 'Go on with what is here',
  kept: (folder: string) => `The files as they are now are kept in ${folder}.`,
  nothing: 'There is nothing to decide.',
};
