import { IRON } from './figures';

export interface IronWax {
  /** Middle of the melting range of 8 K, °C: below it the film counts as solid. */
  meltingC: number;
  ironC: number;
  smokeC?: number;
}

/** From where a film of the wax smokes, °C: its own, or the house's above its iron temperature. */
export const smokeOf = ({ smokeC, ironC }: IronWax): number =>
  smokeC ?? ironC + IRON.smokeOverIronK;

export interface IronSki {
  lengthM: number;
  widthM: number;
  startC: number;
  baseMm?: number;
}

export interface Iron {
  setC: number;
  plateLengthM: number;
  plateWidthM?: number;
  massKg: number;
  powerW: number;
  lagS?: number;
}

/** A wax, a ski and an iron in a room, without how the passes are timed. */
export interface IronBench {
  wax: IronWax;
  ski: IronSki;
  iron: Iron;
  roomC: number;
  filmMicrometre: number;
  /** Between plate and film, W/m²/K; the house's unless fitted to what was seen. */
  contact?: number;
}

/** The same with even passes. */
export interface IronQuestion extends IronBench {
  passS: number;
  passes: number;
  pauseS?: number;
}

export interface IronPass {
  /** Warmest of the base's surface and of its back, °C. */
  peakBaseC: number;
  backC: number;
  /** Liquid behind the iron, m. */
  trailM: number;
  /** The plate itself at both ends of the pass, °C. */
  plateStartC: number;
  plateEndC: number;
  /** Heat into the ski while the iron is on it, W. */
  meanHeatW: number;
  /** How long a point is liquid, s. */
  moltenS: number;
}

/** How one pass is timed: from end to end of the ski, and the rest after it, in which the other ski is ironed, s. */
export interface PassTiming {
  passS: number;
  restS: number;
}

/** One moment of a point of the ski, for drawing. */
export interface IronMoment {
  timeS: number;
  baseC: number;
  filmC: number;
}
