/* eslint-disable house/no-loose-numbers -- constants of a published hash. */
import { randomSource } from '../random';

/** Draws for situations, from one source. */
export interface Draw {
  between: (range: readonly [number, number]) => number;
  whole: (range: readonly [number, number]) => number;
  one: <T>(of: readonly T[]) => T;
  normal: (sd: number) => number;
  /** In an order of chance. */
  shuffled: <T>(all: readonly T[]) => T[];
}

/** 32-bit FNV-1a of a text (Fowler, Noll and Vo 1991). */
function hashOf(text: string): number {
  let hash = 0x811c9dc5;
  for (let i = 0; i < text.length; i += 1) {
    hash = Math.imul(hash ^ text.charCodeAt(i), 0x01000193);
  }
  return hash >>> 0;
}

/** Draws for a topic and a seed: another topic of the same seed has others. */
export function drawFor(topic: string, seed: number): Draw {
  const { uniform, normal } = randomSource(hashOf(`${topic} ${seed}`));
  const between = ([low, high]: readonly [number, number]) => low + (high - low) * uniform();
  const below = (count: number) => Math.min(count - 1, Math.floor(uniform() * count));
  return {
    between,
    whole: ([low, high]) => low + below(high - low + 1),
    one: (of) => of[below(of.length)]!,
    normal: (sd) => sd * normal(),
    shuffled: (all) => {
      const left = [...all];
      return all.map(() => left.splice(below(left.length), 1)[0]!);
    },
  };
}
