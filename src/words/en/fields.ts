import type {
  GLIDE_RUN_FIELDS,
  OUTCOME_FIELDS,
  GLIDE_TEST_FIELDS,
  DEVICE_FIELDS,
  DISPUTE_FIELDS,
  DRILL_ANSWER_FIELDS,
  LEARNER_FIELDS,
  GRIP_TEST_FIELDS,
  NOTE_FIELDS,
  FINDING_FIELDS,
  OUTING_FIELDS,
  PRODUCT_FIELDS,
  READING_FIELDS,
  SEGMENT_FIELDS,
  SKI_EVENT_FIELDS,
  SKI_FIELDS,
  SKIER_FIELDS,
  STARTER_FIELDS,
  STATION_FIELDS,
  STOCK_MOVE_FIELDS,
  TRACK_EVENT_FIELDS,
  VENUE_FIELDS,
  WEATHER_FIELDS,
} from '../../core/model';

/** What a field is called, and what is said where it is missing or out of its range. */
export interface FieldWords {
  name: string;
  missing?: string;
  outOfRange?: string;
}
type WordsOf<Fields> = { readonly [Key in keyof Fields]: FieldWords };

export const READING: WordsOf<typeof READING_FIELDS> = {
  id: { name: 'Reading' },
  outingId: { name: 'Outing' },
  takenAt: { name: 'Time' },
  temperatureC: {
    name: 'Snow temperature',
    missing: 'Snow temperature is missing. Measure it or start from a guess.',
    outOfRange: 'Snow temperature must be from −60 to 0 °C. Snow is never warmer than 0 °C.',
  },
  temperatureSdC: {
    name: 'Spread',
    outOfRange:
      'Spread must be from 0.1 to 10 °C. No reading is exact, and beyond 10 it says nothing.',
  },
  airTemperatureC: { name: 'Air temperature' },
  humidityFraction: {
    name: 'Humidity',
    missing: 'Humidity is missing. Average air has 65 %.',
    outOfRange: 'Humidity must be from 0 to 100 % (a fraction from 0 to 1).',
  },
  grain: { name: 'Grain' },
  grainMm: { name: 'Grain size' },
  sharpness: { name: 'Sharpness' },
  origin: { name: 'Origin', missing: 'Origin of the snow is missing.' },
  wetness: { name: 'Wetness' },
  dirt: { name: 'Dirt', missing: 'Dirt is missing: clean or dirty.' },
  glazed: { name: 'Glazed', missing: 'Glazed is missing: true or false.' },
  handHardness: { name: 'Finger test' },
  source: { name: 'Source' },
  spot: { name: 'Spot' },
  note: { name: 'Note' },
  hasPhoto: { name: 'Photo' },
  importId: { name: 'Import' },
  correctsId: { name: 'Corrected reading' },
  createdAt: { name: 'Saved at' },
};

export const PRODUCT: WordsOf<typeof PRODUCT_FIELDS> = {
  id: { name: 'Product id' },
  name: { name: 'Product name' },
  role: { name: 'Role' },
  form: { name: 'Form' },
  labelLowC: { name: 'Cold end of the label' },
  labelHighC: { name: 'Warm end of the label' },
  label2LowC: { name: 'Cold end for old snow' },
  label2HighC: { name: 'Warm end for old snow' },
  additives: {
    name: 'Additives',
    missing: 'Additives are missing. An empty list means a plain wax.',
  },
  applications: { name: 'Ways to put it on', missing: 'Ways to put it on are missing.' },
  preference: { name: 'Preference' },
  ironC: { name: 'Iron temperature' },
  ironLimitC: { name: 'Iron limit' },
  meltingC: { name: 'Melting point' },
  dryMin: { name: 'Drying time' },
  hardnessSd: { name: 'Spread of the hardness' },
  containerG: { name: 'Container' },
  price: { name: 'Price' },
  openedOn: { name: 'Opened on' },
  swatch: {
    name: 'Colour',
    outOfRange: 'Colour must be six hexadecimal digits after #, such as #4f7ba0.',
  },
  version: { name: 'Version' },
};

export const SKI: WordsOf<typeof SKI_FIELDS> = {
  id: { name: 'Ski id' },
  name: { name: 'Name', missing: 'Give the pair a name.' },
  owner: { name: 'Owner' },
  type: { name: 'Type', missing: 'Choose a type.' },
  lengthCm: { name: 'Length' },
  waistMm: { name: 'Waist' },
  baseType: { name: 'Base' },
  grindMm: { name: 'Width of the grind' },
  grindPattern: { name: 'Pattern of the grind' },
  groundOn: { name: 'Day of the grind' },
  baseBevelDeg: { name: 'Base bevel' },
  sideBevelDeg: { name: 'Side bevel' },
  flexKg: { name: 'Flex for' },
  hasBrakes: { name: 'Brakes', missing: 'Brakes are missing: true or false.' },
  purpose: { name: 'Purpose' },
  note: { name: 'Note' },
};

export const SKIER: WordsOf<typeof SKIER_FIELDS> = {
  id: { name: 'Skier id' },
  name: { name: 'Name', missing: 'Give the skier a name.' },
  weightKg: { name: 'Weight' },
  note: { name: 'Note' },
};

export const STARTER: WordsOf<typeof STARTER_FIELDS> = {
  id: { name: 'Starter id' },
  outingId: { name: 'Outing', missing: 'Choose an outing.' },
  skierId: { name: 'Skier', missing: 'Choose a skier.' },
  skiId: { name: 'Pair' },
  why: { name: 'Why this pair' },
  likesSkiId: { name: 'The skier would take' },
  priority: { name: 'Priority' },
};

export const GLIDE_TEST: WordsOf<typeof GLIDE_TEST_FIELDS> = {
  id: { name: 'Test id' },
  outingId: { name: 'Outing', missing: 'Choose an outing.' },
  startedAt: { name: 'Begun' },
  measure: { name: 'Measure', missing: 'Choose what is measured.' },
  skis: { name: 'Skis or waxes' },
  hill: { name: 'Hill' },
  snow: { name: 'Snow' },
  tester: { name: 'Who skis' },
  track: { name: 'Track' },
  structure: { name: 'Structure' },
  reference: { name: 'Reference ski' },
};

export const GRIP_TEST: WordsOf<typeof GRIP_TEST_FIELDS> = {
  id: { name: 'Grip test' },
  outingId: { name: 'Outing', missing: 'Choose an outing.' },
  testedAt: { name: 'Time' },
  wax: { name: 'Grip wax', missing: 'Say which grip wax was tried.' },
  layers: { name: 'Layers', missing: 'Say how many layers were on.' },
  heldMarks: { name: 'Marks', missing: 'Count the marks that were reached.' },
  verdict: { name: 'Verdict', missing: 'Say how it was: holds, slips, ices or drags.' },
  tester: { name: 'Who skis' },
  note: { name: 'Note' },
  removedAt: { name: 'Deleted' },
};

export const DEVICE: WordsOf<typeof DEVICE_FIELDS> = {
  id: { name: 'Device' },
  kind: { name: 'Kind' },
  name: { name: 'Name', missing: 'Give the device a name.' },
  role: { name: 'May do', missing: 'Say whether the device works or looks only.' },
  secretHash: { name: 'Secret' },
  createdAt: { name: 'Paired' },
  lastSeenAt: { name: 'Last seen' },
  revokedAt: { name: 'Deleted' },
};

export const LEARNER: WordsOf<typeof LEARNER_FIELDS> = {
  id: { name: 'Person' },
  name: { name: 'Your name', missing: 'Write a name first.' },
  createdAt: { name: 'Since' },
};

export const DRILL_ANSWER: WordsOf<typeof DRILL_ANSWER_FIELDS> = {
  id: { name: 'Answer' },
  learnerId: { name: 'Person' },
  drill: { name: 'Drill' },
  topic: { name: 'Topic' },
  seed: { name: 'Number of the situation' },
  pastId: { name: 'Reading of the past' },
  answer: { name: 'Answer' },
  quality: { name: 'Marks' },
  mark: { name: 'Mark' },
  seconds: { name: 'Time taken' },
  answeredAt: { name: 'Time' },
};

export const DISPUTE: WordsOf<typeof DISPUTE_FIELDS> = {
  id: { name: 'Dispute' },
  learnerName: { name: 'Person' },
  drill: { name: 'Drill' },
  topic: { name: 'Topic' },
  seed: { name: 'Number of the situation' },
  pastId: { name: 'Reading of the past' },
  words: { name: 'What is wrong' },
  disputedAt: { name: 'Time' },
  settledAt: { name: 'Settled' },
};

export const NOTE: WordsOf<typeof NOTE_FIELDS> = {
  id: { name: 'Note' },
  outingId: { name: 'Outing' },
  words: { name: 'Note', missing: 'Write the note first.' },
  createdAt: { name: 'Time' },
  removedAt: { name: 'Deleted' },
};

export const OUTCOME: WordsOf<typeof OUTCOME_FIELDS> = {
  id: { name: 'Outcome' },
  choiceId: { name: 'Choice', missing: 'Say which choice it is about.' },
  glide: { name: 'Glide', missing: 'Say whether it was fast, fair or slow.' },
  feel: { name: 'Feel', missing: 'Say whether it grabbed, was right or was dry.' },
  createdAt: { name: 'Time' },
  removedAt: { name: 'Deleted' },
};

export const GLIDE_RUN: WordsOf<typeof GLIDE_RUN_FIELDS> = {
  id: { name: 'Run id' },
  testId: { name: 'Test', missing: 'The test of the run is missing.' },
  ski: { name: 'Ski', missing: 'Choose the ski of the run.' },
  value: { name: 'Result', missing: 'Enter the result of the run.' },
  ranAt: { name: 'Time of the run', missing: 'The time of the run is missing.' },
  removedAt: { name: 'Deleted' },
};

export const VENUE: WordsOf<typeof VENUE_FIELDS> = {
  id: { name: 'Venue id' },
  name: { name: 'Name', missing: 'Give the venue a name.' },
  altitudeM: { name: 'Altitude' },
  latitude: { name: 'Latitude' },
  longitude: { name: 'Longitude' },
  timeZone: { name: 'Time zone' },
  ownCorrectionC: { name: 'Correction' },
  groomedAt: { name: 'Usual grooming' },
};

export const OUTING: WordsOf<typeof OUTING_FIELDS> = {
  id: { name: 'Outing id' },
  venueId: { name: 'Venue', missing: 'Choose a venue.' },
  name: { name: 'Name', missing: 'Give the outing a name.' },
  discipline: { name: 'Discipline' },
  purpose: { name: 'Purpose' },
  distanceKm: { name: 'Distance' },
  fluorocarbonsAllowed: { name: 'Fluorocarbons allowed' },
  hoursOnSnow: { name: 'Hours on snow' },
  startAt: { name: 'Start' },
};

export const SEGMENT: WordsOf<typeof SEGMENT_FIELDS> = {
  name: { name: 'Name', missing: 'Give the segment a name.' },
  lengthM: { name: 'Length' },
  altitudeM: { name: 'Altitude' },
  slopeDeg: { name: 'Slope' },
  aspectDeg: { name: 'Aspect' },
  shadeFraction: { name: 'Shade' },
  exposure: { name: 'Wind exposure' },
  surface: { name: 'Surface' },
};

export const STATION: WordsOf<typeof STATION_FIELDS> = {
  id: { name: 'Station id' },
  name: { name: 'Name', missing: 'Give the station a name.' },
  altitudeM: { name: 'Altitude' },
};

export const WEATHER: WordsOf<typeof WEATHER_FIELDS> = {
  timeMs: { name: 'Time' },
  airTemperatureC: { name: 'Air temperature' },
  humidityFraction: { name: 'Humidity' },
  windMPerS: { name: 'Wind' },
  cloudFraction: { name: 'Cloud' },
  precipitationMm: { name: 'Precipitation' },
  globalRadiationWPerM2: { name: 'Global radiation' },
  leadH: { name: 'Hours ahead' },
};

export const FINDING: WordsOf<typeof FINDING_FIELDS> = {
  id: { name: 'Finding id' },
  skiId: { name: 'Ski' },
  kind: { name: 'Finding', missing: 'Choose what was found.' },
  positionCm: { name: 'Place' },
  side: { name: 'Side', missing: 'Choose a side.' },
  foundAt: { name: 'Time' },
};

export const SKI_EVENT: WordsOf<typeof SKI_EVENT_FIELDS> = {
  id: { name: 'Event id' },
  skiId: { name: 'Ski' },
  kind: { name: 'Event', missing: 'Choose what happened.' },
  waxing: { name: 'Waxing' },
  coats: { name: 'Coats' },
  boxHours: { name: 'Hours in the box' },
  uptakeFraction: { name: 'Uptake' },
  km: { name: 'Kilometres' },
  snow: { name: 'Snow' },
  note: { name: 'Note' },
  atMs: { name: 'Time' },
  jobId: { name: 'Job' },
};

export const TRACK_EVENT: WordsOf<typeof TRACK_EVENT_FIELDS> = {
  id: { name: 'Track work id' },
  outingId: { name: 'Outing' },
  at: { name: 'Time', missing: 'Say when it was.' },
  kind: { name: 'Kind', missing: 'Say what was done.' },
  passes: { name: 'Passes' },
};

export const STOCK_MOVE: WordsOf<typeof STOCK_MOVE_FIELDS> = {
  id: { name: 'Move' },
  productId: { name: 'Product' },
  kind: { name: 'Kind', missing: 'Say what happened.' },
  grams: { name: 'Grams', missing: 'Grams are missing.' },
  note: { name: 'Note' },
  isUndo: { name: 'Undone step' },
  at: { name: 'Time' },
};

/** What is said of any field. */
export const missing = (name: string) => `${name} is missing.`;
export const mustBeList = (name: string) => `${name} must be a list.`;
export const unknownColumn = 'The record has a column that this version does not know.';
export const notFitting = (name: string) => `${name} is not a value this field can have.`;
export const upTo = (count: number, name: string) => `Up to ${count} ${name.toLowerCase()}.`;
