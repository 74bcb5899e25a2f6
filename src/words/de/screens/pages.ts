import type { WordsAt } from '../../language';

export const pages: WordsAt<'screens/pages'> = {
  error: {
    whatWentWrong: 'Etwas ging schief',
    screenFailed: 'Diese Ansicht ließ sich nicht zeigen.',
    typedIsKept: (message: string) => `Das Eingegebene bleibt auf diesem Gerät. ${message}`,
    tryAgain: 'Noch einmal versuchen',
  },
  layout: {
    frostPick: 'Frost Pick',
    sFrostPick: '%s · Frost Pick',
    description: 'Vom Blick auf den Schnee zu gewachsten Ski am Start',
  },
  notFound: {
    whereIsIt: 'Seite nicht gefunden',
    notHere: 'Hier ist nichts.',
    notHereWhy: 'Diesen Einsatz oder diese Seite gibt es in dieser Datenbank nicht.',
    toTheNextOuting: 'Zum nächsten Einsatz',
  },
  outingLoading: {
    loading: 'Lädt…',
  },
  titles: {
    bench: 'Wachstisch',
    grip: 'Steigwachs',
    iron: 'Eisenlabor',
    labels: 'Aufkleber',
    log: 'Logbuch',
    pairs: 'Paare',
    plan: 'Plan',
    season: 'Saison',
    learning: 'Gelerntes',
    test: 'Test',
    pick: 'Wahl',
    settings: 'Einstellungen',
    shelf: 'Regal',
    skis: 'Ski',
    ski: 'Ski',
    snow: 'Schnee',
    venue: 'Ort',
    wall: 'Aushang',
    newOuting: 'Neuer Einsatz',
  },
  noSheet: {
    jobSheet: 'Arbeitsblatt',
    backToTheBench: 'Zurück zum Wachstisch',
  },
};
