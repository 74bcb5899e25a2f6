import { GRAINS } from '../../core/terms';

const GRAIN_BY_SPELLING = new Map<string, string>([
  ...GRAINS.map((grain) => [grain.toLowerCase(), grain] as const),
  ['mfcr', 'refrozen_crust'],
  ['crust', 'refrozen_crust'],
]);

const DIRT_BY_SPELLING = new Map<unknown, string>([
  [true, 'dirty'],
  [false, 'clean'],
  ['none', 'clean'],
]);

/** The grain word for any common spelling of its code (`pp`, `MFcr`); other input comes back as it was. */
export function grainFromSpelling(input: unknown): unknown {
  if (typeof input !== 'string') return input;
  return GRAIN_BY_SPELLING.get(input.trim().toLowerCase()) ?? input;
}

/** `clean` or `dirty` for yes and no as well; other input comes back as it was. */
export function dirtFromSpelling(input: unknown): unknown {
  return DIRT_BY_SPELLING.get(input) ?? input;
}

/** A pick request with the grain's and dirt's other spellings put right, all else untouched. */
export function withCanonicalSpellings(body: unknown): unknown {
  if (typeof body !== 'object' || body === null || !('snow' in body)) return body;
  const { snow } = body;
  if (typeof snow !== 'object' || snow === null) return body;
  const fields = snow as Record<string, unknown>;
  return {
    ...body,
    snow: {
      ...fields,
      ...('grain' in fields && { grain: grainFromSpelling(fields.grain) }),
      ...('dirt' in fields && { dirt: dirtFromSpelling(fields.dirt) }),
    },
  };
}
