import { BASE_TYPES, PURPOSES, SKI_TYPES } from '../terms';
import type { FieldsOf } from './field';
import type { Finding, Ski, SkiEvent } from '../ski';

/** A pair as stored: each change raises its version. */
export interface KeptSki extends Ski {
  version: number;
  isRemoved: boolean;
}

/** An event as it is kept. */
export interface KeptEvent extends SkiEvent {
  id: string;
  skiId: string;
  jobId?: string;
}

/** A finding as it is kept. */
export interface KeptFinding extends Finding {
  id: string;
  skiId: string;
  foundAt: string;
}

/** The fields of a pair or board, in the order of its file. */
export const SKI_FIELDS = {
  id: { type: 'id', isRequired: true },
  name: { type: 'text', most: 60, isRequired: true, csv: ['name'], isRequiredInCsv: true },
  owner: { type: 'text', most: 60, isRequired: true, csv: ['owner'], fallback: '' },
  type: { type: 'choice', of: SKI_TYPES, isRequired: true, csv: ['type'], isRequiredInCsv: true },
  lengthCm: {
    type: 'number',
    range: [70, 240],
    unit: 'cm',
    isRequired: true,
    csv: ['length'],
    isRequiredInCsv: true,
  },
  waistMm: {
    type: 'number',
    range: [35, 340],
    unit: 'mm',
    isRequired: true,
    csv: ['waist'],
    isRequiredInCsv: true,
  },
  baseType: {
    type: 'choice',
    of: BASE_TYPES,
    isRequired: true,
    csv: ['base'],
    fallback: 'sintered',
  },
  grindMm: { type: 'number', range: [0.05, 5], unit: 'mm', csv: ['grind width'] },
  grindPattern: { type: 'text', most: 40, csv: ['grind pattern'] },
  groundOn: { type: 'day', csv: ['ground on'] },
  baseBevelDeg: { type: 'number', range: [0, 3], unit: '°', csv: ['base bevel'] },
  sideBevelDeg: { type: 'number', range: [0, 6], unit: '°', csv: ['side bevel'] },
  hasBrakes: { type: 'flag', isRequired: true, csv: ['brakes'], fallback: false },
  purpose: {
    type: 'choice',
    of: PURPOSES,
    isRequired: true,
    csv: ['purpose'],
    fallback: 'training',
  },
  note: { type: 'text', most: 300, csv: ['note'] },
} as const satisfies FieldsOf<Ski>;
