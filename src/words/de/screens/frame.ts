import type { WordsAt } from '../../language';
import { plain } from '../../quantities';

export const frame: WordsAt<'screens/frame'> = {
  useTimers: {
    isOver: (skiName: string, title: string) => `${skiName}: ${title} ist vorbei`,
  },
  dayRail: {
    quick: 'Schnell',
    snow: 'Schnee',
    pick: 'Wahl',
    grip: 'Steigwachs',
    skis: 'Ski',
    pairs: 'Paare',
    bench: 'Wachstisch',
    plan: 'Plan',
    test: 'Test',
    log: 'Logbuch',
    venue: 'Ort',
    shelf: 'Regal',
    iron: 'Eisen',
    practice: 'Üben',
    settings: 'Einstellungen',
    measure: 'messen',
    old: (span: string) => `${span} alt`,
    waiting: (count: number) => `${plain(count)} warten`,
    newerSnow: 'neuerer Schnee',
    dayRail: 'Ansichten des Tages',
    pressForKeys: '? zeigt die Tasten',
    demoData: 'Demodaten. Für eigene: npm start.',
    more: 'Mehr',
    choose: 'wählen',
    chosen: 'gewählt',
  },
  rack: {
    rack: 'Ständer',
    waiting: (count: number) => `${plain(count)} warten`,
    over: (over: number) => `, ${plain(over)} vorbei`,
    next: (value: string, skiName: string, value2: string) =>
      `${value}. Als Nächstes: ${skiName}, ${value2}`,
    over2: (left: string) => `Seit ${left} vorbei`,
    over3: 'vorbei',
  },
  shortcuts: {
    keys: 'Tasten',
    close: 'Schließen',
  },
  overLine: {
    overSince: (end: string) =>
      `Dieser Einsatz endete ${end}. Die Ansichten zeigen, wie er geplant war. Sie raten nicht mehr.`,
    howDidItGo: 'Was gewählt wurde und warum',
    newOuting: 'Den nächsten Einsatz planen',
  },
  snowLine: {
    snowLine: 'Schneezeile',
    outing: 'Einsatz',
    newOuting: 'Neuer Einsatz…',
    startIn: (left: string) => `Start in ${left}`,
    startedAgo: (left: string) => `vor ${left} gestartet`,
    noReadingYet: 'noch keine Messung',
    guessed: 'geschätzt',
    measured: 'gemessen',
    snowAir: (how: string, value: string, humidityFraction: string) =>
      `${how} ${value}, Luft ${humidityFraction}`,
    ago: (age: string) => `vor ${age}`,
    forIn: (age: string) => `in ${age}`,
    atStart: 'beim Start',
    snowAtStartModelled: (airTemperatureC: string) => `Strecke beim Start, Luft ${airTemperatureC}`,
    snowAtStartMeasured: 'beim Start, wie gemessen',
    computing: '…',
    noChoiceYet: 'noch keine Wahl',
    choiceBestWith: (probabilityBest: string) => `Wahl, am besten mit ${probabilityBest}`,
    choice: 'Wahl',
    snow: 'Schnee',
  },
  frame: {
    skipToTheWork: 'Zum Inhalt springen',
  },
  logDecision: {
    goOn: 'Mit dem Vorhandenen weitermachen',
    kept: (folder: string) => `Die Dateien, wie sie jetzt sind, bleiben in ${folder}.`,
    nothing: 'Es gibt nichts zu entscheiden.',
  },
};
