import { countedResults } from '../choice';
import type { WordsAt } from '../../language';
import { plain } from '../../quantities';

export const learning: WordsAt<'screens/learning'> = {
  learning: {
    question: 'Was haben Tests und Ergebnisse gelehrt?',
    nothing: 'Noch nichts',
    nothingHint:
      'Gelernt wird aus Gleittests mit Wachsen aus dem Regal und daraus, wie Wahlen ausgingen.',
    toTest: 'Gleittest starten',
    toLog: 'Eine Wahl bewerten',
    /** Both in the same unit: it is said once. */
    offsetIs: (offset: string, sd: string) => `${offset.split(' ')[0]} ± ${sd}`,
    at: (venue: string) => `an ${venue}`,
    from: (tests: number, outcomes: number, elsewhere: number) =>
      tests + outcomes === 0
        ? `Hier gibt es noch keine Ergebnisse. Das stammt aus ${plain(elsewhere)} ${elsewhere === 1 ? 'Ergebnis' : 'Ergebnissen'} anderswo.`
        : `Aus ${countedResults(tests, outcomes)} hier${elsewhere === 0 ? '' : `, und ${plain(elsewhere)} anderswo`}.`,
    MEANING: {
      none: 'Der Schnee hier braucht das übliche Wachs.',
      softer: 'Der Schnee hier braucht ein weicheres Wachs als üblich.',
      harder: 'Der Schnee hier braucht ein härteres Wachs als üblich.',
      softer_maybe:
        'Der Schnee hier braucht vielleicht ein weicheres Wachs als üblich. Es kann noch Zufall sein.',
      harder_maybe:
        'Der Schnee hier braucht vielleicht ein härteres Wachs als üblich. Es kann noch Zufall sein.',
    },
    spread: (before: string, now: string) =>
      `Unsicherheit des Modells hier: ${before} vorher, ${now} jetzt.`,
    coefficients: 'Was sich geändert hat',
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
      test: 'Lehrt nichts. Nötig sind zwei Wachse aus dem Regal, eine Schneemessung und der Hang.',
      outcome: 'Sagt nichts über die Härte.',
    },
    outcome: (wax: string, glide: string, feel: string) =>
      `${wax} war ${glide.toLowerCase()}. ${feel}.`,
    when: (outing: string, time: string) => `${outing}, ${time}`,
    moved: (offset: string) => `verschoben ${offset}`,
    elsewhere: 'anderswo',
    leaveOut: 'Nicht zählen',
    leaveOutOf: (what: string) => `Nicht zählen: ${what}`,
    countAgain: 'Wieder zählen',
    countAgainOf: (what: string) => `Wieder zählen: ${what}`,
    isOut: 'nicht gezählt',
    isForgotten: 'ignoriert',
    left: 'Zählt nicht mehr.',
    back: 'Zählt wieder.',
    forget: 'Alles bisher ignorieren',
    forgotten: 'Nur Ergebnisse ab jetzt zählen.',
    remembered: 'Alle Ergebnisse zählen wieder.',
    since: (time: string) => `Nur Ergebnisse seit ${time} zählen.`,
    countAll: 'Alle wieder zählen',
    notATime: 'Das ist kein Zeitpunkt.',
  },
};
