import { PHYSICS } from '../constants';
import type { Discipline, Purpose } from '../terms';
import { FRICTION } from './figures';
import { runDownSeconds } from './run-down';
import { glideSpeed, steadySpeed } from './steady-speed';

const { skier: SKIER, powerWPerKg: POWER, thirds: THIRDS, downhill: DOWNHILL } = FRICTION;
const { airKgPerM3: AIR } = PHYSICS;
const M_PER_KM = 1000;

/** What is skied. */
export interface Skied {
  discipline: Discipline;
  purpose: Purpose;
  distanceKm: number;
}

const fallsAlone = (discipline: Discipline) =>
  discipline === 'alpine' || discipline === 'snowboard';

/** Seconds for a metre of a slope: by power up and on the flat, down by what is faster, in a tuck or by power. */
function secondsAMetre(slope: number, friction: number, purpose: Purpose): number {
  const { massKg, dragAreaM2, tuckAreaM2, fastestMPerS } = SKIER;
  const skier = { massKg, slope, friction, airKgPerM3: AIR };
  const powered = steadySpeed({ ...skier, powerW: POWER[purpose] * massKg, dragAreaM2 });
  const gliding = slope < 0 ? glideSpeed({ ...skier, dragAreaM2: tuckAreaM2 }) : 0;
  return 1 / Math.min(slope < 0 ? fastestMPerS : Infinity, Math.max(powered, gliding));
}

/** Seconds over the whole of it at a coefficient of friction. */
export function skiedSeconds({ discipline, purpose, distanceKm }: Skied, friction: number): number {
  const lengthM = distanceKm * M_PER_KM;
  if (lengthM === 0) return 0;
  if (fallsAlone(discipline)) {
    const { slope, gatesPerM, straightPerM } = DOWNHILL;
    const dragPerM = purpose === 'race' ? gatesPerM : straightPerM;
    return runDownSeconds({ lengthM, angleRad: Math.atan(slope), friction, dragPerM });
  }
  const slopes = Object.values(THIRDS);
  return slopes.reduce(
    (sum, slope) => sum + (lengthM / slopes.length) * secondsAMetre(slope, friction, purpose),
    0,
  );
}

/**
 * What a loss of glide costs, s: the friction of the ideal wax, increased by so many per cent, over what is skied.
 * Example: 1 % over 10 km of skating race at μ 0.025 → about 4 s.
 */
export function lossSeconds(skied: Skied, idealFriction: number, lossPercent: number): number {
  const slower = idealFriction * (1 + lossPercent / 100);
  return skiedSeconds(skied, slower) - skiedSeconds(skied, idealFriction);
}

const { stepPercent: STEP } = FRICTION.lossTable;

/**
 * The same for many losses of one outing: computed at steps of a loss and straight between them. Up to 20 % and 90 km that is
 * at most 0.04 s and a thousandth off.
 */
export function lossInSeconds(
  skied: Skied,
  idealFriction: number,
): (lossPercent: number) => number {
  const ideal = skiedSeconds(skied, idealFriction);
  const known = new Map<number, number>();
  const atStep = (step: number): number => {
    let found = known.get(step);
    if (found === undefined) {
      found = skiedSeconds(skied, idealFriction * (1 + (step * STEP) / 100)) - ideal;
      known.set(step, found);
    }
    return found;
  };
  return (lossPercent) => {
    const step = Math.floor(lossPercent / STEP);
    const share = lossPercent / STEP - step;
    return atStep(step) + share * (atStep(step + 1) - atStep(step));
  };
}
