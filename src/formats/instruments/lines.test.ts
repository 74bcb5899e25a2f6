import { describe, expect, it } from 'vitest';
import fc from 'fast-check';
import { readInstrumentLine, writeInstrumentLine } from './lines';

describe('lines of an instrument', () => {
  it('come back as they were written', () => {
    for (const line of [
      { kind: 'probe' as const, values: [12.5, -7.43] },
      { kind: 'infrared' as const, values: [-9.1, 0.98] },
      { kind: 'hygrometer' as const, values: [67.2] },
    ]) {
      expect(readInstrumentLine(writeInstrumentLine(line))).toEqual(line);
    }
  });

  it('are dropped when one character is garbled, and never misread', () => {
    const line = writeInstrumentLine({ kind: 'probe', values: [12.5, -7.43] });
    fc.assert(
      fc.property(
        fc.integer({ min: 0, max: line.length - 1 }),
        fc.integer({ min: 33, max: 126 }),
        (at, code) => {
          const garbled = line.slice(0, at) + String.fromCharCode(code) + line.slice(at + 1);
          if (garbled !== line) expect(readInstrumentLine(garbled)).toBeUndefined();
        },
      ),
    );
    for (const text of ['', '$SNPRB*00', 'hello', '$SNXXX,1,C*00']) {
      expect(readInstrumentLine(text)).toBeUndefined();
    }
  });
});
