import { GRAIN_CARD, WHITE } from './figures';

/** A grey picture, row by row, 0 black to 255 white. */
export interface GreyPicture {
  grey: Float32Array;
  width: number;
  height: number;
}

/** The value below which a share of the values lies. */
export function shareOf(values: ArrayLike<number>, share: number): number {
  const counts = new Uint32Array(WHITE + 1);
  for (let i = 0; i < values.length; i += 1) {
    counts[Math.max(0, Math.min(WHITE, Math.round(values[i]!)))]! += 1;
  }
  let left = share * values.length;
  for (let level = 0; level <= WHITE; level += 1) {
    left -= counts[level]!;
    if (left <= 0) return level;
  }
  return WHITE;
}

/** The middle grey of the card in blocks, which grains hardly move. */
function blocksOf({ grey, width, height }: GreyPicture): Float64Array {
  const n = GRAIN_CARD.lightBlocks;
  const middles = new Float64Array(n * n);
  for (let row = 0; row < n; row += 1) {
    for (let column = 0; column < n; column += 1) {
      const values: number[] = [];
      const [top, bottom] = [row, row + 1].map((one) => Math.floor((one * height) / n));
      const [left, right] = [column, column + 1].map((one) => Math.floor((one * width) / n));
      for (let y = top!; y < bottom!; y += 2) {
        for (let x = left!; x < right!; x += 2) values.push(grey[y * width + x]!);
      }
      middles[row * n + column] = shareOf(values, 1 / 2);
    }
  }
  return middles;
}

/** The picture as if its card were lit the same everywhere, with the grey of the card. */
export function evenlyLit(picture: GreyPicture): GreyPicture & { card: number } {
  const { grey, width, height } = picture;
  const n = GRAIN_CARD.lightBlocks;
  const blocks = blocksOf(picture);
  const card = shareOf(blocks, 1 / 2);
  const at = (row: number, column: number) =>
    blocks[Math.max(0, Math.min(n - 1, row)) * n + Math.max(0, Math.min(n - 1, column))]!;
  const even = new Float32Array(grey.length);
  for (let y = 0; y < height; y += 1) {
    const v = ((y + 1 / 2) * n) / height - 1 / 2;
    const row = Math.floor(v);
    for (let x = 0; x < width; x += 1) {
      const u = ((x + 1 / 2) * n) / width - 1 / 2;
      const column = Math.floor(u);
      const [down, right] = [v - row, u - column];
      const light =
        (at(row, column) * (1 - right) + at(row, column + 1) * right) * (1 - down) +
        (at(row + 1, column) * (1 - right) + at(row + 1, column + 1) * right) * down;
      even[y * width + x] = grey[y * width + x]! - light + card;
    }
  }
  return { grey: even, width, height, card };
}
