import { MINUTE_MS } from '../units/constants';
import { GLIDE_MEASURES, type GlideHill, type GlideMeasure, type GlideTest } from '../glide';
import { glidedSnow, type SnowConditions } from '../wax';
import type { FieldsOf } from './field';

/** A glide test as it was set up: what is compared, on which hill, on what snow, by whom. */
export interface KeptGlideTest {
  id: string;
  outingId: string;
  startedAt: string;
  measure: GlideMeasure;
  /** Skis or waxes, by the names that they are called by on the hill. */
  skis: string[];
  hill?: GlideHill;
  /** The last reading when it began, as it was. */
  snow?: SnowConditions;
  tester?: string;
  track?: string;
  /** Structure under all of them, or what differs. */
  structure?: string;
  /** The one of the skis that runs first and last of each round. */
  reference?: string;
}

/** One run of a test. It is kept for good; one that was taken back keeps when. */
export interface KeptGlideRun {
  id: string;
  testId: string;
  ski: string;
  value: number;
  ranAt: string;
  removedAt?: string;
}

export const GLIDE_TEST_FIELDS = {
  id: { type: 'id', isRequired: true, isInternal: true },
  outingId: { type: 'id', isRequired: true },
  startedAt: { type: 'moment', isRequired: true, isInternal: true },
  measure: { type: 'choice', of: GLIDE_MEASURES, isRequired: true },
  skis: { type: 'json', isRequired: true },
  hill: { type: 'json' },
  snow: { type: 'json' },
  tester: { type: 'text', most: 60 },
  track: { type: 'text', most: 200 },
  structure: { type: 'text', most: 100 },
  reference: { type: 'text', most: 64 },
} as const satisfies FieldsOf<KeptGlideTest>;

export const GLIDE_RUN_FIELDS = {
  id: { type: 'id', isRequired: true, isInternal: true },
  testId: { type: 'id', isRequired: true },
  ski: { type: 'text', most: 60, isRequired: true },
  value: { type: 'number', range: [0, 5000], unit: '', isRequired: true },
  ranAt: { type: 'moment', isRequired: true },
  removedAt: { type: 'moment', isInternal: true },
} as const satisfies FieldsOf<KeptGlideRun>;

/** A kept test as the analysis takes it: minutes from its first run on. */
export function glideTestOf(
  { measure, hill, snow }: Pick<KeptGlideTest, 'measure' | 'hill' | 'snow'>,
  runs: readonly Pick<KeptGlideRun, 'ski' | 'value' | 'ranAt'>[],
): GlideTest {
  const fromMs = Math.min(...runs.map(({ ranAt }) => Date.parse(ranAt)));
  return {
    measure,
    hill,
    snow: snow && glidedSnow(snow),
    runs: runs.map(({ ski, value, ranAt }) => ({
      ski,
      value,
      minute: (Date.parse(ranAt) - fromMs) / MINUTE_MS,
    })),
  };
}
