import type { WordsAt } from '../../language';
import { plain } from '../../quantities';

export const iron: WordsAt<'screens/iron'> = {
  ownIrons: {
    ironsAreKeptForgetOne: (mostIrons: number) =>
      `Du kan lagre høyst ${plain(mostIrons)} jern. Slett et først.`,
    ironGone: 'Det jernet er alt slettet.',
  },
  ironCharts: {
    baseSurface: 'overflaten av sålen',
    timeS: 'Tid (s)',
    temperature: (units: string) => `Temperatur (${units})`,
    theBaseSoftens: 'sålen mykner',
    baseChartLabel: (count: number, value: number, units: string) =>
      `Temperaturen i overflaten av sålen over ${plain(count)} drag, høyst ${plain(value)} ${units}.`,
    setsAtOnce: 'stivner straks',
    flowsTooFar: 'flyter for langt',
    secondsAPass: 'Sekunder per drag',
    setTemperature: (units: string) => `Innstilt temperatur (${units})`,
    mapLabel: (good: number, count: number, passS: number, setC: string) =>
      `Kart over innstilt temperatur og tempo over tre drag: ${plain(good)} av ${plain(count)} steder er gode. Dagens punkt er ${plain(passS)} s ved ${setC}.`,
    good: 'bra',
    film: 'film',
    harms: 'skader',
  },
  ownIron: {
    yourOwnIron: 'Ditt eget jern',
    nameOfTheIron: 'Navn på jernet',
    plateAlongTheSki: 'Plate langs skien',
    plateAcross: 'Plate på tvers',
    massOfThePlate: 'Masse av platen',
    power: 'Effekt',
    lagOfItsThermostat: 'Treghet i termostaten',
    empty5S: 'La stå tomt for 5 s',
    keepThisIron: 'Lagre dette jernet',
    forget: (name: string) => `Slett ${name}`,
    isForgotten: (name: string) => `${name} er slettet.`,
  },
  sideView: {
    sideViewLabel: (pass: number, trailM: string) =>
      `Jernet på skien, drag ${plain(pass)}: spor ${trailM} cm.`,
    runAtTrueSpeed: 'Spill i sann fart',
    fromTheStart: 'Tilbake til start',
    passOf: (pass: number, passes: number) => `Drag ${plain(pass)} av ${plain(passes)}`,
  },
  ironScreen: {
    lightTravelIron: 'Lett reisejern',
    householdIron: 'Strykejern',
    heavyDigitalIron: 'Tungt, digitalt jern',
    question: 'Hvor varmt, og hvor fort?',
    theBench: 'Benken',
    whatYouSaw: 'Det du så',
    asAdvised: 'Drag for drag',
    yourOwnSetting: 'Egen innstilling',
    eachPassOfYours: 'Hvert drag med din innstilling',
    pace: 'Tempo',
    restAfter: 'Pause etter',
    seconds: (seconds: number) => `${plain(seconds)} s`,
    trailImpossible:
      'Ikke noe jern gir dette sporet her. Sjekk spor, voks, film og rom. Vanlig kontakt brukes.',
    aPointOfTheBase: 'Temperatur på ett sted',
    whatTemperatureAndPaceGive: 'Kart over temperatur og tempo',
    computed: (value: number) => `${plain(value)} % beregnet`,
    noMap: (reason: string) => `Kartet lot seg ikke beregne. ${reason}`,
    computeItAgain: 'Beregn på nytt',
    estimated: (degrees: string) => `omtrent ${degrees} (anslått)`,
    watts: (watts: number) => `${plain(watts)} W`,
    computingTheMap: 'Beregner kartet…',
    noIronWax: 'Det er ingen voks til jernet på hylla.',
    setTo: (setC: string, paces: readonly number[]) =>
      new Set(paces).size === 1
        ? `${setC}, ${paces[0]} s per drag`
        : `${setC}, drag på ${paces.join(', ')} s`,
    noSettingWillDo: 'Ingen innstilling virker',
    tipToTail: (passes: string, uptake: number) =>
      `${passes}, fra tupp til bakende. De fyller ${plain(uptake)} % av det som er tomt i sålen. Ta den andre skien i pausene. `,
    onePass: 'Ett drag',
    passes: (passes: number) => `${plain(passes)} drag`,
    computedFor: (name: string, described: string, described2: string) =>
      `For ${name}: jern ${described}, smelter ved ${described2}. Beregnet for ett sted midt på skien. Etiketter går foran.`,
    wax: 'Voks',
    iron: 'Jern',
    setTemperature: 'Innstilt temperatur',
    secondsAPass: 'Sekunder per drag',
    passesTitle: 'Drag',
    roomAndSki: 'Rom og ski',
    lengthOfTheSki: 'Lengde på skien',
    widthOfTheBase: 'Bredde på sålen',
    filmOfWax: 'Film av voks',
    lookAtTheLiquidBehind:
      'Skriv hvor langt det flytende sporet bak jernet er. Laben stiller seg da inn etter jernet og voksen din.',
    trailYouSaw: 'Sporet du så',
    afterPass: 'Etter drag',
    contactFitted: (value: number, value2: number) =>
      `Varmekontakt tilpasset til ${plain(value)} W/m²K ± ${plain(value2)} %. Alle tall bruker den.`,
    eachPass: 'Hvert drag',
    cm: (trailM: string) => `${trailM} cm`,
    liquidForSInAll: (moltenTotalS: string, value: number) =>
      `Flytende i ${moltenTotalS} s til sammen. Sålen har tatt opp omtrent ${plain(value)} % av det den kan.`,
    pass: 'Drag',
    trail: 'Spor',
    baseAtMost: 'Varmest i sålen',
    itsBack: 'Bak i sålen',
    plateSags: 'Platen kjølner',
    heat: 'Varme',
  },
};
