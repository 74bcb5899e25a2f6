import { randomSource } from '../random';
import { eachArray, type SnowCases } from './cases';
import { CHOICE } from './figures';
import { standardised } from './standardised';

const { modelPoints: POINTS, modelSeed: SEED, manyMembers: MANY } = CHOICE;

/** Each value so many times after itself. */
function repeated(values: Float64Array, times: number): Float64Array {
  const into = new Float64Array(values.length * times);
  for (let i = 0; i < values.length; i += 1) into.fill(values[i]!, i * times, (i + 1) * times);
  return into;
}

/** One draw a member: neighbours in rank get opposite ones, so that it has nothing to do with the snow. */
function drawn({ members, memberWeights }: SnowCases, sdK: number): Float64Array {
  const random = randomSource(SEED);
  const offsets = new Float64Array(members);
  for (let m = 0; m + 1 < members; m += 2) {
    const one = random.normal();
    offsets[m] = one;
    offsets[m + 1] = -one;
  }
  return standardised(offsets, memberWeights, sdK);
}

/**
 * The cases with what the ledger itself does not know: a normal of this spread, K, that is the same for all products.
 * Of many members each has its own draw of it; few members stand for several each. The snow of the members is as it was.
 */
export function withModelSpread(cases: SnowCases, sdK: number): SnowCases {
  if (!cases.reading && cases.members >= MANY) return { ...cases, modelOffsetK: drawn(cases, sdK) };
  const count = POINTS.length;
  const members = cases.members * count;
  return {
    ...cases,
    ...eachArray(cases, (values) => repeated(values, count)),
    members,
    memberWeights: repeated(cases.memberWeights, count).map((weight) => weight / count),
    modelOffsetK: Float64Array.from({ length: members }, (_, m) => sdK * POINTS[m % count]!),
  };
}
