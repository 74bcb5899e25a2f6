import { array, boolean, number, object, string } from 'yup';
import { COMPLAINTS } from '../../core/grip';
import { PRODUCT_ROLES, PURPOSES } from '../../core/terms';
import { boundedNumber, oneOfWords, plainText } from './fields';
import { list } from './list';
import { snowSchema } from './snow';

/** The gap under the ski at a place, at half and at full weight. */
export const gapSchema = object({
  positionCm: boundedNumber('Place', -120, 150, 'cm').required('Place is missing.'),
  halfMm: boundedNumber('Gap at half weight', 0, 20, 'mm').required(
    'Gap at half weight is missing.',
  ),
  fullMm: boundedNumber('Gap at full weight', 0, 20, 'mm').required(
    'Gap at full weight is missing.',
  ),
}).typeError('A gap must be an object.');

const skiLengthCm = () => boundedNumber('Length of the ski', 80, 230, 'cm');

/** How the pocket was found: gaps, the two ends of a feeler, or the simple rule. */
export const fitSchema = object({
  skiLengthCm: skiLengthCm(),
  gaps: list(gapSchema.required('A gap may not be null.'))
    .typeError('gaps must be a list.')
    .max(60, 'Up to 60 places.'),
  feeler: object({
    backCm: boundedNumber('Back end', -120, 150, 'cm').required('Back end is missing.'),
    frontCm: boundedNumber('Front end', -120, 150, 'cm').required('Front end is missing.'),
  })
    .default(undefined)
    .typeError('feeler must be an object.'),
  heelBehindPinCm: boundedNumber('Heel behind the pin', 18, 40, 'cm'),
  skierKg: boundedNumber('Weight of the skier', 20, 180, 'kg'),
  measuredKg: boundedNumber('Weight it was measured under', 20, 180, 'kg'),
}).typeError('fit must be an object.');

const gripProductSchema = object({
  id: plainText('Product id', 64).required('Product id is missing.'),
  name: plainText('Product name', 80).required('Product name is missing.'),
  role: oneOfWords('Role', PRODUCT_ROLES).required('Role is missing.'),
  labelLowC: boundedNumber('Cold end of the label', -60, 30, '°C').required('Cold end is missing.'),
  labelHighC: boundedNumber('Warm end of the label', -60, 30, '°C')
    .required('Warm end is missing.')
    .test('in-order', 'The label’s ends are swapped.', function isInOrder(value) {
      const { labelLowC } = this.parent as { labelLowC?: number };
      return typeof value !== 'number' || typeof labelLowC !== 'number' || value > labelLowC;
    }),
  label2LowC: boundedNumber('Cold end for old snow', -60, 30, '°C'),
  label2HighC: boundedNumber('Warm end for old snow', -60, 30, '°C'),
}).typeError('A product must be an object.');

/** Body of POST /api/v1/grip. Products absent: the stored shelf. Fit absent: the simple rule. */
export const gripRequestSchema = object({
  snow: snowSchema.required('snow is missing.'),
  outing: object({
    distanceKm: boundedNumber('Distance', 0, 500, 'km').required('Distance is missing.'),
    purpose: oneOfWords('Purpose', PURPOSES).required('Purpose is missing.'),
  })
    .required('outing is missing.')
    .typeError('outing must be an object.'),
  fit: fitSchema.default(undefined),
  laterTemperatureC: boundedNumber('Snow temperature at the end', -60, 0, '°C'),
  products: list(gripProductSchema.required('A product may not be null.'))
    .typeError('products must be a list.')
    .max(200, 'Up to 200 products.'),
  trouble: object({
    complaint: oneOfWords('Complaint', COMPLAINTS).required('Complaint is missing.'),
    tried: list(
      object({
        complaint: oneOfWords('Complaint', COMPLAINTS).required(),
        key: plainText('Step', 40).required(),
      }).required(),
    ).max(50),
  })
    .default(undefined)
    .typeError('trouble must be an object.'),
}).typeError('The body must be a JSON object.');

const text = () => string().defined();
const figure = () => number().required();
const zone = () => object({ startCm: figure(), endCm: figure() }).noUnknown();

/** Answer of POST /api/v1/grip. */
export const gripResponseSchema = object({
  fit: object({
    zone: zone().required(),
    klisterZone: zone().nullable().defined(),
    pocketMm: number().nullable().defined(),
    stiffness: string().nullable().defined(),
    closedAtFull: array(zone().required()).nullable().defined(),
    closingShare: number().nullable().defined(),
    roomLayers: number().nullable().defined(),
    basis: text(),
    notes: array(text()).required(),
  })
    .noUnknown()
    .required(),
  kind: text(),
  kindReason: text(),
  gripTemperatureC: figure(),
  lines: array(
    object({ key: text(), label: text(), valueC: figure(), reason: text() }).noUnknown().required(),
  ).required(),
  ranking: array(
    object({
      id: text(),
      name: text(),
      lossPercent: figure(),
      slipPercent: figure(),
      dragPercent: figure(),
      reason: text(),
    })
      .noUnknown()
      .required(),
  ).required(),
  needsBinder: boolean().required(),
  binderId: string().nullable().defined(),
  layers: figure(),
  wearKm: figure(),
  carry: string().nullable().defined(),
  cautions: array(text()).required(),
  trouble: object({ key: text(), title: text(), how: text(), reason: text() })
    .noUnknown()
    .nullable()
    .defined(),
  modelVersion: text(),
}).noUnknown();
