import { countedResults } from '../choice';
import type { WordsAt } from '../../language';
import { plain } from '../../quantities';

export const learning: WordsAt<'screens/learning'> = {
  learning: {
    question: 'Hva har tester og resultater lært oss?',
    nothing: 'Ingenting ennå',
    nothingHint:
      'To ting lærer: en glidtest der voksene heter som på hylla, og hvordan et valg slo ut.',
    toTest: 'Begynn en glidtest',
    toLog: 'Si hvordan et valg slo ut',
    /** Both in the same unit: it is said once. */
    offsetIs: (offset: string, sd: string) => `${offset.split(' ')[0]} ± ${sd}`,
    at: (venue: string) => `på ${venue}`,
    from: (tests: number, outcomes: number, elsewhere: number) =>
      tests + outcomes === 0
        ? `Ingenting er prøvd her ennå. Dette er fra ${plain(elsewhere)} ${elsewhere === 1 ? 'resultat' : 'resultater'} andre steder.`
        : `Fra ${countedResults(tests, outcomes)} her${elsewhere === 0 ? '' : `, og ${plain(elsewhere)} andre steder`}.`,
    MEANING: {
      none: 'Snøen her ber om det huset sier.',
      softer: 'Snøen her ber om en mykere voks enn huset sier.',
      harder: 'Snøen her ber om en hardere voks enn huset sier.',
      softer_maybe:
        'Det ser ut til at snøen her ber om en mykere voks; det kan ennå være tilfeldig.',
      harder_maybe:
        'Det ser ut til at snøen her ber om en hardere voks; det kan ennå være tilfeldig.',
    },
    spread: (before: string, now: string) =>
      `Det modellen selv ikke vet om en dag her: ${before} før, ${now} nå.`,
    coefficients: 'Hva som har flyttet seg',
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
      test: 'Lærer oss ingenting: to av navnene må være vokser på hylla, med lest snø og kjent bakke.',
      outcome: 'Det sier ingenting om regnskapet.',
    },
    outcome: (wax: string, glide: string, feel: string) =>
      `${wax} var ${glide.toLowerCase()}. ${feel}.`,
    when: (outing: string, time: string) => `${outing}, ${time}`,
    moved: (offset: string) => `flyttet ${offset}`,
    elsewhere: 'andre steder',
    leaveOut: 'Utelat',
    leaveOutOf: (what: string) => `Utelat: ${what}`,
    countAgain: 'Tell med igjen',
    countAgainOf: (what: string) => `Tell med igjen: ${what}`,
    isOut: 'utelatt',
    isForgotten: 'glemt',
    left: 'Det teller ikke lenger.',
    back: 'Det teller igjen.',
    forget: 'Glem alt hittil',
    forgotten: 'Bare resultater fra nå av teller.',
    remembered: 'Alt teller igjen som før.',
    since: (time: string) => `Bare resultater siden ${time} teller.`,
    countAll: 'Tell alle med igjen',
    notATime: 'Det er ikke noe tidspunkt.',
  },
};
