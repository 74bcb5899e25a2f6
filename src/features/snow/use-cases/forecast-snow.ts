import type { InferType } from 'yup';
import type { Outlook } from '@/core/snow/outlook';
import {
  outlookInputFrom,
  outlookRequestSchema,
  type outlookResponseSchema,
} from '@/formats/schemas/outlook';
import { validate } from '@/formats/schemas/validation';
import { jsonFrom } from '@/formats/json';
import { invalidInput, type WireResult } from '@/formats/wire';
import { offLoop } from '@/server/compute/pool';
import { task } from '@/server/compute/task';
import { slicedOutlook } from '@/server/outlooks';

export type OutlookResponse = InferType<typeof outlookResponseSchema>;

function toResponse({ timesMs, ...rest }: Outlook): OutlookResponse {
  return { times: timesMs.map((ms) => new Date(ms).toISOString()), ...rest };
}

/** The outlook of a request. */
export async function forecastSnow(body: unknown): Promise<WireResult<OutlookResponse>> {
  const checked = validate(outlookRequestSchema, body);
  if (!checked.ok) return invalidInput(checked.problems);
  return { ok: true, value: toResponse(await slicedOutlook(outlookInputFrom(checked.value))) };
}

async function answerText(text: string): Promise<WireResult<OutlookResponse>> {
  const body = jsonFrom(text);
  return body.ok ? forecastSnow(body.value) : body;
}

export const forecastTask = task('forecast', 'long', answerText);

/** Answers a request's text off the event loop. */
export const forecastFromText = (text: string) => offLoop(forecastTask, text);
