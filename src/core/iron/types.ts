export interface IronWax {
  /** Middle of the melting range of 8 K, °C: below it the film counts as solid. */
  meltingC: number;
  ironC: number;
  smokeC?: number;
}

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

export interface IronQuestion {
  wax: IronWax;
  ski: IronSki;
  iron: Iron;
  passS: number;
  passes: number;
  pauseS?: number;
  roomC: number;
  filmMicrometre: number;
  /** Between plate and film, W/m²/K; the house's unless fitted to what was seen. */
  contact?: number;
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
