import { countedResults } from '../choice';
import type { WordsAt } from '../../language';
import { plain } from '../../quantities';

export const learning: WordsAt<'screens/learning'> = {
  learning: {
    question: 'Was haben Tests und Ergebnisse gelehrt?',
    nothing: 'Noch nichts',
    nothingHint:
      'Zweierlei lehrt: ein Gleittest, dessen Wachse wie im Regal heißen, und wie eine Wahl ausging.',
    toTest: 'Einen Gleittest beginnen',
    toLog: 'Sagen, wie eine Wahl ausging',
    /** Both in the same unit: it is said once. */
    offsetIs: (offset: string, sd: string) => `${offset.split(' ')[0]} ± ${sd}`,
    at: (venue: string) => `an ${venue}`,
    from: (tests: number, outcomes: number, elsewhere: number) =>
      tests + outcomes === 0
        ? `Hier wurde noch nichts probiert. Das stammt aus ${plain(elsewhere)} ${elsewhere === 1 ? 'Ergebnis' : 'Ergebnissen'} anderswo.`
        : `Aus ${countedResults(tests, outcomes)} hier${elsewhere === 0 ? '' : `, und ${plain(elsewhere)} anderswo`}.`,
    MEANING: {
      none: 'Der Schnee hier verlangt, was das Haus sagt.',
      softer: 'Der Schnee hier verlangt ein weicheres Wachs, als das Haus sagt.',
      harder: 'Der Schnee hier verlangt ein härteres Wachs, als das Haus sagt.',
      softer_maybe:
        'Es sieht aus, als verlange der Schnee hier ein weicheres Wachs; das kann noch Zufall sein.',
      harder_maybe:
        'Es sieht aus, als verlange der Schnee hier ein härteres Wachs; das kann noch Zufall sein.',
    },
    spread: (before: string, now: string) =>
      `Was das Modell selbst von einem Tag hier nicht weiß: ${before} vorher, ${now} jetzt.`,
    coefficients: 'Was sich verschoben hat',
    coefficientsTable: 'Teile der Rechnung, vorher und jetzt',
    coefficient: 'Teil der Rechnung',
    before: 'Vorher',
    now: 'Jetzt',
    offset: 'Alles andere, hier',
    times: (factor: string, sd: string) => `${factor} ± ${sd} mal`,
    venues: 'Nach Ort',
    venuesTable: 'Abweichung je Ort',
    venue: 'Ort',
    offsetOf: 'Abweichung',
    results: 'Ergebnisse',
    noResults: 'Noch kein Ergebnis.',
    test: (waxes: readonly string[], runs: number) =>
      `Test: ${waxes.join(', ')}; ${plain(runs)} Fahrten`,
    muteTest: (skis: readonly string[]) => `Test: ${skis.join(', ')}`,
    MUTE: {
      test: 'Lehrt nichts: zwei der Namen müssen Wachse des Regals sein, bei gelesenem Schnee und bekanntem Hang.',
      outcome: 'Das sagt nichts über die Rechnung.',
    },
    outcome: (wax: string, glide: string, feel: string) =>
      `${wax} war ${glide.toLowerCase()}. ${feel}.`,
    when: (outing: string, time: string) => `${outing}, ${time}`,
    moved: (offset: string) => `verschoben ${offset}`,
    elsewhere: 'anderswo',
    leaveOut: 'Weglassen',
    leaveOutOf: (what: string) => `Weglassen: ${what}`,
    countAgain: 'Wieder zählen',
    countAgainOf: (what: string) => `Wieder zählen: ${what}`,
    isOut: 'weggelassen',
    isForgotten: 'vergessen',
    left: 'Es zählt nicht mehr.',
    back: 'Es zählt wieder.',
    forget: 'Alles bisher vergessen',
    forgotten: 'Nur Ergebnisse ab jetzt zählen.',
    remembered: 'Alles zählt wieder wie vorher.',
    since: (time: string) => `Nur Ergebnisse seit ${time} zählen.`,
    countAll: 'Alle wieder zählen',
    notATime: 'Das ist kein Zeitpunkt.',
  },
};
