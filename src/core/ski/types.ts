import type {
  BaseSide,
  BaseType,
  Discipline,
  FindingKind,
  Purpose,
  SkiEventKind,
  SkiType,
  WearSnow,
} from '../terms';
import { SKI } from './figures';

/** A pair of skis, or a board. */
export interface Ski {
  id: string;
  name: string;
  owner: string;
  type: SkiType;
  lengthCm: number;
  /** Narrowest width of the base, mm. */
  waistMm: number;
  baseType: BaseType;
  /** The stone's structure: width of its lines, mm, how it looks, and when. */
  grindMm?: number;
  grindPattern?: string;
  groundOn?: string;
  /** Bevels of the edges, °; skis without edges have none. */
  baseBevelDeg?: number;
  sideBevelDeg?: number;
  /** The skier's weight that the pair was picked for, by its maker or a flex bench, kg. */
  flexKg?: number;
  hasBrakes: boolean;
  purpose: Purpose;
  note?: string;
}

/** Something seen at a place of the base. */
export interface Finding {
  kind: FindingKind;
  /** From the tip along the ski, cm. */
  positionCm: number;
  side: BaseSide;
}

/** How a wax got in. */
export const WAXINGS = ['hot', 'liquid', 'top', 'box', 'storage'] as const;
export type Waxing = (typeof WAXINGS)[number];

/** One event in the life of a ski; what a kind does not use is absent. */
export interface SkiEvent {
  kind: SkiEventKind;
  atMs: number;
  /** `waxed`: how, and how many coats; a hot box counts its hours. */
  waxing?: Waxing;
  coats?: number;
  boxHours?: number;
  /** Share of what was empty that the passes really filled; absent: the house's usual of its coats. */
  uptakeFraction?: number;
  /** `kilometres`: how far, on what. */
  km?: number;
  snow?: WearSnow;
  note?: string;
}

export const HAS_EDGES: Readonly<Record<SkiType, boolean>> = {
  alpine: true,
  skate: false,
  classic: false,
  patterned: false,
  skin: false,
  touring: true,
  snowboard: true,
};
/** Skis that are waxed for grip, or have it built in. */
export const GRIP_KIND: Readonly<Record<SkiType, 'none' | 'wax' | 'pattern' | 'skin'>> = {
  alpine: 'none',
  skate: 'none',
  classic: 'wax',
  patterned: 'pattern',
  skin: 'skin',
  touring: 'none',
  snowboard: 'none',
};
/** Two skis; a board is one. */
export const isPair = ({ type }: Pick<Ski, 'type'>): boolean => type !== 'snowboard';

/** Area of all bases of the pair or board, m². */
export const baseAreaM2 = (ski: Pick<Ski, 'type' | 'lengthCm' | 'waistMm'>): number =>
  ((isPair(ski) ? 2 : 1) * ski.lengthCm * ski.waistMm * SKI.meanWidth[ski.type]) / 100_000;

/** Types of ski that a discipline is skied on. */
export const TYPES_FOR: Readonly<Record<Discipline, readonly SkiType[]>> = {
  skate: ['skate'],
  classic: ['classic', 'patterned', 'skin'],
  alpine: ['alpine'],
  touring: ['touring'],
  snowboard: ['snowboard'],
};
