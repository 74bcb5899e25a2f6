import { DomainError } from '../errors';
import { HOUSE, HOUSE_LIMITS } from './figures';

const CURVATURE = HOUSE.coreCurvature.mean;
const TOO_SOFT = HOUSE.tooSoft.mean;
const TOO_HARD = HOUSE.tooHard.mean;

/** A label reduced to what the loss needs: centre and flat half-width, °C and K; fixed part, %. */
export interface LabelShape {
  centreC: number;
  flatK: number;
  fixedPercent: number;
}

/**
 * Shape of a label [low, high] in °C, with a penalty in % that does not depend on temperature.
 * Low must lie below high, otherwise DomainError `label_swapped`.
 */
export function labelShape(labelLowC: number, labelHighC: number, penaltyPercent = 0): LabelShape {
  const spanK = labelHighC - labelLowC;
  if (!(spanK > 0) || !Number.isFinite(spanK)) {
    throw new DomainError({ code: 'label_swapped' }, 'labelHighC', labelHighC);
  }
  return {
    centreC: 0.5 * (labelLowC + labelHighC),
    flatK: HOUSE_LIMITS.flatShareOfSpan * spanK,
    fixedPercent:
      penaltyPercent + HOUSE.breadthPerK.mean * Math.max(0, spanK - HOUSE_LIMITS.breadthFreeK),
  };
}

/**
 * Glide loss in % of a wax at an equivalent temperature (house): 0.005·x² plus 0.10·(−x−f)² where
 * too soft or 0.04·(x−f)² where too hard, plus the fixed part; x from the label's centre, f the
 * flat half-width. Example: T_eq −9 on a −6…0 label → 2.205 %.
 */
export function glideLossPercent(equivalentTemperatureC: number, shape: LabelShape): number {
  const x = equivalentTemperatureC - shape.centreC;
  const beyond = Math.max(0, Math.abs(x) - shape.flatK);
  const steepness = x < 0 ? TOO_SOFT : TOO_HARD;
  return CURVATURE * x * x + steepness * beyond * beyond + shape.fixedPercent;
}

/** How fast that loss changes with the equivalent temperature, % per K. */
export function glideLossSlope(equivalentTemperatureC: number, shape: LabelShape): number {
  const x = equivalentTemperatureC - shape.centreC;
  const beyond = Math.max(0, Math.abs(x) - shape.flatK);
  const steepness = x < 0 ? -TOO_SOFT : TOO_HARD;
  return 2 * (CURVATURE * x + steepness * beyond);
}
