import type { GlideMeasure } from '../../../core/glide';
import type { WordsAt } from '../../language';
import { plain } from '../../quantities';

const UNIT: Record<GlideMeasure, string> = { seconds: 's', metres: 'm', feel: 'Punkte' };

export const test: WordsAt<'screens/test'> = {
  keepTest: {
    outingGone: 'Diesen Einsatz gibt es nicht mehr. Einen anderen wählen.',
    testGone: 'Diesen Test gibt es nicht mehr. Einen neuen beginnen.',
    runGone: 'Diese Fahrt gibt es nicht mehr.',
    notInTest: (ski: string) => `${ski} ist nicht in diesem Test.`,
    full: (most: number) => `Ein Test fasst ${plain(most)} Fahrten. Einen neuen beginnen.`,
  },
  testScreen: {
    question: 'Was gleitet besser, und ist das sicher?',
    none: 'Noch kein Gleittest',
    noneHint:
      'Sagen, was verglichen wird. Die Reihenfolge der Fahrten gleicht eine sich ändernde Spur aus.',
    noRuns: 'Bereit für die erste Fahrt',
    chooseTest: 'Test',
    testOf: (skis: string, time: string) => `${time}: ${skis}`,
    runBack: 'Fahrt gelöscht.',
    results: 'Was die Fahrten sagen',
    difference: (b: string, a: string, difference: string) => `${b} ist ${difference} als ${a}.`,
    between: (low: string, high: string) =>
      `95-%-Bereich, gültig nach beliebig vielen Fahrten: ${low} bis ${high}.`,
    noInterval: 'Zu wenige Fahrten, um zu sagen, wie sicher das ist.',
    friction: (percent: string, low: string, high: string) =>
      `Reibung: ${percent} % (${low} bis ${high}).`,
    frictionOnly: (percent: string) => `Reibung: ${percent} %.`,
    side: {
      seconds: (value: string, isMore: boolean) => `${value} ${isMore ? 'langsamer' : 'schneller'}`,
      metres: (value: string, isMore: boolean) => `${value} ${isMore ? 'weiter' : 'kürzer'}`,
      feel: (value: string, isMore: boolean) => `${value} ${isMore ? 'besser' : 'schlechter'}`,
    } satisfies Record<GlideMeasure, (value: string, isMore: boolean) => string>,
    drift: (perTen: string) =>
      `Die Spur ändert sich um ${perTen} in zehn Minuten. Das ist herausgerechnet.`,
    runs: 'Fahrten',
    conditions: (snow: string, humidity: string) => `Schnee zu Beginn: ${snow}, Luft ${humidity}.`,
    structure: (words: string) => `Struktur: ${words}.`,
    track: (words: string) => `Spur: ${words}.`,
    unit: UNIT,
  },
  runEntry: {
    runOf: (ski: string, value: number) => `Fahrt mit ${ski}: ${plain(value)}`,
    cannotKeep:
      'Dieser Browser speichert nichts auf dem Gerät. Noch einmal senden, wenn der Server antwortet.',
    title: 'Nächste Fahrt',
    ski: 'Ski',
    result: { seconds: 'Zeit', metres: 'Auslauf', feel: 'Gefühl (0 bis 10)' } satisfies Record<
      GlideMeasure,
      string
    >,
    save: 'Fahrt speichern',
    next: (ski: string) => `Als Nächstes: ${ski}`,
    waiting: (count: number) =>
      count === 1
        ? '1 Fahrt wartet auf diesem Gerät, bis der Server antwortet.'
        : `${plain(count)} Fahrten warten auf diesem Gerät, bis der Server antwortet.`,
    refused: (what: string, why: string) => `${what} wurde abgewiesen: ${why}`,
    drop: 'Diese Fahrt löschen',
    tryAgain: 'Noch einmal senden',
    enter: 'Das Ergebnis der Fahrt eingeben.',
  },
  gates: {
    title: 'Die Lichtschranken lesen',
    standIns: (speed: number) =>
      `Diese Lichtschranken sind simuliert. Sie laufen ${plain(speed)}-mal so schnell wie die Uhr.`,
    start: 'Den Läufer loslassen',
    stop: 'Die Lichtschranken anhalten',
    waiting: 'Wartet aufs Ziel…',
    read: (seconds: string) =>
      `Die Lichtschranken sagen ${seconds}. Prüfen und die Fahrt speichern.`,
    none: 'Die Lichtschranken geben keine Zeit. Eingeben oder noch einmal fahren.',
  },
  runTable: {
    caption: 'Alle Fahrten, die neueste zuerst',
    number: 'Fahrt',
    time: 'Uhrzeit',
    ski: 'Ski',
    result: 'Ergebnis',
    odd: 'Auffällig',
    remove: (number: number) => `Fahrt ${plain(number)} löschen`,
    takeBack: 'Löschen',
    actions: 'Aktionen',
    onDevice: 'auf diesem Gerät',
  },
  newTest: {
    title: 'Neuer Test',
    waxes: 'Wachse des Regals',
    waxesHint:
      'Aus einem Test mit Wachsen aus dem Regal lernt auch die Wahl. Nötig sind eine Schneemessung und der Hang.',
    skis: 'Ski oder Wachse, eines pro Zeile',
    measure: 'Gemessen',
    MEASURE: {
      seconds: 'Sekunden zwischen zwei Lichtschranken',
      metres: 'Meter Auslauf',
      feel: 'Gefühl, 0 bis 10',
    } satisfies Record<GlideMeasure, string>,
    dropM: 'Höhenunterschied des Hangs',
    lengthM: 'Länge am Hang',
    fromRest: 'Aus dem Stand von oben',
    hillHint: 'Mit dem Hang wird der Unterschied auch als % Reibung gezeigt.',
    tester: 'Wer fährt',
    track: 'Spur',
    structure: 'Struktur',
    reference: 'Referenzski',
    noReference: 'Keiner: alle reihum, hin und zurück',
    referenceHint:
      'Er fährt in jeder Runde zuerst und zuletzt und zeigt, wie sich die Spur ändert.',
    begin: 'Test starten',
  },
  gripTests: {
    title: 'Abstoß am markierten Hang',
    hint: 'Alle zwei Schritte eine Marke den Hang hinauf setzen. Zählen, wie viele der Läufer erreicht, bevor der Ski rutscht.',
    wax: 'Steigwachs',
    layers: 'Schichten',
    marks: 'Erreichte Marken',
    verdict: 'Unter dem Fuß',
    tester: 'Wer fährt',
    save: 'Steigtest speichern',
    best: (wax: string, marks: number, layers: number) =>
      `${wax} hält bisher am besten: ${plain(marks)} Marken mit ${layers === 1 ? 'einer Schicht' : `${plain(layers)} Schichten`}.`,
    noneHolds:
      'Noch hält keines. Ein weicheres Wachs oder eine Schicht mehr versuchen. Wenn es vereist oder bremst, ein härteres oder eine Schicht weniger.',
    caption: 'Steigwachse, das beste zuerst',
    remove: (wax: string) => `${wax} löschen`,
    takeBack: 'Löschen',
    actions: 'Aktionen',
    takenBack: 'Gelöscht.',
  },
};
