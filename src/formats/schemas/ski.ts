import { object } from 'yup';
import {
  BASE_SIDES,
  BASE_TYPES,
  FINDING_KINDS,
  PURPOSES,
  SKI_EVENT_KINDS,
  SKI_TYPES,
  WEAR_SNOWS,
} from '../../core/terms';
import { boundedNumber, calendarDay, moment, oneOfWords, plainText, yesNo } from './fields';

/** A pair or board of the rack; see Ski in the core. */
export const skiSchema = object({
  id: plainText('Ski id', 64).required('Ski id is missing.'),
  name: plainText('Name', 60).trim().required('Give the pair a name.'),
  owner: plainText('Owner', 60).defined('Owner is missing.'),
  type: oneOfWords('Type', SKI_TYPES).required('Choose a type.'),
  lengthCm: boundedNumber('Length', 70, 240, 'cm').required('Length is missing.'),
  waistMm: boundedNumber('Waist', 35, 340, 'mm').required('Waist is missing.'),
  baseType: oneOfWords('Base', BASE_TYPES).required('Base is missing.'),
  grindMm: boundedNumber('Width of the grind', 0.05, 5, 'mm'),
  grindPattern: plainText('Pattern of the grind', 40),
  groundOn: calendarDay('Day of the grind'),
  baseBevelDeg: boundedNumber('Base bevel', 0, 3, '°'),
  sideBevelDeg: boundedNumber('Side bevel', 0, 6, '°'),
  hasBrakes: yesNo('Brakes').required('Brakes are missing.'),
  purpose: oneOfWords('Purpose', PURPOSES).required('Purpose is missing.'),
  note: plainText('Note', 300),
}).typeError('A ski must be an object.');

/** What a ski is taken for where nobody said more. */
export const SKI_DEFAULTS = {
  owner: '',
  baseType: 'sintered',
  hasBrakes: false,
  purpose: 'training',
} as const;

/** Something seen at a place of the base. */
export const findingSchema = object({
  skiId: plainText('Ski', 64).required('Ski is missing.'),
  kind: oneOfWords('Finding', FINDING_KINDS).required('Choose what was found.'),
  positionCm: boundedNumber('Place', 0, 240, 'cm').required('Place is missing.'),
  side: oneOfWords('Side', BASE_SIDES).required('Choose a side.'),
});

/** An event as a person writes it down. */
export const skiEventSchema = object({
  skiId: plainText('Ski', 64).required('Ski is missing.'),
  kind: oneOfWords('Event', SKI_EVENT_KINDS).required('Choose what happened.'),
  at: moment('Time'),
  waxing: oneOfWords('Waxing', ['hot', 'liquid', 'top', 'box', 'storage'] as const),
  coats: boundedNumber('Coats', 0, 20, ''),
  boxHours: boundedNumber('Hours in the box', 0, 100, 'h'),
  km: boundedNumber('Kilometres', 0, 1000, 'km'),
  snow: oneOfWords('Snow', WEAR_SNOWS),
  note: plainText('Note', 300),
}).test('km', 'Say how many kilometres.', function hasKm(value) {
  if (value.kind !== 'kilometres' || value.km !== undefined) return true;
  return this.createError({ path: 'km', message: 'Say how many kilometres.' });
});
