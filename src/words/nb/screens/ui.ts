import type { WordsAt } from '../../language';
import { plain } from '../../quantities';

const writes = (count: number) => (count === 1 ? '1 post' : `${plain(count)} poster`);

const TAKEN_IN = {
  ski: ['ski', 'ski'],
  reading: ['måling', 'målinger'],
  product: ['produkt', 'produkter'],
} as const;

export const ui: WordsAt<'screens/ui'> = {
  answer: {
    noAnswer: 'Ikke lagret: serveren svarte ikke. Det du skrev, er beholdt. Prøv igjen.',
  },
  late: {
    lost: 'Resten av siden lot seg ikke hente. Last siden på nytt når vertsmaskinen svarer.',
  },
  outbox: {
    kept: 'Beholdt på denne enheten. Det sendes når vertsmaskinen svarer.',
  },
  linkLine: {
    looksOnly: 'Denne enheten bare ser: ingenting du skriver her, lagres',
    lost: 'Ingen forbindelse til vertsmaskinen',
    turnedAway: 'Denne enheten er ikke paret lenger: par den på nytt for å sende det som venter',
    waiting: (count: number) => `${writes(count)} venter på denne enheten`,
    refused: (count: number) => `${writes(count)} avvist`,
    sent: (count: number) => `${writes(count)} sendt`,
    look: 'Se',
    newer: 'En nyere versjon av Frost Pick kjører. Last den når du er ferdig her.',
    load: 'Last den nå',
  },
  clash: {
    empty: 'tom',
    changedByOthers: 'Noen andre endret dette i mellomtiden',
    theySet: (field: string, field2: string) => `${field}: der står ${field2}.`,
    takeTheirs: 'Bruk deres',
    keepMine: 'Behold mitt',
  },
  positionField: {
    position: 'Posisjon',
    suchAs: 'For eksempel 46.61 N 10.19 E, eller 46°36′ N 10°11′ E',
    writeItAs: 'Skriv posisjonen som 46.61 N 10.19 E, eller 46°36′ N 10°11′ E.',
  },
  useTrack: {
    trackUnreadable: 'Sporet kunne ikke leses på denne enheten. Last siden på nytt, og prøv igjen.',
    trackTooLarge: 'Sporet er større enn 30 MB. Ta opp færre punkter, og prøv igjen.',
  },
  numberPad: {
    keysFor: (label: string) => `Taster for ${label}`,
    deleteLast: 'Slett siste siffer',
    changeTheSign: 'Bytt fortegn',
    decimalPoint: 'Desimaltegn',
  },
  numberField: {
    down: (label: string) => `${label} ned`,
    up: (label: string) => `${label} opp`,
  },
  sendPhoto: {
    photoWrongKind: 'Ikke sendt: et bilde må være JPEG, PNG, WebP eller HEIC.',
    photoTooLarge: 'Ikke sendt: bildet er over 12 MB. Ta et mindre.',
    refusedByServer: 'Serveren tok ikke imot bildet. Prøv igjen.',
  },
  shownRows: {
    showMoreOf: (left: number, count: number) => `Vis ${plain(left)} til av ${plain(count)}`,
  },
  undoNotice: {
    undo: 'Angre',
    close: 'Lukk',
  },
  ledgerTable: {
    ledgerTitle: 'Slik blir den ekvivalente temperaturen til',
    equivalentTemperature: 'Ekvivalent temperatur',
  },
  chart: {
    drawingTheChart: 'Tegner diagrammet…',
  },
  notchGauge: {
    hardnessOf100: (hardness: number) => `Hardhet ${plain(hardness)} av 100`,
  },
  rankingList: {
    takeOne: 'Ta en',
    showAll: (count: number) => `Vis alle ${plain(count)}`,
    take: (name: string) => `Ta ${name}`,
    about: (seconds: string) => `${seconds}, `,
    best: (probabilityBest: string) => `best ${probabilityBest}`,
  },
  csvImport: {
    chooseFile: 'Velg en fil',
    readingTheFile: 'Leser filen…',
    cancel: 'Avbryt',
    takenIn: (count: number, what: 'ski' | 'reading' | 'product') =>
      `${plain(count)} ${TAKEN_IN[what][count === 1 ? 0 : 1]} tatt inn.`,
    faultsTitle: 'Dette må rettes i filen',
    notImported: 'Filen ble ikke tatt inn.',
    refusedByServer: 'Serveren tok ikke imot filen. Ingenting ble tatt inn. Prøv igjen.',
    line: 'Linje',
    column: 'Kolonne',
    whatIsWrong: 'Hva som er galt',
  },
  keys: {
    replan: 'Plan: planlegg på nytt fra nå',
    newOuting: 'Ny økt',
    space: 'Mellomrom',
    nextStep: 'Neste steg i jobben på benken',
    stepBack: 'Ett steg tilbake i jobben',
    count: 'Tell et strøk eller et drag',
    ctrlEnter: 'Ctrl + Enter',
    save: 'Lagre skjemaet eller valget',
    help: 'Denne listen',
  },
};
