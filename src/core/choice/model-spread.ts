import type { SnowCases } from './cases';
import { CHOICE } from './figures';

/** Points of a standard normal that stand for equal shares of it; mean 0, variance 1. */
const pointsFor = ({ reading }: SnowCases): readonly number[] =>
  reading ? CHOICE.modelPoints.reading : CHOICE.modelPoints.ensemble;

const repeated = <T extends Float64Array | Uint8Array>(values: T, into: T, times: number): T => {
  for (let i = 0; i < values.length; i += 1) into.fill(values[i]!, i * times, (i + 1) * times);
  return into;
};

/**
 * The cases with what the ledger itself does not know: each member stands for several, apart by a normal of this
 * spread, K, that is the same for all products. The snow of the members is as it was.
 */
export function withModelSpread(cases: SnowCases, sdK: number): SnowCases {
  const points = pointsFor(cases);
  const count = points.length;
  const size = cases.temperatureC.length * count;
  const members = cases.members * count;
  const floats = (values: Float64Array) => repeated(values, new Float64Array(size), count);
  return {
    ...cases,
    members,
    memberWeights: repeated(cases.memberWeights, new Float64Array(members), count).map(
      (weight) => weight / count,
    ),
    temperatureC: floats(cases.temperatureC),
    humidity: floats(cases.humidity),
    sharpness: floats(cases.sharpness),
    waterPercent: floats(cases.waterPercent),
    grainMm: cases.grainMm && floats(cases.grainMm),
    hardTrack: repeated(cases.hardTrack, new Uint8Array(size), count),
    wetness: repeated(cases.wetness, new Uint8Array(size), count),
    modelOffsetK: Float64Array.from({ length: members }, (_, m) => sdK * points[m % count]!),
  };
}
