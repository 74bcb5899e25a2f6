import { analyseGlide, type GlideTest, type Verdict } from '@/core/glide';
import { MODEL_VERSION } from '@/core/model-version';
import { jsonFrom } from '@/formats/json';
import { glideRequestSchema, glideTestFrom } from '@/formats/schemas/glide';
import { validate } from '@/formats/schemas/validation';
import { invalidInput, type WireResult } from '@/formats/wire';
import { offLoop } from '@/server/compute/pool';
import { task } from '@/server/compute/task';
import { glideWords } from '@/words/areas/glide';
import { say } from '@/words/say';
import { DEFAULT_UNITS } from '@/words/units';
import { writerFor } from '@/words/write';

/** Answers of the API are in SI units. */
const WRITE = writerFor(DEFAULT_UNITS);

const STOPS: readonly Verdict['code'][] = ['faster', 'alike'];

function toResponse(test: GlideTest) {
  const { driftPerMin = null, runSd = null, outliers, verdict, ...rest } = analyseGlide(test);
  return {
    ...rest,
    driftPerMin,
    runSd,
    outliers: outliers.map(({ index, reason }) => ({
      index,
      reason: say(glideWords.ODD, reason, WRITE),
    })),
    verdict: {
      ...verdict,
      mayStop: STOPS.includes(verdict.code),
      message: say(glideWords.VERDICT, verdict, WRITE),
    },
    modelVersion: MODEL_VERSION,
  };
}

export type GlideResponse = ReturnType<typeof toResponse>;

/** What the runs of a request say. */
export function answerGlide(body: unknown): WireResult<GlideResponse> {
  const checked = validate(glideRequestSchema, body);
  if (!checked.ok) return invalidInput(checked.problems);
  return { ok: true, value: toResponse(glideTestFrom(checked.value)) };
}

export const glideTask = task('glide', 'quick', (text: string): WireResult<GlideResponse> => {
  const body = jsonFrom(text);
  return body.ok ? answerGlide(body.value) : body;
});

/** Answers a request's text off the event loop. */
export const glideFromText = (text: string) => offLoop(glideTask, text);
