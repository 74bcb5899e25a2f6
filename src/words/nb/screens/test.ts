import type { GlideMeasure } from '../../../core/glide';
import type { WordsAt } from '../../language';
import { plain } from '../../quantities';

const UNIT: Record<GlideMeasure, string> = { seconds: 's', metres: 'm', feel: 'poeng' };

export const test: WordsAt<'screens/test'> = {
  keepTest: {
    outingGone: 'Denne økta finnes ikke lenger. Velg en annen.',
    testGone: 'Denne testen finnes ikke lenger. Start en ny.',
    runGone: 'Denne kjøringen finnes ikke lenger.',
    notInTest: (ski: string) => `${ski} er ikke med i denne testen.`,
    full: (most: number) => `En test rommer ${plain(most)} kjøringer. Start en ny.`,
  },
  testScreen: {
    question: 'Hva glir best, og er det sikkert?',
    none: 'Ingen glidtest ennå',
    noneHint:
      'Si hva som skal sammenlignes. Rekkefølgen på kjøringene tar hensyn til at sporet endrer seg.',
    noRuns: 'Klar for første kjøring',
    chooseTest: 'Test',
    testOf: (skis: string, time: string) => `${time}: ${skis}`,
    runBack: 'Kjøringen er slettet.',
    results: 'Hva kjøringene sier',
    difference: (b: string, a: string, difference: string) => `${b} er ${difference} enn ${a}.`,
    between: (low: string, high: string) =>
      `95 %-område, gyldig etter hvor mange kjøringer som helst: ${low} til ${high}.`,
    noInterval: 'For få kjøringer til å si hvor sikkert det er.',
    friction: (percent: string, low: string, high: string) =>
      `Friksjon: ${percent} % (${low} til ${high}).`,
    frictionOnly: (percent: string) => `Friksjon: ${percent} %.`,
    side: {
      seconds: (value: string, isMore: boolean) => `${value} ${isMore ? 'tregere' : 'raskere'}`,
      metres: (value: string, isMore: boolean) => `${value} ${isMore ? 'lengre' : 'kortere'}`,
      feel: (value: string, isMore: boolean) => `${value} ${isMore ? 'bedre' : 'dårligere'}`,
    } satisfies Record<GlideMeasure, (value: string, isMore: boolean) => string>,
    drift: (perTen: string) =>
      `Sporet endrer seg med ${perTen} på ti minutter. Resultatet tar hensyn til det.`,
    runs: 'Kjøringer',
    conditions: (snow: string, humidity: string) =>
      `Snø da den begynte: ${snow}, luft ${humidity}.`,
    structure: (words: string) => `Struktur: ${words}.`,
    track: (words: string) => `Spor: ${words}.`,
    unit: UNIT,
  },
  runEntry: {
    runOf: (ski: string, value: number) => `Kjøring med ${ski}: ${plain(value)}`,
    cannotKeep: 'Denne nettleseren lagrer ingenting på enheten. Send igjen når serveren svarer.',
    title: 'Neste kjøring',
    ski: 'Ski',
    result: { seconds: 'Tid', metres: 'Utglidning', feel: 'Følelse (0 til 10)' } satisfies Record<
      GlideMeasure,
      string
    >,
    save: 'Lagre kjøringen',
    next: (ski: string) => `Neste: ${ski}`,
    waiting: (count: number) =>
      count === 1
        ? '1 kjøring venter på denne enheten til serveren svarer.'
        : `${plain(count)} kjøringer venter på denne enheten til serveren svarer.`,
    refused: (what: string, why: string) => `${what} ble avvist: ${why}`,
    drop: 'Slett denne kjøringen',
    tryAgain: 'Send igjen',
    enter: 'Skriv inn resultatet av kjøringen.',
  },
  gates: {
    title: 'Les fotocellene',
    standIns: (speed: number) =>
      `Disse fotocellene er simulert. De går ${plain(speed)} ganger så fort som klokken.`,
    start: 'Slipp løperen',
    stop: 'Stopp fotocellene',
    waiting: 'Venter på mål…',
    read: (seconds: string) => `Fotocellene sier ${seconds}. Sjekk det, og lagre kjøringen.`,
    none: 'Fotocellene gir ingen tid. Skriv den, eller kjør igjen.',
  },
  runTable: {
    caption: 'Alle kjøringer, den nyeste først',
    number: 'Kjøring',
    time: 'Klokkeslett',
    ski: 'Ski',
    result: 'Resultat',
    odd: 'Avvik',
    remove: (number: number) => `Slett kjøring ${plain(number)}`,
    takeBack: 'Slett',
    actions: 'Handlinger',
    onDevice: 'på denne enheten',
  },
  newTest: {
    title: 'Ny test',
    waxes: 'Vokser på hylla',
    waxesHint:
      'En test av vokser fra hylla lærer også opp valget. Den trenger en snømåling og bakken.',
    skis: 'Ski eller vokser, en på hver linje',
    measure: 'Måles',
    MEASURE: {
      seconds: 'Sekunder mellom to fotoceller',
      metres: 'Meter utglidning',
      feel: 'Følelse, 0 til 10',
    } satisfies Record<GlideMeasure, string>,
    dropM: 'Fallhøyde i bakken',
    lengthM: 'Lengde langs bakken',
    fromRest: 'Fra ro på toppen',
    hillHint: 'Med bakken vises forskjellen også som % friksjon.',
    tester: 'Hvem kjører',
    track: 'Spor',
    structure: 'Struktur',
    reference: 'Referanseski',
    noReference: 'Ingen: alle etter tur, frem og tilbake',
    referenceHint: 'Den kjører først og sist i hver runde og viser hvordan sporet endrer seg.',
    begin: 'Start testen',
  },
  gripTests: {
    title: 'Feste i den merkede bakken',
    hint: 'Sett merker for hvert andre steg opp en bakke. Tell merkene løperen når før skien glipper.',
    wax: 'Festevoks',
    layers: 'Lag',
    marks: 'Merker nådd',
    verdict: 'Under foten',
    tester: 'Hvem kjører',
    save: 'Lagre festetesten',
    best: (wax: string, marks: number, layers: number) =>
      `${wax} fester best hittil: ${plain(marks)} merker med ${layers === 1 ? 'ett lag' : `${plain(layers)} lag`}.`,
    noneHolds:
      'Ingen fester ennå. Prøv en mykere voks eller ett lag til. Hvis den iser eller bremser, prøv en hardere eller ett lag mindre.',
    caption: 'Festevoks, den beste først',
    remove: (wax: string) => `Slett ${wax}`,
    takeBack: 'Slett',
    actions: 'Handlinger',
    takenBack: 'Slettet.',
  },
};
