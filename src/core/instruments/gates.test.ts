import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { readGates, type Pulse } from '.';

const start = (seconds: number): Pulse => ({ gate: 'start', seconds });
const finish = (seconds: number): Pulse => ({ gate: 'finish', seconds });
const codes = (pulses: Pulse[]) => readGates(pulses).notes.map(({ code }) => code);

describe('the pulses of two gates', () => {
  it('give the time between them', () => {
    expect(readGates([start(3), finish(23.57)])).toEqual({ seconds: 23.57 - 3, notes: [] });
    expect(readGates([start(3)])).toEqual({ notes: [{ code: 'missed_finish' }] });
    expect(readGates([])).toEqual({ notes: [] });
  });

  it('count once where a beam is broken twice, whichever gate', () => {
    const run = readGates([start(3), start(3.2), finish(23), finish(23.1)]);
    expect(run.seconds).toBe(20);
    expect(run.notes).toEqual([
      { code: 'double', gate: 'start' },
      { code: 'double', gate: 'finish' },
    ]);
  });

  it('count where they belong when one arrives late', () => {
    expect(readGates([finish(23), start(3)]).seconds).toBe(20);
    expect(codes([finish(23), start(3)])).toEqual(['came_late']);
  });

  it('say which is missing, and give no time without both', () => {
    expect(readGates([finish(23)]).seconds).toBeUndefined();
    expect(codes([finish(23)])).toEqual(['missed_start']);
    // Somebody started, came off the track, and started again.
    const again = readGates([start(3), start(60), finish(80.5)]);
    expect(again.seconds).toBe(20.5);
    expect(again.notes).toEqual([{ code: 'missed_finish' }]);
  });

  it('give the same time in whatever order they arrive', () => {
    const pulses = fc.uniqueArray(
      fc.record({
        gate: fc.constantFrom('start' as const, 'finish' as const),
        seconds: fc.double({ min: 0, max: 100, noNaN: true }),
      }),
      { selector: ({ seconds }) => seconds, maxLength: 8 },
    );
    fc.assert(
      fc.property(pulses, (all) => {
        expect(readGates([...all].reverse()).seconds).toBe(readGates(all).seconds);
      }),
    );
  });
});
