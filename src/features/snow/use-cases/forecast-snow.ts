import type { InferType } from 'yup';
import type { Outlook, OutlookInput } from '@/core/snow/outlook';
import { outlookRequestSchema, type outlookResponseSchema } from '@/formats/schemas/outlook';
import { validate } from '@/formats/schemas/validation';
import { slicedOutlook } from '@/workers/server-outlook';
import { invalidInput, type WireResult } from '@/formats/wire';

type OutlookRequest = InferType<typeof outlookRequestSchema>;
export type OutlookResponse = InferType<typeof outlookResponseSchema>;

/** A checked request as the core takes it. */
export function outlookInputFrom({
  site,
  surface,
  weather,
  readings,
  members,
  seed,
}: OutlookRequest): OutlookInput {
  return {
    site: {
      latitude: site.latitude,
      longitude: site.longitude,
      altitudeM: site.altitudeM,
      slopeDeg: site.slopeDeg ?? 0,
      aspectDeg: site.aspectDeg ?? 0,
      shadeFraction: site.shadeFraction ?? 0,
    },
    surface,
    weather: weather.map(({ time, ...sample }) => ({ ...sample, timeMs: Date.parse(time) })),
    readings: (readings ?? []).map(({ time, ...reading }) => ({
      ...reading,
      timeMs: Date.parse(time),
    })),
    members,
    seed,
  };
}

function toResponse({ timesMs, ...rest }: Outlook): OutlookResponse {
  return { times: timesMs.map((ms) => new Date(ms).toISOString()), ...rest };
}

/** The outlook of a request, computed in slices so that the server stays responsive. */
export async function forecastSnow(body: unknown): Promise<WireResult<OutlookResponse>> {
  const checked = validate(outlookRequestSchema, body);
  if (!checked.ok) return invalidInput(checked.problems);
  return { ok: true, value: toResponse(await slicedOutlook(outlookInputFrom(checked.value))) };
}
