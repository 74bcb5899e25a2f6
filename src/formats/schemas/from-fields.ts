import { mixed, object, string, type AnyObject, type ISchema, type ObjectSchema } from 'yup';
import type { Field } from '../../core/model';
import { fieldsWords } from '../../words/areas/fields';
import type { FieldWords } from '../../words/en/fields';
import { lazily, wordNow, type LazyWords, type Word } from '../../words/lazily';
import {
  boundedNumber,
  calendarDay,
  clockTime,
  moment,
  oneOfWords,
  idText,
  plainText,
  yesNo,
} from './fields';
import { MOST } from './ids';
import { list } from './list';

const COLOUR = /^#[0-9a-f]{6}$/i;

type Fields = Readonly<Record<string, Field>>;

/** The check of one field, with the sentence of what is wrong. */
function checkOf(field: Field, said: LazyWords<FieldWords>) {
  const { name } = said;
  const isRequired = field.isRequired && !field.mayBeLeftOut;
  const missing = said.missing ?? (() => fieldsWords.missing(wordNow(name)));
  switch (field.type) {
    case 'id': {
      const check = plainText(name, MOST);
      return isRequired ? check.required(missing) : check;
    }
    case 'text': {
      const check = plainText(name, field.most);
      if (!isRequired) return check;
      // A text that falls back to nothing may be empty, but it is there.
      return field.fallback === '' ? check.defined(missing) : check.trim().required(missing);
    }
    case 'number': {
      const [low, high] = field.range;
      const isPercent = field.unit === '%';
      const check = boundedNumber(name, {
        low,
        high,
        unit: isPercent ? '' : field.unit.replace('K', '°C'),
      });
      const rendered = said.outOfRange
        ? check.typeError(said.outOfRange).min(low, said.outOfRange).max(high, said.outOfRange)
        : check;
      return isRequired ? rendered.required(missing) : rendered;
    }
    case 'choice': {
      const check = oneOfWords(name, field.of);
      return isRequired ? check.required(missing) : check;
    }
    case 'choices': {
      const check = list(
        oneOfWords(name, field.of).required(() => fieldsWords.notFitting(wordNow(name))),
      )
        .typeError(() => fieldsWords.mustBeList(wordNow(name)))
        .max(field.of.length, () => fieldsWords.upTo(field.of.length, wordNow(name)));
      return isRequired ? check.required(missing) : check;
    }
    case 'flag': {
      const check = yesNo(name);
      return isRequired ? check.required(missing) : check;
    }
    case 'json':
      throw new Error('JSON is written by the server alone.');
    case 'instant':
    case 'moment': {
      const check = moment(name);
      return isRequired ? check.required(missing) : check;
    }
    case 'day':
      return calendarDay(name);
    case 'clock':
      return clockTime(name);
    case 'colour':
      return string()
        .nullable()
        .matches(COLOUR, said.outOfRange ?? (() => fieldsWords.notFitting(wordNow(name))));
  }
}

function storedCheck(column: string, field: Field) {
  if (field.type === 'flag') return boundedNumber(column, { low: 0, high: 1, unit: '' }).integer();
  if (field.type === 'id') return idText(column, MOST);
  return checkOf({ ...field, isRequired: false, fallback: undefined }, { name: () => column });
}

/** What the column of a stored record may hold; JSON is looked at by its shape elsewhere. */
function columnCheck(column: string, field: Field): ISchema<unknown> {
  const missing = () => fieldsWords.missing(column);
  if (field.type === 'json') {
    return field.isRequired ? mixed().defined(missing) : mixed();
  }
  const check = storedCheck(column, field);
  return field.isRequired ? check.defined(missing) : check;
}

/**
 * The schema of a stored record by the fields of its columns, as the book of another cabin hands it in: with what
 * the server sets itself. What it does not know is left out, and it has no other columns.
 */
export const recordSchemaFrom = (columns: Fields): ObjectSchema<AnyObject> =>
  object(
    Object.fromEntries(
      Object.entries(columns).map(([column, field]) => [column, columnCheck(column, field)]),
    ),
  ).noUnknown(() => fieldsWords.unknownColumn);

/**
 * The schema of an entity from its field table, as a form, a file row or the API hands it in: what the
 * server sets itself is not in it. `Entity` are the values it gives.
 */
export function schemaFrom<Entity extends AnyObject>(
  fields: Fields,
  said: Readonly<Record<string, FieldWords>>,
): ObjectSchema<Entity> {
  const words: Readonly<Record<string, LazyWords<FieldWords>>> = lazily(said);
  const checks = Object.entries(fields)
    .filter(([, field]) => !field.isInternal)
    .map(([key, field]) => [key, checkOf(field, words[key]!)] as const);
  return object(
    Object.fromEntries(checks) as Record<string, ISchema<unknown>>,
  ) as unknown as ObjectSchema<Entity>;
}

/**
 * A rule over several fields of an entity: gives the sentence of what is wrong, told at one of the fields, or
 * nothing. It runs whatever else is wrong, so it takes nothing for granted.
 */
export const withRule = <Entity extends AnyObject>(
  schema: ObjectSchema<Entity>,
  field: keyof Entity & string,
  rule: (values: Partial<Record<keyof Entity, unknown>>) => Word | undefined,
): ObjectSchema<Entity> =>
  schema.test({
    name: `${field}-rule`,
    test(values) {
      const isObject = typeof values === 'object' && values !== null;
      const message = isObject ? rule(values as Partial<Record<keyof Entity, unknown>>) : undefined;
      if (message === undefined) return true;
      return this.createError({ path: this.path ? `${this.path}.${field}` : field, message });
    },
  });

/** What each field is where nobody said, by its table. */
export const fallbacksOf = (fields: Fields): Record<string, unknown> =>
  Object.fromEntries(
    Object.entries(fields)
      .filter(([, field]) => field.fallback !== undefined)
      .map(([key, field]) => [key, field.fallback]),
  );
