import { array, number, object, string } from 'yup';
import { boundedNumber, plainText } from './fields';

const waxSchema = object({
  meltingC: boundedNumber('Melting point', 20, 160, '°C').required('Melting point is missing.'),
  ironC: boundedNumber('Iron temperature of the label', 60, 200, '°C').required(
    'Iron temperature of the label is missing.',
  ),
  smokeC: boundedNumber('Smoke point', 60, 260, '°C'),
}).typeError('wax must be an object.');

const skiSchema = object({
  lengthM: boundedNumber('Length of the ski', 0.5, 2.6, 'm').required('Length is missing.'),
  widthM: boundedNumber('Width of the ski', 0.03, 0.4, 'm').required('Width is missing.'),
  startC: boundedNumber('Temperature of the ski', -30, 60, '°C').required(
    'Temperature of the ski is missing.',
  ),
  baseMm: boundedNumber('Thickness of the base', 0.4, 3, 'mm'),
}).typeError('ski must be an object.');

const plateFields = {
  plateLengthM: boundedNumber('Length of the plate', 0.03, 0.4, 'm').required(
    'Length of the plate is missing.',
  ),
  plateWidthM: boundedNumber('Width of the plate', 0.03, 0.4, 'm'),
  massKg: boundedNumber('Mass of the plate', 0.1, 5, 'kg').required('Mass is missing.'),
  powerW: boundedNumber('Power', 50, 3000, 'W').required('Power is missing.'),
  lagS: boundedNumber('Lag of the thermostat', 0, 120, 's'),
};

const ironSchema = object({
  setC: boundedNumber('Set temperature', 60, 200, '°C').required('Set temperature is missing.'),
  ...plateFields,
}).typeError('iron must be an object.');

/** An iron of the team's own. */
export const ownIronSchema = object({
  name: plainText('Name of the iron', 40).trim().required('Give the iron a name.'),
  ...plateFields,
}).typeError('An iron must be an object.');

/** Body of POST /api/v1/iron. */
export const ironRequestSchema = object({
  wax: waxSchema.required('wax is missing.'),
  ski: skiSchema.required('ski is missing.'),
  iron: ironSchema.required('iron is missing.'),
  passS: boundedNumber('Seconds a pass', 1, 60, 's').required('Seconds a pass are missing.'),
  passes: number()
    .typeError('Passes must be a whole number from 1 to 12.')
    .integer('Passes must be a whole number.')
    .min(1, 'At least one pass.')
    .max(12, 'Up to 12 passes: after five or six a base takes no more.')
    .required('Passes are missing.'),
  pauseS: boundedNumber('Pause', 0, 600, 's'),
  roomC: boundedNumber('Room', -30, 45, '°C').required('Room temperature is missing.'),
  filmMicrometre: boundedNumber('Film', 5, 300, 'µm').required('Film is missing.'),
}).typeError('The body must be a JSON object.');

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
  advice: object({ setC: figure(), passS: figure(), passes: figure() })
    .noUnknown()
    .nullable()
    .defined(),
  adviceReason: string().defined(),
  modelVersion: string().defined(),
}).noUnknown();
