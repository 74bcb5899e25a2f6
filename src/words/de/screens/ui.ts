import type { WordsAt } from '../../language';
import { plain } from '../../quantities';

const writes = (count: number) => (count === 1 ? '1 Eintrag' : `${plain(count)} Einträge`);

const TAKEN_IN = {
  ski: ['Ski', 'Ski'],
  reading: ['Messung', 'Messungen'],
  product: ['Produkt', 'Produkte'],
} as const;

export const ui: WordsAt<'screens/ui'> = {
  answer: {
    noAnswer:
      'Nicht gespeichert: der Server hat nicht geantwortet. Das Eingegebene bleibt. Noch einmal versuchen.',
  },
  late: {
    lost: 'Der Rest dieser Seite kam nicht an. Die Seite neu laden, sobald der Hauptcomputer antwortet.',
  },
  outbox: {
    kept: 'Auf diesem Gerät behalten. Gesendet wird, wenn der Hauptcomputer antwortet.',
  },
  linkLine: {
    looksOnly: 'Dieses Gerät schaut nur: was hier eingegeben wird, wird nicht gespeichert',
    lost: 'Keine Verbindung zum Hauptcomputer',
    turnedAway: 'Dieses Gerät ist nicht mehr gekoppelt: neu koppeln, um zu senden, was wartet',
    waiting: (count: number) => `${writes(count)} auf diesem Gerät in Warteschlange`,
    refused: (count: number) => `${writes(count)} abgewiesen`,
    sent: (count: number) => `${writes(count)} gesendet`,
    look: 'Ansehen',
    newer: 'Eine neuere Version von Frost Pick läuft. Laden, wenn du hier fertig bist.',
    load: 'Jetzt laden',
  },
  clash: {
    empty: 'leer',
    changedByOthers: 'Jemand anders hat das inzwischen geändert',
    theySet: (field: string, field2: string) => `${field}: dort steht ${field2}.`,
    takeTheirs: 'Das andere nehmen',
    keepMine: 'Meines behalten',
  },
  positionField: {
    position: 'Position',
    suchAs: 'Etwa 46.61 N 10.19 E oder 46°36′ N 10°11′ E',
    writeItAs: 'Die Position als 46.61 N 10.19 E oder 46°36′ N 10°11′ E schreiben.',
  },
  useTrack: {
    trackUnreadable:
      'Die Spur ließ sich auf diesem Gerät nicht lesen. Die Seite neu laden und noch einmal versuchen.',
    trackTooLarge:
      'Die Spur ist größer als 30 MB. Weniger Punkte aufzeichnen und noch einmal versuchen.',
  },
  numberPad: {
    keysFor: (label: string) => `Tasten für ${label}`,
    deleteLast: 'Letzte Ziffer löschen',
    changeTheSign: 'Vorzeichen wechseln',
    decimalPoint: 'Dezimalzeichen',
  },
  numberField: {
    down: (label: string) => `${label} weniger`,
    up: (label: string) => `${label} mehr`,
  },
  sendPhoto: {
    photoWrongKind: 'Nicht gesendet: ein Foto muss JPEG, PNG, WebP oder HEIC sein.',
    photoTooLarge: 'Nicht gesendet: das Foto ist über 12 MB groß. Ein kleineres nehmen.',
    refusedByServer: 'Der Server hat das Foto nicht angenommen. Noch einmal versuchen.',
  },
  shownRows: {
    showMoreOf: (left: number, count: number) =>
      `${plain(left)} weitere von ${plain(count)} zeigen`,
  },
  undoNotice: {
    undo: 'Rückgängig',
    close: 'Schließen',
  },
  ledgerTable: {
    ledgerTitle: 'So setzt sich die Äquivalenttemperatur zusammen',
    equivalentTemperature: 'Äquivalenttemperatur',
  },
  chart: {
    drawingTheChart: 'Diagramm wird gezeichnet…',
  },
  notchGauge: {
    hardnessOf100: (hardness: number) => `Härte ${plain(hardness)} von 100`,
  },
  rankingList: {
    takeOne: 'Eines nehmen',
    showAll: (count: number) => `Alle ${plain(count)} zeigen`,
    take: (name: string) => `${name} nehmen`,
    about: (seconds: string) => `${seconds}, `,
    best: (probabilityBest: string) => `am besten ${probabilityBest}`,
  },
  csvImport: {
    chooseFile: 'Datei wählen',
    readingTheFile: 'Datei wird gelesen…',
    cancel: 'Abbrechen',
    takenIn: (count: number, what: 'ski' | 'reading' | 'product') =>
      `${plain(count)} ${TAKEN_IN[what][count === 1 ? 0 : 1]} übernommen.`,
    faultsTitle: 'Was in der Datei zu berichtigen ist',
    notImported: 'Die Datei wurde nicht übernommen.',
    refusedByServer:
      'Der Server hat die Datei nicht angenommen. Nichts übernommen. Noch einmal versuchen.',
    line: 'Zeile',
    column: 'Spalte',
    whatIsWrong: 'Was falsch ist',
  },
  keys: {
    replan: 'Plan: ab jetzt neu planen',
    newOuting: 'Neuer Einsatz',
    space: 'Leertaste',
    nextStep: 'Nächster Schritt der Arbeit auf dem Tisch',
    stepBack: 'Einen Schritt der Arbeit zurück',
    count: 'Einen Strich oder Zug zählen',
    ctrlEnter: 'Strg + Enter',
    save: 'Das Formular oder die Wahl speichern',
    help: 'Diese Liste',
  },
};
