import { PER_CASE, type PerCase, type SnowCases } from './cases';

/**
 * An array in single precision, as fine as the members had it. Where all its values are the same: that one. Else
 * the first byte of each value, then the second of each: bytes that are alike stand together and compress to less.
 */
type PackedArray = { value: number; length: number } | Uint8Array;

/** Cases on their way to a browser. */
export type PackedCases = Omit<SnowCases, PerCase> & {
  values: Partial<Record<PerCase, PackedArray>>;
};

const { BYTES_PER_ELEMENT: BYTES } = Float32Array;

function packedArray(values: Float64Array): PackedArray {
  const single = new Float32Array(values);
  const [first] = single;
  if (first !== undefined && single.every((value) => Object.is(value, first))) {
    return { value: first, length: single.length };
  }
  const bytes = new Uint8Array(single.buffer);
  const apart = new Uint8Array(bytes.length);
  for (let k = 0; k < bytes.length; k++) {
    apart[(k % BYTES) * single.length + Math.floor(k / BYTES)] = bytes[k]!;
  }
  return apart;
}

function unpackedArray(packedOne: PackedArray): Float64Array {
  if (!(packedOne instanceof Uint8Array)) {
    return new Float64Array(packedOne.length).fill(packedOne.value);
  }
  const length = packedOne.length / BYTES;
  const bytes = new Uint8Array(packedOne.length);
  for (let k = 0; k < bytes.length; k++) {
    bytes[k] = packedOne[(k % BYTES) * length + Math.floor(k / BYTES)]!;
  }
  return new Float64Array(new Float32Array(bytes.buffer));
}

/** The cases for a browser: single precision, and what is the same in all of them once. */
export function packed(cases: SnowCases): PackedCases {
  const kept = Object.entries(cases).filter(([key]) => !PER_CASE.includes(key as PerCase));
  const values = PER_CASE.flatMap((key) =>
    cases[key] ? [[key, packedArray(cases[key])] as const] : [],
  );
  return { ...Object.fromEntries(kept), values: Object.fromEntries(values) } as PackedCases;
}

/** The cases as they were packed. */
export const unpacked = ({ values, ...cases }: PackedCases): SnowCases =>
  ({
    ...cases,
    ...Object.fromEntries(Object.entries(values).map(([key, one]) => [key, unpackedArray(one)])),
  }) as SnowCases;
