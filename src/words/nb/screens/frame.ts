import type { WordsAt } from '../../language';
import { plain } from '../../quantities';

export const frame: WordsAt<'screens/frame'> = {
  useTimers: {
    isOver: (skiName: string, title: string) => `${skiName}: ${title} er over`,
  },
  dayRail: {
    quick: 'Hurtig',
    snow: 'Snø',
    pick: 'Valg',
    grip: 'Feste',
    skis: 'Ski',
    pairs: 'Par',
    bench: 'Benk',
    plan: 'Plan',
    test: 'Test',
    log: 'Logg',
    venue: 'Sted',
    shelf: 'Hylle',
    iron: 'Jern',
    practice: 'Øving',
    settings: 'Innstillinger',
    measure: 'mål',
    old: (span: string) => `${span} gammel`,
    waiting: (count: number) => `${plain(count)} venter`,
    newerSnow: 'nyere snø',
    dayRail: 'Dagens skjermbilder',
    pressForKeys: 'Trykk ? for taster',
    demoData: 'Demodata. Kjør npm start for dine egne.',
    more: 'Mer',
    choose: 'velg',
    chosen: 'valgt',
  },
  rack: {
    rack: 'Stativ',
    waiting: (count: number) => `${plain(count)} venter`,
    over: (over: number) => `, ${plain(over)} over`,
    next: (value: string, skiName: string, value2: string) =>
      `${value}. Neste: ${skiName}, ${value2}`,
    over2: (left: string) => `Over i ${left}`,
    over3: 'over',
  },
  shortcuts: {
    keys: 'Taster',
    close: 'Lukk',
  },
  overLine: {
    overSince: (end: string) =>
      `Denne økta tok slutt ${end}. Skjermbildene viser hvordan den var planlagt. De gir ikke råd lenger.`,
    howDidItGo: 'Hva som ble valgt, og hvorfor',
    newOuting: 'Planlegg neste økt',
  },
  snowLine: {
    snowLine: 'Snølinje',
    outing: 'Økt',
    newOuting: 'Ny økt…',
    startIn: (left: string) => `start om ${left}`,
    startedAgo: (left: string) => `startet for ${left} siden`,
    noReadingYet: 'ingen måling ennå',
    guessed: 'anslått',
    measured: 'målt',
    snowAir: (how: string, value: string, humidityFraction: string) =>
      `${how} ${value}, luft ${humidityFraction}`,
    ago: (age: string) => `for ${age} siden`,
    forIn: (age: string) => `om ${age}`,
    atStart: 'ved start',
    snowAtStartModelled: (airTemperatureC: string) => `løypa ved start, luft ${airTemperatureC}`,
    snowAtStartMeasured: 'ved start, som målt',
    computing: '…',
    noChoiceYet: 'ikke valgt ennå',
    choiceBestWith: (probabilityBest: string) => `valg, best med ${probabilityBest}`,
    choice: 'valg',
    snow: 'snø',
  },
  frame: {
    skipToTheWork: 'Hopp til innholdet',
  },
  logDecision: {
    goOn: 'Fortsett med det som er her',
    kept: (folder: string) => `Filene slik de er nå, blir liggende i ${folder}.`,
    nothing: 'Det er ingenting å bestemme.',
  },
};
