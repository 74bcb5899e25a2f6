import { CHAMFER, GRAIN_CARD } from './figures';

/** Which pixels are grain. */
export interface Mask {
  is: Uint8Array;
  width: number;
  height: number;
}

const { next: NEXT, askew: ASKEW } = CHAMFER;
const FAR = 1e6;

/** How far each pixel of a mask is from its edge, pixels. */
function depths({ is, width, height }: Mask): Float32Array {
  const depth = new Float32Array(is.length);
  const at = (x: number, y: number) =>
    x < 0 || y < 0 || x >= width || y >= height ? 0 : depth[y * width + x]!;
  for (let i = 0; i < is.length; i += 1) depth[i] = is[i] ? FAR : 0;
  for (let y = 0; y < height; y += 1) {
    for (let x = 0; x < width; x += 1) {
      const i = y * width + x;
      if (!is[i]) continue;
      depth[i] = Math.min(
        at(x - 1, y) + NEXT,
        at(x, y - 1) + NEXT,
        at(x - 1, y - 1) + ASKEW,
        at(x + 1, y - 1) + ASKEW,
      );
    }
  }
  for (let y = height - 1; y >= 0; y -= 1) {
    for (let x = width - 1; x >= 0; x -= 1) {
      const i = y * width + x;
      if (!is[i]) continue;
      depth[i] = Math.min(
        depth[i]!,
        at(x + 1, y) + NEXT,
        at(x, y + 1) + NEXT,
        at(x + 1, y + 1) + ASKEW,
        at(x - 1, y + 1) + ASKEW,
      );
    }
  }
  return depth.map((value) => value / NEXT);
}

/** Bodies that were begun, joined where they are one. */
class Joined {
  private readonly parent: number[] = [];
  readonly top: number[] = [];

  begin(top: number): number {
    this.parent.push(this.parent.length);
    this.top.push(top);
    return this.parent.length - 1;
  }

  rootOf(body: number): number {
    let root = body;
    while (this.parent[root] !== root) root = this.parent[root]!;
    this.parent[body] = root;
    return root;
  }

  join(a: number, b: number): number {
    const [kept, gone] = this.top[a]! >= this.top[b]! ? [a, b] : [b, a];
    this.parent[gone] = kept;
    return kept;
  }
}

/** The pixels around one, within the picture. */
function around(i: number, { width, height }: Mask): number[] {
  const [x, y] = [i % width, Math.floor(i / width)];
  const found: number[] = [];
  for (let ny = Math.max(0, y - 1); ny <= Math.min(height - 1, y + 1); ny += 1) {
    for (let nx = Math.max(0, x - 1); nx <= Math.min(width - 1, x + 1); nx += 1) {
      if (nx !== x || ny !== y) found.push(ny * width + nx);
    }
  }
  return found;
}

/**
 * Cuts a mask into bodies: from the deepest pixels outward, as water would rise; two that meet are one unless their
 * neck is narrow. Gives the body of each pixel; −1 for none.
 */
export function bodiesOf(mask: Mask): Int32Array {
  const { is } = mask;
  const depth = depths(mask);
  const order = [...is.keys()].filter((i) => is[i]).sort((a, b) => depth[b]! - depth[a]!);
  const body = new Int32Array(is.length).fill(-1);
  const joined = new Joined();
  for (const i of order) {
    let mine = -1;
    let deepest = -1;
    const met: number[] = [];
    for (const next of around(i, mask)) {
      if (body[next]! < 0) continue;
      const root = joined.rootOf(body[next]!);
      if (!met.includes(root)) met.push(root);
      // A pixel belongs where it is steepest, so that no body runs along the rim of another.
      if (depth[next]! > deepest) [mine, deepest] = [root, depth[next]!];
    }
    for (const other of met) {
      if (other !== mine && isOne(depth[i]!, joined.top[mine]!, joined.top[other]!)) {
        mine = joined.join(mine, other);
      }
    }
    body[i] = mine < 0 ? joined.begin(depth[i]!) : mine;
  }
  return body.map((one) => (one < 0 ? -1 : joined.rootOf(one)));
}

/** Whether two bodies that meet at a neck are one grain. */
function isOne(neck: number, top: number, otherTop: number): boolean {
  const smaller = Math.min(top, otherTop);
  return smaller < GRAIN_CARD.leastHalfWidthPx || neck >= GRAIN_CARD.neckShare * smaller;
}
