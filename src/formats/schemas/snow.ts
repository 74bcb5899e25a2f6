import { SNOW_FIELDS_OF_READING } from '../../core/model';
import { sharpnessRange } from '../../core/snow';
import { GRAINS, type Grain } from '../../core/terms';
import type { SnowConditions } from '../../core/wax';
import { fieldsWords } from '../../words/areas/fields';
import { formatsScreenWords } from '../../words/screens/formats';
import { schemaFrom, withRule } from './from-fields';
import { lazily } from '../../words/lazily';

const WORDS = lazily(formatsScreenWords.schemas);

/** Why a sharpness does not go with a grain; undefined where it does, or where either is not given. */
export function sharpnessProblem({ sharpness, grain }: { sharpness?: unknown; grain?: unknown }) {
  if (typeof sharpness !== 'number' || !GRAINS.includes(grain as Grain)) return undefined;
  const [low, high] = sharpnessRange(grain as Grain);
  return sharpness >= low && sharpness <= high
    ? undefined
    : WORDS.sharpnessContradictsGrain(sharpness, grain as Grain, low, high);
}

/** The snow as seen and measured; see SnowConditions in the core. */
export const snowSchema = withRule(
  schemaFrom<SnowConditions>(SNOW_FIELDS_OF_READING, fieldsWords.READING),
  'sharpness',
  sharpnessProblem,
).typeError(WORDS.snowMustBeAnObject);
