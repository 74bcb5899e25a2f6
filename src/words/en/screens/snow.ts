export const importReadings = {
  outingUnknown: 'There is no outing with this id.',
  nothingWasTakenInFix: 'Nothing was imported. Fix these cells first.',
  takeReadingsInFromA: 'Import readings from a file',
  csvHint: (timeZone: string) =>
    `CSV with units in the header: time, snow temperature [°C], humidity [%]. Times without a zone are in ${timeZone}. Up to 10,000 rows and 5 MB.`,
  csvFileOfReadings: 'CSV file of readings',
  anExampleFile: 'An example file',
};

export const readingPhoto = {
  readingUnknown: 'There is no current reading with this id.',
  noPhoto: 'This reading has no photo.',
  photo: 'Photo',
  sending: 'Sending…',
  addPhoto: 'Add photo',
};

export const saveReading = {
  outing: 'Outing',
  outingIsMissing: 'Outing is missing.',
  reading: 'Reading',
  targetNotObject: 'The target must be an object.',
  thisOutingIsGoneChoose: 'This outing no longer exists. Choose another one.',
  readingCorrected: 'That reading was corrected in the meantime. Reload to see the new one.',
};

export const withdrawReading = {
  readingGone: 'That reading was already deleted or corrected.',
  readingBackAlready: 'That reading is already back.',
};

export const courseStrip = {
  temperature: 'Temperature',
  coldest: 'Coldest',
  liquidWater: 'Liquid water',
  wettest: 'Wettest',
  sharpness: 'Sharpness',
  sharpest: 'Sharpest',
  alongCourse: 'Along the course, at the start',
  theSameEverywhere: (most: string) => `The same everywhere: ${most}.`,
  shadeBy: 'Shade by',
  asTable: 'The same as a table',
  segmentsTable: 'Segments of the course at the start',
  segment: 'Segment',
  length: 'Length',
  altitude: 'Altitude',
};

export const typedChange = {
  wrong: 'Fix the marked fields to see what this reading changes.',
  computing: 'Computing what this reading changes…',
  failed: 'What this reading changes could not be computed here. Save it: the server computes it.',
  startFromTo: (before: string, after: string) =>
    `With this reading: snow at the start ${before} → ${after}`,
  startIs: (after: string) => `With this reading: snow at the start ${after}`,
  asksFor: (equivalent: string) => `It needs a wax at ${equivalent}.`,
  shelfUseless: 'Nothing on the shelf can be used for it. Add waxes under Shelf.',
  choiceIs: (name: string) => `Best on the shelf: ${name}.`,
  choiceStays: (name: string) => `The best wax stays ${name}.`,
  choiceChanges: (before: string, after: string) =>
    `The best wax changes from ${before} to ${after}.`,
};

export const outlookChart = {
  measuredHere: 'measured',
  clearSkySun: 'clear-sky sun',
  n80BandOfTheSnow: '80 % band of the snow at 1.5 cm',
  snowMedian: 'Snow at 1.5 cm, median',
  surfaceMedian: 'Surface, median',
  air: 'Air',
  readings: 'Readings',
  outlookLabel: (x: string | number, value: string | number, startX: string) =>
    `Temperature of snow and air from ${x} to ${value}, with the start at ${startX}`,
  sun: 'Sun',
  cloud: 'Cloud',
  precipitation: 'Precipitation',
  temperature: (units: string) => `Temperature (${units})`,
  weatherLegend: 'sun — cloud ··· snow or rain ▮',
  start: (fixed: string, units: string) => `start ${fixed} ${units}`,
  startAlone: 'start',
  asTable: 'The same as a table, with water, sharpness, humidity over ice and hoar',
  outlookTable: 'The outlook every three hours',
  time: 'Time',
  snow: (unit: string) => `Snow (${unit})`,
  surface: (unit: string) => `Surface (${unit})`,
  waterVol: 'Water (% vol.)',
  sharpness: 'Sharpness',
  humidityOverIce: 'Humidity over ice',
  hoarGM: 'Hoar (g/m²)',
  snow80Band: 'snow, 80 % band',
  airNote: 'air',
  n80Band: '80 % band',
};

export const outlookPart = {
  untilFinish: 'From now to the finish',
  weatherAndCourse: 'Weather and course',
  noOutlook: (noOutlook: string) => `No outlook. ${noOutlook} Until then your own reading counts.`,
  getWeatherIn: 'Add weather',
  sayWhereItLies: 'Enter the position of the venue',
  weatherEndsEarly:
    'The weather ends before the start. The outlook stops there and does not cover the start.',
  gapOfUpToThree: (bridged: number) =>
    bridged === 1
      ? '1 gap of up to three hours in the weather is filled with a straight line.'
      : `${bridged} gaps of up to three hours in the weather are filled with a straight line.`,
  theWeatherWasTakenIn: (age: string) =>
    `The weather is ${age} old. Add newer weather if there is any.`,
  outlookLegend: (name: string, value: string) =>
    `Modelled at ${name} from ${value}. Solid line: 1.5 cm deep. Dotted line: surface. Diamonds: your readings, which count most at their time.`,
  outlookWithoutReading: 'The outlook has no reading yet. Each reading makes it more certain.',
  whatTheReadingsDidTo: 'How the readings changed the snow at the start',
  offTheWeather: (difference: string, isColder: boolean) =>
    `A reading is ${difference} ${isColder ? 'colder' : 'warmer'} than the weather explains. Check the probe and the weather. The reading is believed.`,
  weatherAlone: 'Weather alone',
  withReading: (count: number) => (count === 1 ? 'With 1 reading' : `With ${count} readings`),
  snowAtTheStart: 'Snow at the start',
  medianAndSpread: 'Median and spread',
  membersWithASay: 'Effective members',
};

export const guessHelper = {
  withoutProbe: 'No probe? Guess from the air and the sky',
  sky: 'Sky',
  timeOfDay: 'Time of day',
  useThisGuess: 'Use this guess',
  airTemperatureMissing: 'Enter the air temperature above, from −60 to 40 °C.',
};

export const instrumentPanel = {
  readTheInstruments: 'Read the instruments',
  standInsThatShipWith: (standInSpeed: number) =>
    `Simulated instruments. The probe runs ${standInSpeed} times as fast as a real one.`,
  stopTheProbe: 'Stop the probe',
  putTheProbeIn: 'Put the probe in',
  infraRedGun: 'Infra-red gun',
  hygrometer: 'Hygrometer',
  settledAt: (finalC: string) => `Settled at ${finalC}. You can pull it out.`,
  goingToAboutWait: (finalC: string) => `Heading for about ${finalC}. Wait.`,
  tooEarly: 'Too early to tell. Wait.',
  useIt: 'Use this value',
};

export const grainPhoto = {
  hint: 'Put grains on a dark, squared card. Hold the camera straight above it and choose the photo. You decide on the size.',
  ruling: 'Between two lines',
  mm: (mm: number) => `${mm} mm`,
  photo: 'Photo of grains on a card',
  choose: 'Take or choose a photo',
  measuring: 'Measuring…',
  noPhoto: 'This file is no photo that can be read. Choose a JPEG, PNG or WebP file.',
  failed: 'The photo could not be measured. Take another one.',
  tooFew: (count: number) =>
    `Only ${count} whole grains were found. Ten are needed. Spread more grains on the card.`,
  WHY: {
    light_card: 'The card is too light. Grains show on a dark card.',
    no_ruling:
      'The ruling of the card was not found. Take the photo from straight above, with at least four lines each way.',
    no_contrast: 'Grains do not stand out from the card. Take the photo with more light.',
  },
  found: (median: number, [low, high]: [number, number], count: number) =>
    `Median ${median} mm, most from ${low} to ${high} mm (${count} grains)`,
  rings: 'The photo with a ring around each grain that was measured',
  look: 'Do the rings lie around the grains? Then take the size.',
  take: (mm: number) => `Take ${mm} mm`,
  leave: 'Leave it',
};

export const readingForm = {
  grainSize: 'Grain size',
  grainSizeHint: 'Greatest extension of an average grain',
  grainPhoto: 'Grain size from a photo',
  readingOf: (temperature: string) => `Reading: ${temperature}`,
  saving: 'Saving…',
  saveTheCorrection: 'Save correction',
  saveReading: 'Save reading',
  save: 'Save',
  clear: 'Clear',
  saveHint: 'Ctrl+Enter saves. What you type is kept if you leave.',
  snowTemperature: 'Snow temperature',
  shadeHint: 'In the shade, 1–2 cm deep, several spots',
  spread: 'Spread (±)',
  spotsDiffer: 'How far the spots differ',
  airTemperature: 'Air temperature',
  humidityOfTheAir: 'Humidity of the air',
  grain: 'Grain',
  wetnessBySnowball: 'Wetness, by snowball',
  fingerTestWhatJustGoes: 'Finger test: the bluntest thing that goes in',
  origin: 'Origin',
  dirt: 'Dirt',
  track: 'Track',
  notGlazed: 'Not glazed',
  glazedOrIcy: 'Glazed or icy',
  moreFields: 'Time, spot, instrument, sharpness, note',
  time: (timeZone: string) => `Time (${timeZone})`,
  emptyNow: 'Leave empty for now',
  spot: 'Spot',
  whereOnTheCourse: 'Where on the course',
  instrument: 'Instrument',
  ownSharpness: 'Sharpness, if you judge it yourself',
  n0Round1NewEmpty: '0 round … 1 new. Leave empty to use the grain',
  note: 'Note',
};

export const readingsList = {
  time: 'Time',
  spot: 'Spot',
  snow: 'Snow',
  air: 'Air',
  humidity: 'Humidity',
  grain: 'Grain',
  seen: 'Seen',
  by: 'By',
  change: 'Change',
  readingWithdrawnItStaysIn: 'Reading deleted. The record keeps it.',
  changeReadingOf: (time: string) => `Change the reading of ${time}`,
  correct: 'Correct',
  withdraw: 'Delete',
  readings: 'Readings',
  csv: 'CSV',
  json: 'JSON',
  noneYetTheFirstOne: 'None yet. Saved readings appear here.',
  readingsOfThisOuting: 'Readings of this outing',
  showAll: (count: number) => `Show all ${count}`,
  glazed: 'glazed',
};

export const snowScreen = {
  skipToTheReading: 'Skip to the reading',
  question: 'What will the snow be at the start?',
  readingSaved: 'Reading saved.',
  correctThisReading: 'Correct this reading',
  takeAReading: 'Take a reading',
  sameAsLastTime: 'Same as last time',
  overTheCourse: (span: string, wetness: string) =>
    `over the course ${span}, ${wetness}, while the air is `,
  atTheStart: (time: string) => `at the start, ${time}`,
  fromTo: (from: string, to: string) => `from the start, ${from}, to ${to}`,
  atHumidity: (humidity: string) => `at ${humidity}.`,
  asMeasured: (wetness: string) => `as measured at the start, ${wetness}.`,
  asksForAWax: 'It needs a wax at ',
  choose: 'Choose the wax',
  noReading: 'No reading yet. Measure the snow and type it in below.',
  notSavedYet: 'Not saved yet. Save the reading below.',
  guessed: 'Guessed',
  measured: 'Measured',
  last: (value: string) => `${value} last: `,
  guessedNotMeasured: 'guessed, not measured',
  measuredBy: (sourceword: string) => `measured (${sourceword})`,
  withoutWeather: (value: string, takenAt: string, value2: string) =>
    `${value}, ${takenAt}${value2}. Without weather nothing is known about the start.`,
};

export const trackWork = {
  thisOutingIsGone: 'This outing no longer exists. Choose another one.',
  takenBackAlready: 'That was already deleted.',
  title: 'Grooming and traffic',
  usuallyAt: (clock: string) =>
    `Groomed every night at ${clock}, as set for the venue. Enter what you saw where it was different.`,
  notUsually: 'No usual grooming is set for this venue. Enter what was done to the tracks.',
  kind: 'What was done',
  groomed: 'Groomed',
  skied: 'Skied on',
  when: (timeZone: string) => `When (${timeZone})`,
  passes: 'How many passes',
  usualPasses: (kind: string, count: number) =>
    kind === 'groomed' ? `Of the groomer. Empty: ${count}.` : `How many skiers. Empty: ${count}.`,
  add: 'Add',
  said: (kind: string, passes: string) => (passes ? `${kind}, ${passes}` : kind),
  passesOf: (count: number) => (count === 1 ? '1 pass' : `${count} passes`),
  remove: 'Delete',
  removeThe: (what: string) => `Delete: ${what}`,
  removed: (what: string) => `Deleted: ${what}.`,
  onlyTheUsual: 'Nothing entered for this outing.',
};
