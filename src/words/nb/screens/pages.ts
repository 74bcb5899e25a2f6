import type { WordsAt } from '../../language';

export const pages: WordsAt<'screens/pages'> = {
  error: {
    whatWentWrong: 'Noe gikk galt',
    screenFailed: 'Dette skjermbildet kunne ikke vises.',
    typedIsKept: (message: string) => `Det du skrev, er beholdt på denne enheten. ${message}`,
    tryAgain: 'Prøv igjen',
  },
  layout: {
    frostPick: 'Frost Pick',
    sFrostPick: '%s · Frost Pick',
    description: 'Fra et blikk på snøen til smurte ski på startstreken',
  },
  notFound: {
    whereIsIt: 'Siden finnes ikke',
    notHere: 'Her er det ingenting.',
    notHereWhy: 'Denne økta eller siden finnes ikke i denne databasen.',
    toTheNextOuting: 'Til neste økt',
  },
  outingLoading: {
    loading: 'Laster…',
  },
  titles: {
    bench: 'Benk',
    grip: 'Feste',
    iron: 'Jernlab',
    labels: 'Merkelapper',
    log: 'Logg',
    pairs: 'Par',
    plan: 'Plan',
    season: 'Sesong',
    learning: 'Læring',
    test: 'Test',
    pick: 'Valg',
    settings: 'Innstillinger',
    shelf: 'Hylle',
    skis: 'Ski',
    ski: 'Ski',
    snow: 'Snø',
    venue: 'Sted',
    wall: 'Veggark',
    newOuting: 'Ny økt',
  },
  noSheet: {
    jobSheet: 'Jobbark',
    backToTheBench: 'Tilbake til benken',
  },
};
