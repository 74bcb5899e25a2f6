import type { WordsAt } from '../../language';

export const pages: WordsAt<'screens/pages'> = {
  error: {
    whatWentWrong: 'Etwas ging schief',
    thisScreenCouldNotBe: 'Diese Ansicht ließ sich nicht zeigen.',
    whatYouTypedIsKept: (message: string) => `Das Eingegebene bleibt auf diesem Gerät. ${message}`,
    tryAgain: 'Noch einmal versuchen',
  },
  layout: {
    frostPick: 'Frost Pick',
    sFrostPick: '%s · Frost Pick',
    fromALookAtThe: 'Vom Blick auf den Schnee zu gewachsten Ski am Start',
  },
  notFound: {
    whereIsIt: 'Seite nicht gefunden',
    notHere: 'Hier ist nichts.',
    thisOutingOrPageDoes: 'Diesen Einsatz oder diese Seite gibt es in dieser Datenbank nicht.',
    toTheNextOuting: 'Zum nächsten Einsatz',
  },
  outingOutingIdBench: {
    bench: 'Wachstisch',
    jobSheet: 'Arbeitsblatt',
    backToTheBench: 'Zurück zum Wachstisch',
  },
  outingOutingIdGrip: {
    grip: 'Steigwachs',
  },
  outingOutingIdIron: {
    ironLab: 'Eisenlabor',
  },
  outingOutingIdLabels: {
    labels: 'Aufkleber',
  },
  outingOutingIdLog: {
    log: 'Logbuch',
  },
  outingOutingIdPairs: {
    pairs: 'Paare',
  },
  outingOutingIdPlan: {
    plan: 'Plan',
  },
  outingOutingIdSeason: {
    season: 'Saison',
  },
  outingOutingIdLearning: {
    learning: 'Gelerntes',
  },
  outingOutingIdTest: {
    test: 'Test',
  },
  outingOutingIdPick: {
    pick: 'Wahl',
  },
  outingOutingIdSettings: {
    settings: 'Einstellungen',
  },
  outingOutingIdShelf: {
    shelf: 'Regal',
  },
  outingOutingIdSkis: {
    skis: 'Ski',
  },
  outingOutingIdSkisSkiId: {
    ski: 'Ski',
  },
  outingLoading: {
    loading: 'Lädt…',
  },
  outingOutingIdSnow: {
    snow: 'Schnee',
  },
  outingOutingIdVenue: {
    venue: 'Ort',
  },
  outingOutingIdWall: {
    wallSheet: 'Aushang',
  },
  outingNew: {
    newOuting: 'Neuer Einsatz',
  },
};
