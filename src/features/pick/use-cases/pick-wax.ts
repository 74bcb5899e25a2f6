import type { InferType } from 'yup';
import {
  casesFromMembers,
  casesFromReading,
  choose,
  estimatedHours,
  seenIn,
  windowTimes,
  type RobustChoice,
  type RoledProduct,
  type SnowCases,
} from '@/core/choice';
import { airAt } from '@/core/snow/outlook';
import { effectiveSharpness, type GlideProduct } from '@/core/wax';
import { listProducts } from '@/data/products';
import type { FrostDatabase } from '@/data/database';
import { outlookInputFrom } from '@/formats/schemas/outlook';
import { pickRequestSchema, type pickResponseSchema } from '@/formats/schemas/pick';
import { withCanonicalSpellings } from '@/formats/schemas/spellings';
import { validate, type FieldProblem } from '@/formats/schemas/validation';
import { jsonFrom } from '@/formats/json';
import { invalidInput, type WireResult } from '@/formats/wire';
import { offLoop } from '@/server/compute/pool';
import { task } from '@/server/compute/task';
import { slicedOutlook } from '@/server/outlooks';
import {
  renderedAdditives,
  renderedCautions,
  renderedLayers,
  renderedLines,
  renderedRanking,
  renderedStructure,
} from '@/words/rendered/choice';
import { DEFAULT_UNITS } from '@/words/units';
import { writerFor } from '@/words/write';
import { pickScreenWords } from '@/words/screens/pick';

const WORDS = pickScreenWords.pickWax;

type PickRequest = InferType<typeof pickRequestSchema>;
export type PickResponse = InferType<typeof pickResponseSchema>;

const MOST_ALTERNATIVES = 5;
/** Answers of the API are in SI units. */
const WRITE = writerFor(DEFAULT_UNITS);

/** The result of the core as the API gives it. */
export function toPickResponse(result: RobustChoice): PickResponse {
  const { structure, blend } = result;
  const cautions = renderedCautions(result, WRITE);
  const layers = renderedLayers(result.layerPlan, WRITE);
  const allowed = result.ranking.filter((one) => !one.excluded);
  const least = allowed[0]?.expectedLossPercent ?? 0;
  return {
    equivalentTemperatureC: result.equivalentTemperatureC,
    equivalentSdC: result.equivalentSdC,
    spread: result.spread,
    hardness: result.hardness,
    lines: renderedLines(result.lines, WRITE),
    ranking: renderedRanking(result.ranking, WRITE).map((one) => ({
      id: one.id,
      name: one.name,
      expectedLossPercent: one.expectedLossPercent,
      lossP90Percent: one.lossP90Percent,
      expectedLossSeconds: one.expectedLossSeconds,
      lossP90Seconds: one.lossP90Seconds,
      probabilityBest: one.probabilityBest,
      reasons: one.reasons,
      findings: one.findings,
      excluded: one.excluded,
    })),
    additives: result.additives.map((one) => one.additive),
    structure: renderedStructure(structure, WRITE),
    cautions: cautions.map((caution) => caution.message),
    findings: [...renderedAdditives(result.additives, WRITE), ...cautions],
    modelVersion: result.modelVersion,
    layers: layers.layers,
    missing: layers.findings,
    regret: result.regret.map(({ id, name, regretPercent }) => ({ id, name, regretPercent })),
    regretPercent: result.regretPercent,
    alternatives: allowed.slice(1, 1 + MOST_ALTERNATIVES).map((one) => ({
      id: one.id,
      name: one.name,
      expectedLossPercent: one.expectedLossPercent,
      extraLossPercent: one.expectedLossPercent - least,
    })),
    blend: blend
      ? {
          hardId: blend.hard.id,
          softId: blend.soft.id,
          hardParts: blend.hard.parts,
          softParts: blend.soft.parts,
          expectedLossPercent: blend.expectedLossPercent,
        }
      : null,
    window: (result.window?.byTime ?? []).map((one) => ({
      time: new Date(one.timeMs).toISOString(),
      id: one.id,
      lossPercent: one.lossPercent,
    })),
    oneForAllCostPercent: result.window?.oneForAllCostPercent ?? 0,
  };
}

/** The ensemble of the weather that was sent, over the start window. */
async function casesOfOutlook(
  { outlook, snow, outing }: PickRequest,
  hours: number,
): Promise<SnowCases | FieldProblem> {
  const input = outlookInputFrom(outlook);
  const startMs = Date.parse(outlook.startAt);
  const [first, last] = [input.weather[0]!, input.weather.at(-1)!];
  if (startMs < first.timeMs || startMs > last.timeMs) {
    return { field: 'outlook.startAt', message: WORDS.startOutsideWeather };
  }
  const timesMs = windowTimes(startMs, hours).filter((ms, i) => i === 0 || ms <= last.timeMs);
  const made = await slicedOutlook({ ...input, memberTimesMs: timesMs });
  const isMade = outlook.surface.kind === 'machine_made';
  const segment = {
    name: outing.discipline,
    share: 1,
    origin: isMade ? ('machine_made' as const) : ('natural' as const),
  };
  return casesFromMembers(
    timesMs,
    [
      {
        segment,
        atTimes: made.members!,
        airTemperatureC: timesMs.map((ms) => airAt(input.weather, ms)!.airTemperatureC),
        seen: seenIn(snow),
      },
    ],
    snow?.dirt ?? 'clean',
  );
}

/** The ensemble that was sent itself, by weight. */
function casesOfMembers({ members = [], snow }: PickRequest): SnowCases | FieldProblem {
  const weights = members.map((one) => one.weight ?? 1);
  const total = weights.reduce((sum, one) => sum + one, 0);
  if (!(total > 0)) return { field: 'members', message: WORDS.weightsZero };
  const mean = members.reduce((sum, one, i) => sum + weights[i]! * one.temperatureC, 0) / total;
  const snowOf = {
    timeMs: 0,
    temperatureC: Float32Array.from(members, (one) => one.temperatureC),
    waterPercent: Float32Array.from(members, (one) => one.liquidWaterPercent ?? 0),
    sharpness: Float32Array.from(members, (one) => one.sharpness ?? effectiveSharpness({})),
    isCrust: new Uint8Array(members.length),
    humidity: Float32Array.from(members, (one) => one.humidityFraction),
  };
  const place = {
    segment: { name: 'all', share: 1, origin: 'natural' as const },
    atTimes: [snowOf],
    airTemperatureC: [snow?.airTemperatureC ?? mean],
    seen: seenIn(snow),
  };
  return {
    ...casesFromMembers([0], [place], snow?.dirt ?? 'clean'),
    memberWeights: Float64Array.from(weights, (one) => one / total),
  };
}

async function casesOf(request: PickRequest): Promise<SnowCases | FieldProblem> {
  if (request.members) return casesOfMembers(request);
  if (!request.outlook) return casesFromReading(request.snow);
  const hours =
    request.outlook.hoursOnSnow ?? request.outing.hoursOnSnow ?? estimatedHours(request.outing);
  return casesOfOutlook(request, hours);
}

/** Readings beside an outlook belong into it; the schema checks them there. */
function withReadingsInside(body: unknown): unknown {
  if (typeof body !== 'object' || body === null) return body;
  const { readings, ...rest } = body as Record<string, unknown>;
  const { outlook } = rest;
  if (!Array.isArray(readings) || typeof outlook !== 'object' || outlook === null) return body;
  const own = (outlook as { readings?: unknown }).readings;
  const all = [...(Array.isArray(own) ? (own as unknown[]) : []), ...(readings as unknown[])];
  return { ...rest, outlook: { ...outlook, readings: all } };
}

const asRoled = (product: GlideProduct): RoledProduct => ({ ...product, role: 'glide' });

/**
 * Picks from the products of the request, or else from the stored shelf: over one reading, over the outlook of the weather
 * that is sent, or over an ensemble of the caller's own.
 */
export async function answerPick(
  body: unknown,
  stored: readonly RoledProduct[],
): Promise<WireResult<PickResponse>> {
  const checked = validate(pickRequestSchema, withCanonicalSpellings(withReadingsInside(body)));
  if (!checked.ok) return invalidInput(checked.problems);
  const { outing, baseState } = checked.value;
  const shelf = checked.value.products?.map(asRoled) ?? stored;
  const products = shelf.filter((one) => one.role === 'glide');
  if (products.length === 0) {
    return invalidInput([
      {
        field: 'products',
        message: WORDS.shelfEmpty,
      },
    ]);
  }
  const cases = await casesOf(checked.value);
  if ('field' in cases) return invalidInput([cases]);
  const own = { venueC: 0, handC: 0 };
  const chosen = choose({
    cases,
    outing,
    own,
    products,
    shelf,
    baseState,
  });
  return { ok: true, value: toPickResponse(chosen) };
}

/** The same for stored products of a database. */
export const pickWax = async (db: FrostDatabase, body: unknown) =>
  answerPick(body, await listProducts(db));

/** The answer as JSON text: of hundreds of products it is long, and text goes from thread to thread quickly. */
async function answerText(
  text: string,
  stored: readonly RoledProduct[],
): Promise<WireResult<string>> {
  const body = jsonFrom(text);
  if (!body.ok) return body;
  const answer = await answerPick(body.value, stored);
  return answer.ok ? { ok: true, value: JSON.stringify(answer.value) } : answer;
}

export const pickTask = task('pick', 'quick', answerText);
export const pickOutlookTask = task('pick over an outlook', 'long', answerText);

/** Answers a request's text off the event loop, as JSON text. */
export async function pickFromText(db: FrostDatabase, text: string): Promise<WireResult<string>> {
  const isLong = text.includes('"outlook"');
  return offLoop(isLong ? pickOutlookTask : pickTask, text, await listProducts(db));
}
