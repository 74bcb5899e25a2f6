import type { IronBench } from '@/core/iron';
import type { DrillAnswers } from '@/core/practice';
import { Ironing } from '@/workers/ironing';
import type { IroningFrame } from '@/workers/ironing-frames';

const MS = 1000;
/** Between two moments that are kept, ms; when it goes on or off is always kept. */
const KEPT_EVERY_MS = 50;
export const MOST_MS = 240_000;
const [QUICKEST_S, SLOWEST_S, USUAL_S] = [3, 20, 8];

type Stroke = DrillAnswers['iron']['strokes'][number];

/** A hand with an iron over one ski: where it is, all that it did, and what the ski looks like by now. */
export class IronHand {
  placeM: number;
  isDown = false;
  /** Seconds from tip to tail where keys move it. */
  passS = USUAL_S;
  spentMs = 0;
  frame: IroningFrame | undefined;
  private way = 0;
  private begunMs: number | undefined;
  private beforeMs: number | undefined;
  private readonly strokes: Stroke[] = [];
  private ironing: Ironing | undefined;

  constructor(private readonly bench: IronBench) {
    this.placeM = 0.5 * bench.iron.plateLengthM;
  }

  moveTo(share: number): void {
    this.placeM = Math.min(1, Math.max(0, share)) * this.bench.ski.lengthM;
  }

  put(isDown: boolean): void {
    this.isDown = isDown;
  }

  toggle(): void {
    this.isDown = !this.isDown;
  }

  /** A key that moves it is pressed: −1 to the tip, 1 to the tail. */
  press(way: number): void {
    this.way = way;
  }

  /** It is released; without one all of them are. */
  release(way?: number): void {
    if (way === undefined || way === this.way) this.way = 0;
  }

  changePace(byS: number): void {
    this.passS = Math.min(SLOWEST_S, Math.max(QUICKEST_S, this.passS + byS));
  }

  /** A frame of the screen at a moment, ms: moves by keys, and irons on in the worker. */
  tick(nowMs: number): void {
    const dt = this.beforeMs === undefined ? 0 : (nowMs - this.beforeMs) / MS;
    this.beforeMs = nowMs;
    const { lengthM } = this.bench.ski;
    const moved = this.placeM + this.way * dt * (lengthM / this.passS);
    this.placeM = Math.min(lengthM, Math.max(0, moved));
    if (this.isDown) this.begunMs ??= nowMs;
    if (this.begunMs === undefined) return;
    this.spentMs = Math.round(nowMs - this.begunMs);
    if (this.spentMs > MOST_MS) {
      this.isDown = false;
      return;
    }
    this.ironing ??= new Ironing(this.bench, (seen) => {
      this.frame = seen;
    });
    this.ironing.hold({ atMs: this.spentMs, placeM: this.placeM, isDown: this.isDown });
    this.keep();
  }

  /** All that it did, for the marking. */
  done(): Stroke[] {
    return [...this.strokes];
  }

  end(): void {
    this.ironing?.end();
    this.ironing = undefined;
  }

  /** Keeps a moment: often enough to iron the ski again, not every frame. */
  private keep(): void {
    const last = this.strokes.at(-1);
    const down = this.isDown ? 1 : 0;
    if (last && last[2] === down && this.spentMs - last[0] < KEPT_EVERY_MS) return;
    this.strokes.push([this.spentMs, Math.round(this.placeM * MS), down]);
  }
}
