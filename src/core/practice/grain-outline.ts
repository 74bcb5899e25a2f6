import type { GrainShape } from '../snow';
import { drawFor, type Draw } from './draw';
import { PRACTICE } from './figures';

const { lens: LENS } = PRACTICE;
const FULL = 2 * Math.PI;

/** A grain under the lens: its outline about its own middle and where that lies, both in mm of the card. */
export interface GrainOutline {
  xMm: number;
  yMm: number;
  points: readonly (readonly [number, number])[];
}

/** What is seen under a lens. */
export interface LensView {
  /** Side of the square that is seen, mm. */
  sideMm: number;
  grains: GrainOutline[];
  /** Grains frozen to each other, by their places in the list. */
  bonds: (readonly [number, number])[];
}

/**
 * Distance of an outline from its middle at an angle, in mean radii: six branches that stand out the more dendritic a
 * grain is, six flats the less spherical it is (house; it need look right, not weigh right).
 */
function radiusAt(
  angle: number,
  { dendricity, sphericity }: GrainShape,
  phases: readonly number[],
) {
  const [turn, rough] = phases as [number, number];
  const { branch, branchPower, facets, flat, roughness } = LENS;
  const arm = Math.abs(Math.cos(0.5 * facets * (angle - turn))) ** branchPower;
  const branches = dendricity * branch * (arm - LENS.armMean);
  const within = FULL / facets;
  const inFacet = ((((angle - turn) % within) + within) % within) - 0.5 * within;
  const hexagon = Math.cos(0.5 * within) / Math.cos(inFacet);
  const flats = (1 - dendricity) * (1 - sphericity) * flat * (hexagon - LENS.hexagonMean);
  const uneven = roughness * (1 - sphericity) * Math.sin(LENS.roughWaves * angle + rough);
  return Math.max(LENS.leastRadius, 1 + branches + flats + uneven);
}

function outlineOf(shape: GrainShape, mm: number, draw: Draw): GrainOutline['points'] {
  const phases = [draw.between([0, FULL]), draw.between([0, FULL])];
  const squash = 1 - LENS.squash * (1 - shape.sphericity) * draw.between([0, 1]);
  const radius = 0.5 * mm * Math.exp(draw.normal(LENS.sizeLogSd));
  return Array.from({ length: LENS.points }, (_, i) => {
    const angle = (i / LENS.points) * FULL;
    const r = radius * radiusAt(angle, shape, phases);
    return [r * Math.cos(angle), squash * r * Math.sin(angle)] as const;
  });
}

/** Grains of a shape and size as a lens shows them, the same for the same seed; bound ones freeze into clusters. */
export function lensView(
  { mm, isBound, ...shape }: GrainShape & { mm: number; isBound: boolean },
  seed: number,
): LensView {
  const draw = drawFor('lens', seed);
  const { across, jitter } = LENS;
  const apart = (isBound ? LENS.boundApart : LENS.apart) * mm * (1 + shape.dendricity);
  const grains = Array.from({ length: across * across }, (_, i): GrainOutline => ({
    xMm: ((i % across) + 0.5 + draw.between([-jitter, jitter])) * apart,
    yMm: (Math.floor(i / across) + 0.5 + draw.between([-jitter, jitter])) * apart,
    points: outlineOf(shape, mm, draw),
  }));
  const bonds = isBound
    ? grains.flatMap((_, i) => {
        const right = i % across < across - 1 ? [[i, i + 1] as const] : [];
        const below = i + across < grains.length ? [[i, i + across] as const] : [];
        return [...right, ...below].filter(() => draw.between([0, 1]) < LENS.bondShare);
      })
    : [];
  return { sideMm: across * apart, grains, bonds };
}
