import type { Schema, SchemaDescription, SchemaObjectDescription } from 'yup';

type JsonSchema = Record<string, unknown>;

interface Described {
  type: string;
  optional?: boolean;
  oneOf?: unknown[];
  meta?: { unit?: string };
  tests?: { name?: string; params?: Record<string, unknown> }[];
  fields?: Record<string, Described>;
  innerType?: Described;
}

const testParam = (one: Described, name: string, key: string) =>
  one.tests?.filter((test) => test.name === name).at(-1)?.params?.[key];

const NUMBER_LIMITS = { min: 'minimum', max: 'maximum' } as const;
const TEXT_LIMITS = { min: 'minLength', max: 'maxLength' } as const;
const LIST_LIMITS = { min: 'minItems', max: 'maxItems' } as const;

function limits(one: Described, names: Record<'min' | 'max', string>): JsonSchema {
  const schema: JsonSchema = {};
  for (const bound of ['min', 'max'] as const) {
    const value = testParam(one, bound, bound);
    if (typeof value === 'number') schema[names[bound]] = value;
  }
  return schema;
}

function convert(one: Described): JsonSchema {
  switch (one.type) {
    case 'number':
      return {
        type: 'number',
        ...limits(one, NUMBER_LIMITS),
        ...(one.meta?.unit && { description: `in ${one.meta.unit}` }),
      };
    case 'boolean':
      return { type: 'boolean' };
    case 'string':
      return {
        type: 'string',
        ...(one.oneOf && one.oneOf.length > 0 ? { enum: one.oneOf } : limits(one, TEXT_LIMITS)),
      };
    case 'array':
      return {
        type: 'array',
        ...(one.innerType && { items: convert(one.innerType) }),
        ...limits(one, LIST_LIMITS),
      };
    default: {
      const fields = Object.entries(one.fields ?? {});
      const required = fields.filter(([, field]) => !field.optional).map(([name]) => name);
      return {
        type: 'object',
        properties: Object.fromEntries(fields.map(([name, field]) => [name, convert(field)])),
        ...(required.length > 0 && { required }),
      };
    }
  }
}

/** JSON Schema (2020-12, as OpenAPI 3.1 uses it) of a Yup schema: types, words, limits, units. */
export function jsonSchemaFromYup(schema: Schema): JsonSchema {
  const description: SchemaDescription | SchemaObjectDescription = schema.describe();
  return convert(description);
}
