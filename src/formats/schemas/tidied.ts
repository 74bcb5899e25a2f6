import { ArraySchema, ObjectSchema, type ISchema, type Schema, type SchemaDescription } from 'yup';

/** Schemas are made once, and asked about for each input. */
const trimmed = new WeakMap<object, boolean>();

function isTrimmed(schema: Schema | ISchema<unknown>): boolean {
  const known = trimmed.get(schema);
  if (known !== undefined) return known;
  const described = schema.describe() as Partial<SchemaDescription>;
  const is = described.tests?.some(({ name }) => name === 'trim') ?? false;
  trimmed.set(schema, is);
  return is;
}

/**
 * Input with the blanks cut off at both ends of what a schema wants trimmed: a thumb leaves them behind a name.
 * All else is as it came, also where it is not what the schema wants.
 */
export function tidied(schema: Schema | ISchema<unknown>, input: unknown): unknown {
  if (typeof input === 'string') return isTrimmed(schema) ? input.trim() : input;
  if (schema instanceof ArraySchema && Array.isArray(input)) {
    const inner = (schema as ArraySchema<unknown[], unknown>).innerType;
    return inner ? input.map((one) => tidied(inner as Schema, one)) : input;
  }
  if (!(schema instanceof ObjectSchema) || typeof input !== 'object' || input === null)
    return input;
  if (Array.isArray(input)) return input;
  const fields = schema.fields as Record<string, Schema>;
  return Object.fromEntries(
    Object.entries(input).map(([key, value]) => {
      const field = Object.hasOwn(fields, key) ? fields[key] : undefined;
      return [key, field ? tidied(field, value) : value];
    }),
  );
}
