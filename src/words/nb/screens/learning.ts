import { countedResults } from '../choice';
import type { WordsAt } from '../../language';
import { plain } from '../../quantities';

export const learning: WordsAt<'screens/learning'> = {
  learning: {
    question: 'Hva har tester og resultater lært oss?',
    nothing: 'Ingenting ennå',
    nothingHint: 'Den lærer av glidtester med voks fra hylla, og av hvordan valgene slo ut.',
    toTest: 'Start en glidtest',
    toLog: 'Vurder et valg',
    /** Both in the same unit: it is said once. */
    offsetIs: (offset: string, sd: string) => `${offset.split(' ')[0]} ± ${sd}`,
    at: (venue: string) => `på ${venue}`,
    from: (tests: number, outcomes: number, elsewhere: number) =>
      tests + outcomes === 0
        ? `Ingen resultater her ennå. Dette er fra ${plain(elsewhere)} ${elsewhere === 1 ? 'resultat' : 'resultater'} andre steder.`
        : `Fra ${countedResults(tests, outcomes)} her${elsewhere === 0 ? '' : `, og ${plain(elsewhere)} andre steder`}.`,
    MEANING: {
      none: 'Snøen her trenger vanlig voks.',
      softer: 'Snøen her trenger mykere voks enn vanlig.',
      harder: 'Snøen her trenger hardere voks enn vanlig.',
      softer_maybe: 'Snøen her trenger kanskje mykere voks enn vanlig. Det kan være tilfeldig.',
      harder_maybe: 'Snøen her trenger kanskje hardere voks enn vanlig. Det kan være tilfeldig.',
    },
    spread: (before: string, now: string) =>
      `Usikkerheten i modellen her: ${before} før, ${now} nå.`,
    coefficients: 'Hva som er endret',
    coefficientsTable: 'Deler av regnskapet, før og nå',
    coefficient: 'Del av regnskapet',
    before: 'Før',
    now: 'Nå',
    offset: 'Alt annet, her',
    times: (factor: string, sd: string) => `${factor} ± ${sd} ganger`,
    venues: 'Etter sted',
    venuesTable: 'Avvik for hvert sted',
    venue: 'Sted',
    offsetOf: 'Avvik',
    results: 'Resultater',
    noResults: 'Ingen resultater ennå.',
    test: (waxes: readonly string[], runs: number) =>
      `Test: ${waxes.join(', ')}; ${plain(runs)} kjøringer`,
    muteTest: (skis: readonly string[]) => `Test: ${skis.join(', ')}`,
    MUTE: {
      test: 'Lærer oss ingenting. Den trenger to vokser fra hylla, en snømåling og bakken.',
      outcome: 'Sier ingenting om hardhet.',
    },
    outcome: (wax: string, glide: string, feel: string) =>
      `${wax} var ${glide.toLowerCase()}. ${feel}.`,
    when: (outing: string, time: string) => `${outing}, ${time}`,
    moved: (offset: string) => `flyttet ${offset}`,
    elsewhere: 'andre steder',
    leaveOut: 'Ikke tell med',
    leaveOutOf: (what: string) => `Ikke tell med: ${what}`,
    countAgain: 'Tell med igjen',
    countAgainOf: (what: string) => `Tell med igjen: ${what}`,
    isOut: 'telles ikke',
    isForgotten: 'ignorert',
    left: 'Telles ikke lenger.',
    back: 'Telles igjen.',
    forget: 'Ignorer alt hittil',
    forgotten: 'Bare resultater fra nå av teller.',
    remembered: 'Alle resultater telles igjen.',
    since: (time: string) => `Bare resultater siden ${time} teller.`,
    countAll: 'Tell alle med igjen',
    notATime: 'Det er ikke noe tidspunkt.',
  },
};
