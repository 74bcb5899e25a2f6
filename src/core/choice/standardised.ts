/** Offsets brought to a weighted mean of 0 and this spread. */
export function standardised(
  offsets: Float64Array,
  weights: Float64Array,
  sd: number,
): Float64Array {
  const mean = offsets.reduce((sum, one, m) => sum + weights[m]! * one, 0);
  const variance = offsets.reduce((sum, one, m) => sum + weights[m]! * (one - mean) ** 2, 0);
  const scale = variance > 0 ? sd / Math.sqrt(variance) : 0;
  return offsets.map((one) => scale * (one - mean));
}
