import { array, boolean, number, object, string } from 'yup';
import { COMPLAINTS } from '../../core/grip';
import { PRODUCT_ROLES, PURPOSES } from '../../core/terms';
import { boundedNumber, oneOfWords, plainText } from './fields';
import { list } from './list';
import { saidFields, saidSchema } from './said';
import { snowSchema } from './snow';
import { formatsScreenWords } from '../../words/screens/formats';
import { lazily } from '../../words/lazily';

const WORDS = lazily(formatsScreenWords.schemas);

/** The gap under the ski at a place, at half and at full weight. */
export const gapSchema = object({
  positionCm: boundedNumber(WORDS.place, { low: -120, high: 150, unit: 'cm' }).required(
    WORDS.placeIsMissing,
  ),
  halfMm: boundedNumber(WORDS.gapAtHalfWeight, { low: 0, high: 20, unit: 'mm' }).required(
    WORDS.halfGapMissing,
  ),
  fullMm: boundedNumber(WORDS.gapAtFullWeight, { low: 0, high: 20, unit: 'mm' }).required(
    WORDS.fullGapMissing,
  ),
}).typeError(WORDS.gapNotObject);

const skiLengthCm = () => boundedNumber(WORDS.lengthOfTheSki, { low: 80, high: 230, unit: 'cm' });

/** How the pocket was found: gaps, the two ends of a feeler, or the simple rule. */
export const fitSchema = object({
  skiLengthCm: skiLengthCm(),
  gaps: list(gapSchema.required(WORDS.gapNull))
    .typeError(WORDS.gapsNotList)
    .max(60, WORDS.tooManyPlaces),
  feeler: object({
    backCm: boundedNumber(WORDS.backEnd, { low: -120, high: 150, unit: 'cm' }).required(
      WORDS.backEndIsMissing,
    ),
    frontCm: boundedNumber(WORDS.frontEnd, { low: -120, high: 150, unit: 'cm' }).required(
      WORDS.frontEndIsMissing,
    ),
  })
    .default(undefined)
    .typeError(WORDS.feelerMustBeAnObject),
  heelBehindPinCm: boundedNumber(WORDS.heelBehindThePin, { low: 18, high: 40, unit: 'cm' }),
  skierKg: boundedNumber(WORDS.weightOfTheSkier, { low: 20, high: 180, unit: 'kg' }),
  measuredKg: boundedNumber(WORDS.weightItWasMeasuredUnder, { low: 20, high: 180, unit: 'kg' }),
}).typeError(WORDS.fitMustBeAnObject);

const gripProductSchema = object({
  id: plainText(WORDS.productId, 64).required(WORDS.productIdIsMissing),
  name: plainText(WORDS.productName, 80).required(WORDS.productNameIsMissing),
  role: oneOfWords(WORDS.role, PRODUCT_ROLES).required(WORDS.roleIsMissing),
  labelLowC: boundedNumber(WORDS.coldEndOfTheLabel, { low: -60, high: 30, unit: '°C' }).required(
    WORDS.coldEndIsMissing,
  ),
  labelHighC: boundedNumber(WORDS.warmEndOfTheLabel, { low: -60, high: 30, unit: '°C' })
    .required(WORDS.warmEndIsMissing)
    .test('in-order', WORDS.labelSwapped, function isInOrder(value) {
      const { labelLowC } = this.parent as { labelLowC?: number };
      return typeof value !== 'number' || typeof labelLowC !== 'number' || value > labelLowC;
    }),
  label2LowC: boundedNumber(WORDS.coldEndForOldSnow, { low: -60, high: 30, unit: '°C' }),
  label2HighC: boundedNumber(WORDS.warmEndForOldSnow, { low: -60, high: 30, unit: '°C' }),
}).typeError(WORDS.productNotObject);

/** Body of POST /api/v1/grip. Products absent: the stored shelf. Fit absent: the simple rule. */
export const gripRequestSchema = object({
  snow: snowSchema.required(WORDS.snowIsMissing),
  outing: object({
    distanceKm: boundedNumber(WORDS.distance, { low: 0, high: 500, unit: 'km' }).required(
      WORDS.distanceIsMissing,
    ),
    purpose: oneOfWords(WORDS.purpose, PURPOSES).required(WORDS.purposeIsMissing),
  })
    .required(WORDS.outingIsMissing)
    .typeError(WORDS.outingMustBeAnObject),
  fit: fitSchema.default(undefined),
  laterTemperatureC: boundedNumber(WORDS.laterTemperature, {
    low: -60,
    high: 0,
    unit: '°C',
  }),
  products: list(gripProductSchema.required(WORDS.productNull))
    .typeError(WORDS.productsNotList)
    .max(200, WORDS.tooManyProducts),
  trouble: object({
    complaint: oneOfWords(WORDS.complaint, COMPLAINTS).required(WORDS.complaintIsMissing),
    tried: list(
      object({
        complaint: oneOfWords(WORDS.complaint, COMPLAINTS).required(),
        key: plainText('Step', 40).required(),
      }).required(),
    ).max(50),
  })
    .default(undefined)
    .typeError(WORDS.troubleMustBeAnObject),
}).typeError(WORDS.bodyNotObject);

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
    object({ key: text(), label: text(), valueC: figure(), reason: text(), ...saidFields() })
      .noUnknown()
      .required(),
  ).required(),
  ranking: array(
    object({
      id: text(),
      name: text(),
      lossPercent: figure(),
      slipPercent: figure(),
      dragPercent: figure(),
      reason: text(),
      ...saidFields(),
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
  findings: array(saidSchema().required()).required(),
  trouble: object({ key: text(), title: text(), how: text(), reason: text(), ...saidFields() })
    .noUnknown()
    .nullable()
    .defined(),
  modelVersion: text(),
}).noUnknown();
