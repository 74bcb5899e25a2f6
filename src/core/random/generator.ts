/* eslint-disable house/no-loose-numbers -- bits of published generators, which no table explains. */
/** A seeded source of random numbers; the same seed gives the same sequence everywhere. */
export interface RandomSource {
  /** Uniform in [0, 1). */
  uniform: () => number;
  /** Standard normal. */
  normal: () => number;
}

/** 32-bit mixing of the seed (splitmix32), so that near seeds give unlike sequences. */
function splitmix(seed: number): () => number {
  let state = seed | 0;
  return () => {
    state = (state + 0x9e3779b9) | 0;
    let z = state ^ (state >>> 16);
    z = Math.imul(z, 0x21f0aaad);
    z ^= z >>> 15;
    z = Math.imul(z, 0x735a2d97);
    return (z ^ (z >>> 15)) >>> 0;
  };
}

/**
 * The sfc32 generator (Doty-Humphrey, PractRand) with Marsaglia's polar method for normals.
 * Any whole seed. Example: the first uniform of seed 1 is the same on every machine.
 */
export function randomSource(seed: number): RandomSource {
  const mix = splitmix(seed);
  let a = mix();
  let b = mix();
  let c = mix();
  let counter = 1;
  let spare = NaN;
  const uniform = () => {
    const sum = (((a + b) | 0) + counter) | 0;
    counter = (counter + 1) | 0;
    a = b ^ (b >>> 9);
    b = (c + (c << 3)) | 0;
    c = (((c << 21) | (c >>> 11)) + sum) | 0;
    return (sum >>> 0) / 4294967296;
  };
  for (let i = 0; i < 12; i += 1) uniform();
  const normal = () => {
    if (!Number.isNaN(spare)) {
      const kept = spare;
      spare = NaN;
      return kept;
    }
    let u = 0;
    let v = 0;
    let s = 0;
    do {
      u = 2 * uniform() - 1;
      v = 2 * uniform() - 1;
      s = u * u + v * v;
    } while (s >= 1 || s === 0);
    const scale = Math.sqrt((-2 * Math.log(s)) / s);
    spare = v * scale;
    return u * scale;
  };
  return { uniform, normal };
}
