import type { Field } from '@/core/model';

/** A value that a field can hold, other than what it falls back to. */
export function someValue(key: string, field: Field): unknown {
  switch (field.type) {
    case 'number':
      return key.endsWith('HighC') || key === 'ironLimitC' ? field.range[1] : field.range[0];
    case 'choice':
      return field.of.at(-1);
    case 'choices':
      return [...field.of];
    case 'flag':
      return true;
    case 'moment':
      return '2027-01-16T15:00:00.000Z';
    case 'instant':
      return Date.UTC(2027, 0, 16, 7, 30);
    case 'json':
      return { kept: ['whole', 1.5] };
    case 'day':
      return '2026-11-23';
    case 'colour':
      return '#4f7ba0';
    default:
      return `some ${key}`;
  }
}
