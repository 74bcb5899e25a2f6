import type { WordsAt } from '../../language';

export const pages: WordsAt<'screens/pages'> = {
  error: {
    whatWentWrong: 'Noe gikk galt',
    thisScreenCouldNotBe: 'Dette skjermbildet kunne ikke vises.',
    whatYouTypedIsKept: (message: string) =>
      `Det du skrev, er beholdt på denne enheten. ${message}`,
    tryAgain: 'Prøv igjen',
  },
  layout: {
    frostPick: 'Frost Pick',
    sFrostPick: '%s · Frost Pick',
    fromALookAtThe: 'Fra et blikk på snøen til smurte ski på startstreken',
  },
  notFound: {
    whereIsIt: 'Siden finnes ikke',
    notHere: 'Her er det ingenting.',
    thisOutingOrPageDoes: 'Denne økta eller siden finnes ikke i denne databasen.',
    toTheNextOuting: 'Til neste økt',
  },
  outingOutingIdBench: {
    bench: 'Benk',
    jobSheet: 'Jobbark',
    backToTheBench: 'Tilbake til benken',
  },
  outingOutingIdGrip: {
    grip: 'Feste',
  },
  outingOutingIdIron: {
    ironLab: 'Jernlab',
  },
  outingOutingIdLabels: {
    labels: 'Merkelapper',
  },
  outingOutingIdLog: {
    log: 'Logg',
  },
  outingOutingIdPairs: {
    pairs: 'Par',
  },
  outingOutingIdPlan: {
    plan: 'Plan',
  },
  outingOutingIdSeason: {
    season: 'Sesong',
  },
  outingOutingIdLearning: {
    learning: 'Læring',
  },
  outingOutingIdTest: {
    test: 'Test',
  },
  outingOutingIdPick: {
    pick: 'Valg',
  },
  outingOutingIdSettings: {
    settings: 'Innstillinger',
  },
  outingOutingIdShelf: {
    shelf: 'Hylle',
  },
  outingOutingIdSkis: {
    skis: 'Ski',
  },
  outingOutingIdSkisSkiId: {
    ski: 'Ski',
  },
  outingLoading: {
    loading: 'Laster…',
  },
  outingOutingIdSnow: {
    snow: 'Snø',
  },
  outingOutingIdVenue: {
    venue: 'Sted',
  },
  outingOutingIdWall: {
    wallSheet: 'Veggark',
  },
  outingNew: {
    newOuting: 'Ny økt',
  },
};
