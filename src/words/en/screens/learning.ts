import { countedResults } from '../choice';

export const learning = {
  question: 'What have tests and outcomes taught?',
  nothing: 'Nothing yet',
  nothingHint:
    'Two things teach: a glide test whose waxes are called as on the shelf, and how a choice turned out.',
  toTest: 'Begin a glide test',
  toLog: 'Say how a choice turned out',
  /** Both in the same unit: it is said once. */
  offsetIs: (offset: string, sd: string) => `${offset.split(' ')[0]} ± ${sd}`,
  at: (venue: string) => `at ${venue}`,
  from: (tests: number, outcomes: number, elsewhere: number) =>
    tests + outcomes === 0
      ? `Nothing was tried here yet. This is from ${elsewhere} ${elsewhere === 1 ? 'result' : 'results'} elsewhere.`
      : `From ${countedResults(tests, outcomes)} here${elsewhere === 0 ? '' : `, and ${elsewhere} elsewhere`}.`,
  MEANING: {
    none: 'The snow here asks for what the house says.',
    softer: 'The snow here asks for a softer wax than the house says.',
    harder: 'The snow here asks for a harder wax than the house says.',
    softer_maybe: 'It looks as if the snow here asks for a softer wax; that may still be chance.',
    harder_maybe: 'It looks as if the snow here asks for a harder wax; that may still be chance.',
  },
  spread: (before: string, now: string) =>
    `What the model itself does not know of a day here: ${before} before, ${now} now.`,
  coefficients: 'What has moved',
  coefficientsTable: 'Parts of the ledger, before and now',
  coefficient: 'Part of the ledger',
  before: 'Before',
  now: 'Now',
  offset: 'Everything else, here',
  times: (factor: string, sd: string) => `${factor} ± ${sd} times`,
  venues: 'By venue',
  venuesTable: 'Offset of each venue',
  venue: 'Venue',
  offsetOf: 'Offset',
  results: 'Results',
  noResults: 'No result yet.',
  test: (waxes: readonly string[], runs: number) => `Test: ${waxes.join(', ')}; ${runs} runs`,
  muteTest: (skis: readonly string[]) => `Test: ${skis.join(', ')}`,
  MUTE: {
    test: 'Teaches nothing: two of its names must be waxes of the shelf, with the snow read and the hill known.',
    outcome: 'It says nothing about the ledger.',
  },
  outcome: (wax: string, glide: string, feel: string) =>
    `${wax} was ${glide.toLowerCase()}. ${feel}.`,
  when: (outing: string, time: string) => `${outing}, ${time}`,
  moved: (offset: string) => `moved ${offset}`,
  elsewhere: 'elsewhere',
  leaveOut: 'Leave out',
  leaveOutOf: (what: string) => `Leave out: ${what}`,
  countAgain: 'Count again',
  countAgainOf: (what: string) => `Count again: ${what}`,
  isOut: 'left out',
  isForgotten: 'forgotten',
  left: 'It does not count any more.',
  back: 'It counts again.',
  forget: 'Forget all so far',
  forgotten: 'Only results from now on count.',
  remembered: 'All counts again as before.',
  since: (time: string) => `Only results since ${time} count.`,
  countAll: 'Count all again',
  notATime: 'That is not a time.',
};
