import type { InferType } from 'yup';
import type { Outlook } from '@/core/snow/outlook';
import {
  outlookInputFrom,
  outlookRequestSchema,
  type outlookResponseSchema,
} from '@/formats/schemas/outlook';
import { validate } from '@/formats/schemas/validation';
import { slicedOutlook } from '@/workers/server-outlook';
import { invalidInput, type WireResult } from '@/formats/wire';

export type OutlookResponse = InferType<typeof outlookResponseSchema>;

function toResponse({ timesMs, ...rest }: Outlook): OutlookResponse {
  return { times: timesMs.map((ms) => new Date(ms).toISOString()), ...rest };
}

/** The outlook of a request, computed in slices so that the server stays responsive. */
export async function forecastSnow(body: unknown): Promise<WireResult<OutlookResponse>> {
  const checked = validate(outlookRequestSchema, body);
  if (!checked.ok) return invalidInput(checked.problems);
  return { ok: true, value: toResponse(await slicedOutlook(outlookInputFrom(checked.value))) };
}
