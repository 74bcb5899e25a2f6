export const outingCalendar = {
  outingUnknown: 'There is no outing with this id.',
  wax: (productName: string) => `Wax: ${productName}`,
  noWaxChosenYet: 'No wax chosen yet.',
};

export const weatherService = {
  serviceDown: (status: number) =>
    `The weather service is down (${status}). Type the weather or use a file.`,
  serviceLate: 'The weather service did not answer in time. Try again or type the weather.',
  theWeatherServiceAnsweredSomething: 'The answer of the weather service is not a forecast.',
};

export const twoLineForecast = {
  byDay: (day: string) => `By day, ${day}`,
  theNightBefore: 'The night before',
  theNightAfter: 'The night after',
  lowByDay: 'Low by day',
  highByDay: 'High by day',
  lowByNight: 'Low by night',
  highByNight: 'High by night',
  sky: 'Sky',
  wind: 'Wind',
  WIND: { calm: 'Calm', light: 'Light', moderate: 'Moderate', strong: 'Strong' },
  snowOrRain: 'Snow or rain',
  CHANCE: { none: 'None', possible: 'Possible', likely: 'Likely', certain: 'Certain' },
  howMuch: 'How much',
  AMOUNT: { light: 'A little', steady: 'Steady', heavy: 'Heavy' },
  becomesHours:
    'It becomes hourly weather, with the wide uncertainty of a forecast one day older. Whether snow or rain falls follows from the air.',
  useThisForecast: 'Use this forecast',
  adding: 'Adding…',
};

export const takeWeather = {
  venueWithoutAltitude:
    'This venue has no altitude yet. Enter it under Place, or add a station with its own altitude.',
  venueWithoutPosition: 'This venue has no position yet. Enter it under Place, then ask again.',
  chooseFile: 'Choose a file',
  venue: 'Venue',
  venueIsMissing: 'Venue is missing.',
  station: 'Station',
  targetNotObject: 'The target must be an object.',
  way: 'Way',
  wayIsMissing: 'Way is missing.',
  textMustBeText: 'Text must be text.',
  textIsMissing: 'Text is missing.',
  mood: 'Mood',
  moodIsMissing: 'Mood is missing.',
  weatherNotObject: 'The weather must be an object.',
  fileTooLarge: 'The file is larger than 2 MB.',
  nothingWasTakenInFix: 'Nothing was imported. Fix these cells first.',
  nothingWasTakenInFixThese: 'Nothing was imported. Fix these lines first.',
  thisStationIsGoneChoose: 'This station no longer exists. Choose another one.',
  forecastOld: (value: number) =>
    `This forecast is ${value} h old. Hours with newer weather keep theirs.`,
  dayAndNight: 'Day and night',
  csvFile: 'CSV file',
  metarOrTaf: 'METAR or TAF',
  byHand: 'By hand',
  weatherService: 'Weather service',
  well: 'Well',
  late: 'Late',
  stale: 'Stale',
  down: 'Down',
  getWeatherIn: 'Add weather',
  forStation: 'For station',
  from: 'From',
  takingTheWeatherIn: 'Importing the weather…',
  hourTakenIn: (hours: number) => (hours === 1 ? '1 hour imported.' : `${hours} hours imported.`),
  whatToMend: 'What to fix',
  theFileIsOver2Mb: 'The file is larger than 2 MB. Split it. Nothing was imported.',
  csvHint: (timeZone: string) =>
    `Hourly weather: time, air temperature [°C], humidity [%], wind [m/s], cloud [%], precipitation [mm]. Times without a zone are in ${timeZone}.`,
  fileUnreadable: 'The file could not be read. Choose it again.',
  pasteHint: 'Paste METARs or a TAF of a nearby airfield, one report a line',
  readThem: 'Import reports',
  hour: (timeZone: string) => `Hour (${timeZone})`,
  air: 'Air',
  humidity: 'Humidity',
  wind: 'Wind',
  cloud: 'Cloud',
  addThisHour: 'Add this hour',
  aStandInThatShips:
    'A simulated service with made-up weather. It can be late, stale or down like a real one.',
  theServiceIs: 'Pretend the service is',
  askTheService: 'Get forecast',
  line: 'Line',
  field: 'Field',
  whatIsWrong: 'What is wrong',
};

export const saveVenueFacts = {
  thisVenueIsGoneChoose: 'This venue no longer exists. Choose another outing.',
};

export const saveCourse = {
  courseChanged:
    'Someone else changed the course in the meantime. Look at theirs, or save yours instead.',
};

export const courseEditor = {
  chooseFile: 'Choose a file',
  fixTheMarkedFields: 'Fix the marked fields.',
  noAltitude:
    'Neither the track nor the venue has an altitude. Enter that of the venue under Place, then read the track again.',
  kmInSegments: (lengthM: string, count: number) => `${lengthM} km in ${count} segments.`,
  setShadeWindAndSurface: 'Set shade, wind and surface, then save.',
  segment: (count: number) => `Segment ${count}`,
  course: 'Course',
  courseBack: 'The old course is back.',
  drawItFromAGpx: 'Make it from a GPX track',
  direction: 'Direction',
  asRecorded: 'As recorded',
  reversed: 'Reversed',
  readingTheTrack: (value: number) => `Reading the track, ${value} %…`,
  cancel: 'Cancel',
  showTheirs: 'Show theirs',
  noSegments:
    'No segments. The whole course counts as one flat, groomed place at the altitude of the venue.',
  addASegment: 'Add a segment',
  courseSaved: 'Course saved.',
  saveTheCourse: 'Save course',
  leaveItAsItWas: 'Cancel',
  segmentTitle: 'Segment',
  length: 'Length',
  altitude: 'Altitude',
  slope: 'Slope',
  aspect0North90East: 'Aspect (0 = north, 90 = east)',
  shade: 'Shade',
  windByTheStations: 'Wind, share of the station’s',
  surface: 'Surface',
  remove: (name: string) => `Delete ${name}`,
  deleteSegment: 'Delete',
};

export const placeForm = {
  nameOfThePlace: 'Name of the place',
  timeZone: 'Time zone',
  place: 'Place',
  suchAsCet: 'Such as CET',
  usuallyGroomedAt: 'Tracks usually groomed at',
  everyNightEmptyForNever: 'Every night, on the clock there. Empty: not groomed.',
  altitudeOfTheVenue: 'Altitude of the venue',
  yourOwnCorrectionHere: 'Your own correction here',
  ownCorrectionHint: 'Added to every choice at this venue',
  saving: 'Saving…',
  saveThePlace: 'Save place',
  placeSaved: 'Place saved.',
};

export const stationList = {
  ago: (old: string, value: string) => `${old} ago${value}`,
  old: ', old',
  stations: 'Stations',
  weatherStationsOfThisVenue: 'Weather stations of this venue',
  addAStation: 'Add a station',
  betweenStationsHint:
    'Between two stations the temperature follows their difference, also in an inversion.',
  nameOfTheStation: 'Name of the station',
  itsAltitude: 'Altitude of the station',
  addIt: 'Add station',
  station: 'Station',
  altitude: 'Altitude',
  from: 'From',
  to: 'To',
  hours: 'Hours',
  source: 'Source',
  made: 'Made',
};

export const venueScreen = {
  question: 'What weather and what course?',
  weatherUntil: (last: string) => `Weather until ${last}`,
  noWeather: 'No weather yet. Add some below.',
  start: (name: string, startAt: string) => `${name}, start ${startAt}. `,
  calendarEntry: 'Calendar entry',
  weatherEndsEarly: 'The weather ends before the start. Nothing is invented beyond it.',
};

/** Where weather came from, by the word that is stored with it. */
export const weatherSource: Readonly<Record<string, string>> = {
  file: 'file',
  simple: 'day and night',
  airfield: 'airfield report',
  typed: 'by hand',
  service: 'stand-in service',
  demo: 'demo',
};
