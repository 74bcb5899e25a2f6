import { describe, expect, it } from 'vitest';
import { basisOf } from '.';

const START = Date.parse('2027-01-16T16:00:00Z');
const minutes = (count: number) => ({ takenMs: START + count * 60_000 });

describe('what the choice stands on', () => {
  it('is measured near the start and modelled before, and whichever there is otherwise', () => {
    expect(basisOf(START, minutes(-20))?.kind).toBe('measured');
    expect(basisOf(START, minutes(60))?.kind).toBe('measured');
    expect(basisOf(START, minutes(-90))?.kind).toBe('modelled');
    expect(basisOf(START, minutes(60 * 24 * 30))?.kind).toBe('modelled');
    expect(basisOf(START, undefined)?.kind).toBe('modelled');
    expect(basisOf(undefined, minutes(-90))?.kind).toBe('measured');
    expect(basisOf(undefined, undefined)).toBeUndefined();
  });
});
