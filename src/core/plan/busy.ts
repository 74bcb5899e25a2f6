/** Nothing fits. */
export const NEVER = Infinity;

/** Index of the first entry above `value` in a sorted list. */
function firstAbove(values: readonly number[], value: number): number {
  let low = 0;
  let high = values.length;
  while (low < high) {
    const middle = (low + high) >> 1;
    if (values[middle]! > value) high = middle;
    else low = middle + 1;
  }
  return low;
}

/** When one person or thing is busy: spans in order of time that do not overlap, s; each may be at a temperature. */
export class Busy {
  readonly from: number[] = [];
  readonly to: number[] = [];
  readonly tag: number[] = [];

  add(from: number, to: number, tag = 0): void {
    const at = firstAbove(this.from, from);
    this.from.splice(at, 0, from);
    this.to.splice(at, 0, to);
    this.tag.splice(at, 0, tag);
  }

  copy(): Busy {
    const made = new Busy();
    made.from.push(...this.from);
    made.to.push(...this.to);
    made.tag.push(...this.tag);
    return made;
  }

  /**
   * The first time from `earliest` on at which a span fits, s, or NEVER. `change` gives what must lie between a span
   * with one tag and the next with another.
   */
  fit(
    earliest: number,
    { length, tag = 0, change }: { length: number; tag?: number; change?: ChangeTime },
  ): number {
    const { from, to } = this;
    let at = firstAbove(to, earliest);
    // The span before may still ask for a change.
    let time = earliest;
    if (at > 0) time = Math.max(time, to[at - 1]! + (change ? change(this.tag[at - 1]!, tag) : 0));
    for (; at < from.length; at += 1) {
      const next = from[at]! - (change ? change(tag, this.tag[at]!) : 0);
      if (time + length <= next) return time;
      time = Math.max(time, to[at]! + (change ? change(this.tag[at]!, tag) : 0));
    }
    return time;
  }
}

/** Seconds between a span with one tag and the next with another. */
export type ChangeTime = (before: number, after: number) => number;

/** How many of a kind are in use over time: for things that are all alike. */
export class Level {
  private readonly time: number[] = [-Infinity];
  private readonly used: number[] = [0];

  constructor(private readonly most: number) {}

  copy(): Level {
    const made = new Level(this.most);
    made.time.splice(0, 1, ...this.time);
    made.used.splice(0, 1, ...this.used);
    return made;
  }

  private split(at: number): number {
    const k = firstAbove(this.time, at) - 1;
    if (this.time[k] === at) return k;
    this.time.splice(k + 1, 0, at);
    this.used.splice(k + 1, 0, this.used[k]!);
    return k + 1;
  }

  add(from: number, to: number): void {
    if (to <= from || this.most === Infinity) return;
    const first = this.split(from);
    const last = this.split(to);
    for (let k = first; k < last; k += 1) this.used[k] = this.used[k]! + 1;
  }

  /** The first time from `earliest` on at which one is free for so long, s, or NEVER. */
  fit(earliest: number, length: number): number {
    if (this.most === Infinity || length <= 0) return earliest;
    if (this.most <= 0) return NEVER;
    let time = earliest;
    for (let k = firstAbove(this.time, earliest) - 1; k < this.time.length; k += 1) {
      if (this.time[k]! >= time + length) return time;
      if (this.used[k]! >= this.most) time = this.time[k + 1] ?? NEVER;
    }
    return time;
  }
}
