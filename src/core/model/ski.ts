import {
  BASE_SIDES,
  BASE_TYPES,
  FINDING_KINDS,
  PURPOSES,
  SKI_EVENT_KINDS,
  SKI_TYPES,
  WEAR_SNOWS,
} from '../terms';
import type { FieldsOf } from './field';
import { WAXINGS, type Finding, type Ski, type SkiEvent } from '../ski';

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
  flexKg: { type: 'number', range: [20, 160], unit: 'kg', csv: ['flex for'] },
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

/** What an event says beyond its kind: kept together as JSON, as few kinds use each. */
export const SKI_EVENT_DETAIL_FIELDS = {
  waxing: { type: 'choice', of: WAXINGS, column: 'none' },
  coats: { type: 'number', range: [0, 20], unit: '', column: 'none' },
  boxHours: { type: 'number', range: [0, 100], unit: 'h', column: 'none' },
  uptakeFraction: {
    type: 'number',
    range: [0, 1],
    unit: '%',
    column: 'none',
    isInternal: true,
  },
  km: { type: 'number', range: [0, 1000], unit: 'km', column: 'none' },
  snow: { type: 'choice', of: WEAR_SNOWS, column: 'none' },
  note: { type: 'text', most: 300, column: 'none' },
} as const;

/** The fields of an event in the life of a ski. */
export const SKI_EVENT_FIELDS = {
  id: { type: 'id', isRequired: true, isInternal: true },
  skiId: { type: 'id', isRequired: true },
  kind: { type: 'choice', of: SKI_EVENT_KINDS, isRequired: true },
  ...SKI_EVENT_DETAIL_FIELDS,
  atMs: { type: 'instant', isRequired: true, isInternal: true, column: 'at' },
  jobId: { type: 'id', isInternal: true },
} as const satisfies FieldsOf<KeptEvent>;

/** The fields of something found on a base. */
export const FINDING_FIELDS = {
  id: { type: 'id', isRequired: true, isInternal: true },
  skiId: { type: 'id', isRequired: true },
  kind: { type: 'choice', of: FINDING_KINDS, isRequired: true },
  positionCm: { type: 'number', range: [0, 240], unit: 'cm', isRequired: true },
  side: { type: 'choice', of: BASE_SIDES, isRequired: true },
  foundAt: { type: 'moment', isRequired: true, isInternal: true },
} as const satisfies FieldsOf<KeptFinding>;
