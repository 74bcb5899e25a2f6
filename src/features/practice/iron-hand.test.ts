import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { ironItem, markIron, runStrokes } from '@/core/practice';
import { IronHand } from './iron-hand';
import type { IroningAsk, IroningFrame } from '@/workers/ironing-frames';

const { bench } = ironItem('middle', 2);
const FRAME_MS = 1000 / 60;

/** Asks that reached the worker, and whether it answers at once. */
let asks: IroningAsk[] = [];
let [answers, isEnded] = [true, false];
class FakeWorker {
  onmessage: ((event: { data: IroningFrame }) => void) | undefined;
  postMessage(ask: IroningAsk) {
    asks.push(ask);
    const one = Uint8Array.of(1);
    if (ask.kind === 'hold' && answers) {
      this.onmessage?.({ data: { shine: one, touched: one, hurt: Uint8Array.of(0) } });
    }
  }
  terminate() {
    isEnded = true;
  }
}

beforeEach(() => {
  asks = [];
  [answers, isEnded] = [true, false];
  vi.stubGlobal('Worker', FakeWorker);
});
afterEach(() => vi.unstubAllGlobals());

/** Frames of the screen for some seconds. */
function run(hand: IronHand, seconds: number, fromMs: number): number {
  const frames = Math.round((seconds * 1000) / FRAME_MS);
  for (let i = 0; i < frames; i += 1) hand.tick(fromMs + i * FRAME_MS);
  return fromMs + frames * FRAME_MS;
}

describe('a hand with an iron', () => {
  it('begins when it touches the ski, and moves by keys at its pace', () => {
    const hand = new IronHand(bench);
    let now = run(hand, 1, 0);
    expect(asks).toEqual([]);
    expect(hand.spentMs).toBe(0);
    hand.put(true);
    hand.press(1);
    now = run(hand, 4, now);
    // Half the ski in half the seconds from tip to tail.
    expect(hand.placeM - bench.iron.plateLengthM / 2).toBeCloseTo(bench.ski.lengthM / 2, 1);
    hand.release(-1);
    run(hand, 1, now);
    expect(hand.placeM).toBeGreaterThan(bench.ski.lengthM / 2);
    hand.release();
    const stands = hand.placeM;
    run(hand, 1, now + 1000);
    expect(hand.placeM).toBe(stands);
    expect(hand.frame?.shine).toEqual(Uint8Array.of(1));
  });

  it('stays on the ski, and its pace within reason', () => {
    const hand = new IronHand(bench);
    hand.moveTo(2);
    expect(hand.placeM).toBe(bench.ski.lengthM);
    hand.moveTo(-1);
    expect(hand.placeM).toBe(0);
    for (let i = 0; i < 40; i += 1) hand.changePace(1);
    expect(hand.passS).toBe(20);
    for (let i = 0; i < 40; i += 1) hand.changePace(-1);
    expect(hand.passS).toBe(3);
  });

  it('leaves a frame out while the worker is busy, and ends with it', () => {
    answers = false;
    const hand = new IronHand(bench);
    hand.toggle();
    run(hand, 1, 0);
    expect(asks.filter(({ kind }) => kind === 'hold')).toHaveLength(1);
    hand.end();
    expect(isEnded).toBe(true);
  });

  it('stops after four minutes', () => {
    const hand = new IronHand(bench);
    hand.put(true);
    hand.tick(0);
    hand.tick(300_000);
    expect(hand.isDown).toBe(false);
    expect(hand.done().every(([atMs]) => atMs <= 240_000)).toBe(true);
  });

  it('keeps enough of what it did to iron the ski again, and each time it goes on or off', () => {
    const hand = new IronHand(bench);
    hand.moveTo(0);
    hand.put(true);
    hand.press(1);
    const now = run(hand, 8, 0);
    hand.put(false);
    run(hand, 0.1, now);
    const strokes = hand.done();
    expect(strokes.length).toBeLessThan(250);
    expect(strokes[0]).toEqual([0, 0, 1]);
    expect(strokes.at(-1)![2]).toBe(0);
    const moments = strokes.map(([atMs, placeMm, isDown]) => ({
      atS: atMs / 1000,
      placeM: placeMm / 1000,
      isDown: isDown === 1,
    }));
    const { bare, uptake } = markIron(runStrokes(bench, moments));
    expect(bare).toBeLessThan(0.1);
    expect(uptake).toBeGreaterThan(0.1);
  });
});
