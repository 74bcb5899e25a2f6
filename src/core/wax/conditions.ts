import type { LearnedLedger } from './learned';
import type { Additive, Dirt, Discipline, Form, Grain, Origin, Purpose, Wetness } from '../terms';

/** The snow as seen and measured. Temperatures °C, humidity over water as a fraction. */
export interface SnowConditions {
  temperatureC: number;
  temperatureSdC?: number;
  humidityFraction: number;
  airTemperatureC?: number;
  origin: Origin;
  grain?: Grain;
  /** 0 rounded … 1 new; overrides the grain's own. */
  sharpness?: number;
  wetness: Wetness;
  /** Liquid water, % by volume, where it is known better than by its class. */
  waterPercent?: number;
  /** Size of the grains, mm, where it is known better than by their class. */
  grainMm?: number;
  dirt: Dirt;
  glazed: boolean;
}

/** What the skis are for. */
export interface OutingFacts {
  discipline: Discipline;
  distanceKm: number;
  purpose: Purpose;
  fluorocarbonsAllowed?: boolean;
  /** How long the skis are on snow, h; undefined: estimated from the distance. */
  hoursOnSnow?: number;
}

/** A glide wax as the choice sees it. Label ends in °C of snow temperature, low < high. */
export interface GlideProduct {
  id: string;
  name: string;
  labelLowC: number;
  labelHighC: number;
  additives: readonly Additive[];
  form: Form;
  /** Of a container, in the team's own money; absent: not known. */
  price?: number;
  containerG?: number;
}

/** The technician's own correction in °C, by venue and by hand, each within ±5; and what was learned. */
export interface OwnCorrection {
  venueC: number;
  handC: number;
  /** What tests and outcomes have made of the ledger; absent: as the house has it. */
  learned?: LearnedLedger;
}
