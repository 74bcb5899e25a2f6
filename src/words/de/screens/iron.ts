import type { WordsAt } from '../../language';
import { plain } from '../../quantities';

export const iron: WordsAt<'screens/iron'> = {
  ownIrons: {
    ironsAreKeptForgetOne: (mostIrons: number) =>
      `Höchstens ${plain(mostIrons)} Eisen lassen sich speichern. Erst eines löschen.`,
    ironGone: 'Dieses Eisen ist schon gelöscht.',
  },
  ironCharts: {
    baseSurface: 'Oberfläche des Belags',
    timeS: 'Zeit (s)',
    temperature: (units: string) => `Temperatur (${units})`,
    theBaseSoftens: 'der Belag wird weich',
    baseChartLabel: (count: number, value: number, units: string) =>
      `Temperatur der Belagoberfläche über ${plain(count)} Züge, höchstens ${plain(value)} ${units}.`,
    setsAtOnce: 'erstarrt sofort',
    flowsTooFar: 'fließt zu weit',
    secondsAPass: 'Sekunden pro Zug',
    setTemperature: (units: string) => `Eingestellte Temperatur (${units})`,
    mapLabel: (good: number, count: number, passS: number, setC: string) =>
      `Karte von Temperatur und Tempo über drei Züge: ${plain(good)} von ${plain(count)} Stellen sind gut. Der heutige Punkt ist ${plain(passS)} s bei ${setC}.`,
    good: 'gut',
    film: 'Film',
    harms: 'schadet',
  },
  ownIron: {
    yourOwnIron: 'Eigenes Eisen',
    nameOfTheIron: 'Name des Eisens',
    plateAlongTheSki: 'Platte entlang des Skis',
    plateAcross: 'Platte quer',
    massOfThePlate: 'Masse der Platte',
    power: 'Leistung',
    lagOfItsThermostat: 'Trägheit des Thermostats',
    empty5S: 'Leer lassen für 5 s',
    keepThisIron: 'Dieses Eisen speichern',
    forget: (name: string) => `${name} löschen`,
    isForgotten: (name: string) => `${name} ist gelöscht.`,
  },
  sideView: {
    sideViewLabel: (pass: number, trailM: string) =>
      `Das Eisen auf dem Ski, Zug ${plain(pass)}: Spur ${trailM} cm.`,
    runAtTrueSpeed: 'In echtem Tempo abspielen',
    fromTheStart: 'Zurück zum Anfang',
    passOf: (pass: number, passes: number) => `Zug ${plain(pass)} von ${plain(passes)}`,
  },
  ironScreen: {
    lightTravelIron: 'Leichtes Reiseeisen',
    householdIron: 'Haushaltsbügeleisen',
    heavyDigitalIron: 'Schweres, digitales Eisen',
    question: 'Wie heiß und wie schnell?',
    theBench: 'Der Wachstisch',
    whatYouSaw: 'Was du gesehen hast',
    asAdvised: 'Zug um Zug',
    yourOwnSetting: 'Eigene Einstellung',
    eachPassOfYours: 'Jeder Zug mit deiner Einstellung',
    pace: 'Tempo',
    restAfter: 'Pause danach',
    seconds: (seconds: number) => `${plain(seconds)} s`,
    trailImpossible:
      'Kein Eisen gibt hier diese Spur. Spur, Wachs, Film und Raum prüfen. Es gilt der übliche Kontakt.',
    aPointOfTheBase: 'Temperatur an einer Stelle',
    whatTemperatureAndPaceGive: 'Karte von Temperatur und Tempo',
    computed: (value: number) => `${plain(value)} % berechnet`,
    noMap: (reason: string) => `Die Karte ließ sich nicht berechnen. ${reason}`,
    computeItAgain: 'Noch einmal berechnen',
    estimated: (degrees: string) => `etwa ${degrees} (geschätzt)`,
    watts: (watts: number) => `${plain(watts)} W`,
    computingTheMap: 'Karte wird berechnet…',
    noIronWax: 'Im Regal ist kein Wachs fürs Eisen.',
    setTo: (setC: string, paces: readonly number[]) =>
      new Set(paces).size === 1
        ? `${setC}, ${paces[0]} s pro Zug`
        : `${setC}, Züge von ${paces.join(', ')} s`,
    noSettingWillDo: 'Keine Einstellung geht',
    tipToTail: (passes: string, uptake: number) =>
      `${passes}, von der Spitze zum Ende. Sie füllen ${plain(uptake)} % dessen, was im Belag leer ist. In den Pausen den anderen Ski bügeln. `,
    onePass: 'Ein Zug',
    passes: (passes: number) => `${plain(passes)} Züge`,
    computedFor: (name: string, described: string, described2: string) =>
      `Für ${name}: Eisen ${described}, schmilzt bei ${described2}. Berechnet für eine Stelle in der Skimitte. Etiketten gehen vor.`,
    wax: 'Wachs',
    iron: 'Eisen',
    setTemperature: 'Eingestellte Temperatur',
    secondsAPass: 'Sekunden pro Zug',
    passesTitle: 'Züge',
    roomAndSki: 'Raum und Ski',
    lengthOfTheSki: 'Länge des Skis',
    widthOfTheBase: 'Breite des Belags',
    filmOfWax: 'Wachsfilm',
    lookAtTheLiquidBehind:
      'Eingeben, wie lang die flüssige Spur hinter dem Eisen ist. Das Labor stellt sich dann auf dein Eisen und Wachs ein.',
    trailYouSaw: 'Gesehene Spur',
    afterPass: 'Nach Zug',
    contactFitted: (value: number, value2: number) =>
      `Wärmekontakt angepasst auf ${plain(value)} W/m²K ± ${plain(value2)} %. Alle Zahlen verwenden ihn.`,
    eachPass: 'Jeder Zug',
    cm: (trailM: string) => `${trailM} cm`,
    liquidForSInAll: (moltenTotalS: string, value: number) =>
      `Insgesamt ${moltenTotalS} s flüssig. Der Belag hat etwa ${plain(value)} % dessen aufgenommen, was er kann.`,
    pass: 'Zug',
    trail: 'Spur',
    baseAtMost: 'Belag am wärmsten',
    itsBack: 'Belag hinten',
    plateSags: 'Platte kühlt um',
    heat: 'Wärme',
  },
};
