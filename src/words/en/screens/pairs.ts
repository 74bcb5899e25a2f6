export const changeStarters = {
  outingGone: 'This outing no longer exists. Choose another one.',
  skierGone: 'This skier no longer exists. Add them by name.',
  starterGone: 'This skier was already taken off the list.',
  pairGone: 'This pair is no longer on the rack. Choose another one.',
  isOnTheList: (name: string) => `${name} is on the list already.`,
};

export const pairsScreen = {
  question: 'Which pair for whom?',
  nobody: 'Nobody is on the start list yet',
  startHere:
    'Put skiers on the list. Each gets the pair that suits the day best, with the reasons.',
  allHave: (count: number) => (count === 1 ? 'The skier has a pair' : `All ${count} have a pair`),
  someHave: (count: number, all: number) => `${count} of ${all} have a pair`,
  theDay: (width: string, ground: string) =>
    `The snow needs a structure of ${width} and is ${ground}.`,
  noDay:
    'The snow is not known yet: take a reading or choose the wax first. Pairs are ranked without the grind until then.',
  noTests: 'Points compare pairs. They are not seconds, and glide tests do not count here yet.',
  list: 'Start list',
  planTheBench: 'Plan the bench',
  skis: 'All skis',
};

export const starterRow = {
  given: 'given by hand',
  suggested: 'suggested',
  noPair: 'No pair',
  toRack: 'Put a pair on the rack',
  noPairWhy: 'No free pair of the right type on the rack is theirs or the team’s.',
  why: (text: string) => `Why: ${text}`,
  against: 'Against: ',
  pair: (name: string) => `Pair for ${name}`,
  asSuggested: (name: string) => `As suggested${name ? `: ${name}` : ''}`,
  option: (name: string, points: string) => `${name} (${points} points)`,
  whyThis: (name: string) => `Why this pair for ${name}`,
  likes: (name: string) => `${name} would take`,
  noWish: 'No wish',
  weight: (name: string) => `Weight of ${name}`,
  details: (name: string) => `Change pair, wish or weight of ${name}`,
  menu: (name: string) => `What to do with ${name}`,
  takeOff: 'Delete from the list',
  takeOffWho: (name: string) => `Take ${name} off the list`,
  takenOff: (name: string) => `${name} is off the list.`,
  others: (text: string) => `Next: ${text}`,
  saved: (name: string) => `Saved for ${name}.`,
  sheet: 'Job sheet',
  saveWhy: 'Save',
};

export const addStarters = {
  title: 'Put skiers on the list',
  name: 'Name of the skier',
  weight: 'Weight (optional)',
  add: 'Add to the list',
  everybody: (type: string) => `Add all owners of ${type} pairs`,
  added: (count: number) =>
    count === 0
      ? 'Everybody who owns such a pair is on the list already.'
      : count === 1
        ? 'One skier added.'
        : `${count} skiers added.`,
};
