/** A value kept between two others. */
export function between(value: number, low: number, high: number): number {
  return value < low ? low : value > high ? high : value;
}
