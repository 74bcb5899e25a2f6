import { expect, it } from 'vitest';
import { presetStart } from './start-presets';

const at = (text: string) => new Date(text);

it('tonight, tomorrow and Saturday are the next ones', () => {
  const wednesday = at('2027-01-13T08:00');
  expect(presetStart('tonight', wednesday)).toBe('2027-01-13T18:00');
  expect(presetStart('tonight', at('2027-01-13T18:30'))).toBe('2027-01-14T18:00');
  expect(presetStart('tomorrow', at('2027-01-31T23:00'))).toBe('2027-02-01T09:00');
  expect(presetStart('saturday', wednesday)).toBe('2027-01-16T09:00');
  expect(presetStart('saturday', at('2027-01-16T06:00'))).toBe('2027-01-16T09:00');
  expect(presetStart('saturday', at('2027-01-16T10:00'))).toBe('2027-01-23T09:00');
});
