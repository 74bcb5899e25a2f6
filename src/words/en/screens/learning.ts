import { countedResults } from '../choice';

export const learning = {
  question: 'What have tests and outcomes taught?',
  nothing: 'Nothing yet',
  nothingHint: 'It learns from glide tests of waxes on the shelf, and from how choices turned out.',
  toTest: 'Start a glide test',
  toLog: 'Rate a choice',
  /** Both in the same unit: it is said once. */
  offsetIs: (offset: string, sd: string) => `${offset.split(' ')[0]} ± ${sd}`,
  at: (venue: string) => `at ${venue}`,
  from: (tests: number, outcomes: number, elsewhere: number) =>
    tests + outcomes === 0
      ? `No results here yet. This comes from ${elsewhere} ${elsewhere === 1 ? 'result' : 'results'} elsewhere.`
      : `From ${countedResults(tests, outcomes)} here${elsewhere === 0 ? '' : `, and ${elsewhere} elsewhere`}.`,
  MEANING: {
    none: 'The snow here needs the usual wax.',
    softer: 'The snow here needs a softer wax than usual.',
    harder: 'The snow here needs a harder wax than usual.',
    softer_maybe: 'The snow here may need a softer wax than usual. It could still be chance.',
    harder_maybe: 'The snow here may need a harder wax than usual. It could still be chance.',
  },
  spread: (before: string, now: string) =>
    `Uncertainty of the model here: ${before} before, ${now} now.`,
  coefficients: 'What has changed',
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
  test: (waxes: readonly string[], runs: number) => `Test: ${waxes.join(', ')} (${runs} runs)`,
  muteTest: (skis: readonly string[]) => `Test: ${skis.join(', ')}`,
  MUTE: {
    test: 'Teaches nothing. It needs two waxes from the shelf, a snow reading and the hill.',
    outcome: 'Says nothing about hardness.',
  },
  outcome: (wax: string, glide: string, feel: string) =>
    `${wax} was ${glide.toLowerCase()}. ${feel}.`,
  when: (outing: string, time: string) => `${outing}, ${time}`,
  moved: (offset: string) => `moved ${offset}`,
  elsewhere: 'elsewhere',
  leaveOut: 'Do not count',
  leaveOutOf: (what: string) => `Do not count: ${what}`,
  countAgain: 'Count again',
  countAgainOf: (what: string) => `Count again: ${what}`,
  isOut: 'not counted',
  isForgotten: 'ignored',
  left: 'No longer counted.',
  back: 'Counted again.',
  forget: 'Ignore all so far',
  forgotten: 'Only results from now on count.',
  remembered: 'All results count again.',
  since: (time: string) => `Only results since ${time} count.`,
  countAll: 'Count all again',
  notATime: 'That is not a time.',
};
