export const ownIrons = {
  ironsAreKeptForgetOne: (mostIrons: number) =>
    `You can save up to ${mostIrons} irons. Delete one first.`,
  ironGone: 'That iron was already deleted.',
};

export const ironCharts = {
  baseSurface: 'base surface',
  timeS: 'Time (s)',
  temperature: (units: string) => `Temperature (${units})`,
  theBaseSoftens: 'the base softens',
  baseChartLabel: (count: number, value: number, units: string) =>
    `Temperature of the base surface over ${count} passes, at most ${value} ${units}.`,
  setsAtOnce: 'sets at once',
  flowsTooFar: 'flows too far',
  secondsAPass: 'Seconds a pass',
  setTemperature: (units: string) => `Set temperature (${units})`,
  mapLabel: (good: number, count: number, passS: number, setC: string) =>
    `Map of set temperature and pace over three passes: ${good} of ${count} places are good. Today's point is ${passS} s at ${setC}.`,
  good: 'good',
  film: 'film',
  harms: 'harms',
};

export const ownIron = {
  yourOwnIron: 'Your own iron',
  nameOfTheIron: 'Name of the iron',
  plateAlongTheSki: 'Plate along the ski',
  plateAcross: 'Plate across',
  massOfThePlate: 'Mass of the plate',
  power: 'Power',
  lagOfItsThermostat: 'Thermostat delay',
  empty5S: 'Leave empty for 5 s',
  keepThisIron: 'Save this iron',
  forget: (name: string) => `Delete ${name}`,
  isForgotten: (name: string) => `${name} is deleted.`,
};

export const sideView = {
  sideViewLabel: (pass: number, trailM: string) =>
    `The iron on the ski, pass ${pass}: trail ${trailM} cm.`,
  runAtTrueSpeed: 'Play at real speed',
  fromTheStart: 'Back to the start',
  passOf: (pass: number, passes: number) => `Pass ${pass} of ${passes}`,
};

export const ironScreen = {
  lightTravelIron: 'Light travel iron',
  householdIron: 'Household iron',
  heavyDigitalIron: 'Heavy digital iron',
  question: 'How hot, and how fast?',
  theBench: 'The bench',
  whatYouSaw: 'What you saw',
  asAdvised: 'Pass by pass',
  yourOwnSetting: 'Your own setting',
  eachPassOfYours: 'Each pass at your setting',
  pace: 'Pace',
  restAfter: 'Rest after',
  seconds: (seconds: number) => `${seconds} s`,
  trailImpossible:
    'No iron gives this trail here. Check the trail, the wax, the film and the room. The usual contact is used.',
  aPointOfTheBase: 'Temperature at one point',
  whatTemperatureAndPaceGive: 'Map of temperature and pace',
  computed: (value: number) => `${value} % computed`,
  noMap: (reason: string) => `The map could not be computed. ${reason}`,
  computeItAgain: 'Compute it again',
  estimated: (degrees: string) => `about ${degrees} (estimated)`,
  watts: (watts: number) => `${watts} W`,
  computingTheMap: 'Computing the map…',
  noIronWax: 'There is no wax for the iron on the shelf.',
  setTo: (setC: string, paces: readonly number[]) =>
    new Set(paces).size === 1
      ? `${setC}, ${paces[0]} s a pass`
      : `${setC}, passes of ${paces.join(', ')} s`,
  noSettingWillDo: 'No setting works',
  tipToTail: (passes: string, uptake: number) =>
    `${passes}, tip to tail. They fill ${uptake} % of what is empty in the base. Iron the other ski in the rests. `,
  onePass: 'One pass',
  passes: (passes: number) => `${passes} passes`,
  computedFor: (name: string, described: string, described2: string) =>
    `For ${name}: iron ${described}, melts at ${described2}. Computed for one point in the middle of the ski. Labels come first.`,
  wax: 'Wax',
  iron: 'Iron',
  setTemperature: 'Set temperature',
  secondsAPass: 'Seconds a pass',
  passesTitle: 'Passes',
  roomAndSki: 'Room and ski',
  lengthOfTheSki: 'Length of the ski',
  widthOfTheBase: 'Width of the base',
  filmOfWax: 'Film of wax',
  lookAtTheLiquidBehind:
    'Enter how long the liquid trail behind your iron is. The lab then adjusts itself to your iron and wax.',
  trailYouSaw: 'Trail you saw',
  afterPass: 'After pass',
  contactFitted: (value: number, value2: number) =>
    `Heat contact fitted to ${value} W/m²K ± ${value2} %. All figures use it.`,
  eachPass: 'Each pass',
  cm: (trailM: string) => `${trailM} cm`,
  liquidForSInAll: (moltenTotalS: string, value: number) =>
    `Liquid for ${moltenTotalS} s in total. The base has taken up about ${value} % of what it can.`,
  pass: 'Pass',
  trail: 'Trail',
  baseAtMost: 'Warmest base',
  itsBack: 'Back of base',
  plateSags: 'Plate cools by',
  heat: 'Heat',
};
