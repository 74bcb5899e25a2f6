import { array, number, object, string } from 'yup';
import { boundedNumber, plainText } from './fields';
import { saidSchema } from './said';
import { formatsScreenWords } from '../../words/screens/formats';
import { lazily } from '../../words/lazily';

const WORDS = lazily(formatsScreenWords.schemas);

const waxSchema = object({
  meltingC: boundedNumber(WORDS.meltingPoint, { low: 20, high: 160, unit: '°C' }).required(
    WORDS.meltingPointIsMissing,
  ),
  ironC: boundedNumber(WORDS.ironTemperatureOfTheLabel, {
    low: 60,
    high: 200,
    unit: '°C',
  }).required(WORDS.ironTemperatureMissing),
  smokeC: boundedNumber(WORDS.smokePoint, { low: 60, high: 260, unit: '°C' }),
}).typeError(WORDS.waxMustBeAnObject);

const skiSchema = object({
  lengthM: boundedNumber(WORDS.lengthOfTheSki, { low: 0.5, high: 2.6, unit: 'm' }).required(
    WORDS.lengthIsMissing,
  ),
  widthM: boundedNumber(WORDS.widthOfTheSki, { low: 0.03, high: 0.4, unit: 'm' }).required(
    WORDS.widthIsMissing,
  ),
  startC: boundedNumber(WORDS.temperatureOfTheSki, { low: -30, high: 60, unit: '°C' }).required(
    WORDS.skiTemperatureMissing,
  ),
  baseMm: boundedNumber(WORDS.thicknessOfTheBase, { low: 0.4, high: 3, unit: 'mm' }),
}).typeError(WORDS.skiMustBeAnObject);

const plateFields = {
  plateLengthM: boundedNumber(WORDS.lengthOfThePlate, { low: 0.03, high: 0.4, unit: 'm' }).required(
    WORDS.plateLengthMissing,
  ),
  plateWidthM: boundedNumber(WORDS.widthOfThePlate, { low: 0.03, high: 0.4, unit: 'm' }),
  massKg: boundedNumber(WORDS.massOfThePlate, { low: 0.1, high: 5, unit: 'kg' }).required(
    WORDS.massIsMissing,
  ),
  powerW: boundedNumber(WORDS.power, { low: 50, high: 3000, unit: 'W' }).required(
    WORDS.powerIsMissing,
  ),
  lagS: boundedNumber(WORDS.lagOfTheThermostat, { low: 0, high: 120, unit: 's' }),
};

const ironSchema = object({
  setC: boundedNumber(WORDS.setTemperature, { low: 60, high: 200, unit: '°C' }).required(
    WORDS.setTemperatureIsMissing,
  ),
  ...plateFields,
}).typeError(WORDS.ironMustBeAnObject);

/** An iron of the team's own. */
export const ownIronSchema = object({
  name: plainText(WORDS.nameOfTheIron, 40).trim().required(WORDS.giveTheIronAName),
  ...plateFields,
}).typeError(WORDS.ironNotObject);

/** Body of POST /api/v1/iron. */
export const ironRequestSchema = object({
  wax: waxSchema.required(WORDS.waxIsMissing),
  ski: skiSchema.required(WORDS.skiIsMissing),
  iron: ironSchema.required(WORDS.ironIsMissing),
  passS: boundedNumber(WORDS.secondsAPass, { low: 1, high: 60, unit: 's' }).required(
    WORDS.secondsAPassAreMissing,
  ),
  passes: number()
    .typeError(WORDS.passesOutOfRange)
    .integer(WORDS.passesNotWhole)
    .min(1, WORDS.atLeastOnePass)
    .max(12, WORDS.tooManyPasses)
    .required(WORDS.passesAreMissing),
  pauseS: boundedNumber(WORDS.pause, { low: 0, high: 600, unit: 's' }),
  roomC: boundedNumber(WORDS.room, { low: -30, high: 45, unit: '°C' }).required(
    WORDS.roomTemperatureIsMissing,
  ),
  filmMicrometre: boundedNumber(WORDS.film, { low: 5, high: 300, unit: 'µm' }).required(
    WORDS.filmIsMissing,
  ),
}).typeError(WORDS.bodyNotObject);

const figure = () => number().required();

/** Answer of POST /api/v1/iron. */
export const ironResponseSchema = object({
  passes: array(
    object({
      peakBaseC: figure(),
      backC: figure(),
      trailM: figure(),
      plateStartC: figure(),
      plateEndC: figure(),
      meanHeatW: figure(),
      moltenS: figure(),
    })
      .noUnknown()
      .required(),
  ).required(),
  moltenTotalS: figure(),
  uptakeFraction: number().required().min(0).max(1),
  warnings: array(string().defined()).required(),
  advice: object({
    setC: figure(),
    passes: array(
      object({ passS: figure(), restS: figure(), trailM: figure() }).noUnknown().required(),
    ).required(),
    uptakeFraction: figure(),
    sagK: figure(),
  })
    .noUnknown()
    .nullable()
    .defined(),
  adviceReason: string().defined(),
  findings: array(saidSchema().required()).required(),
  modelVersion: string().defined(),
}).noUnknown();
