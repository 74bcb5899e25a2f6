import type { ShelfProduct } from '@/core/model';
import type { InferType } from 'yup';
import { DomainError } from '@/core/errors';
import { chooseGrip, findFit, troubleStep } from '@/core/grip';
import { MODEL_VERSION } from '@/core/model-version';
import type { FrostDatabase } from '@/data/database';
import { listProducts } from '@/data/products';
import { gripRequestSchema, type gripResponseSchema } from '@/formats/schemas/grip';
import { withCanonicalSpellings } from '@/formats/schemas/spellings';
import { validate } from '@/formats/schemas/validation';
import { jsonFrom } from '@/formats/json';
import { invalidInput, type WireResult } from '@/formats/wire';
import { offLoop } from '@/server/compute/pool';
import { task } from '@/server/compute/task';
import { renderedGrip, renderedNotes, renderedTrouble } from '@/words/rendered/grip';
import { mistakeWords } from '@/words/rendered/mistake';
import { DEFAULT_UNITS } from '@/words/units';
import { writerFor } from '@/words/write';

export type GripResponse = InferType<typeof gripResponseSchema>;
type GripRequest = InferType<typeof gripRequestSchema>;

/** Answers of the API are in SI units. */
const WRITE = writerFor(DEFAULT_UNITS);

function troubleOf({ trouble }: GripRequest): GripResponse['trouble'] {
  if (!trouble) return null;
  return renderedTrouble(troubleStep(trouble.complaint, trouble.tried ?? []), WRITE);
}

/** Where the grip zone lies, which grip wax or klister, and what to do when it fails. */
export function answerGrip(
  body: unknown,
  stored: readonly ShelfProduct[],
): WireResult<GripResponse> {
  const checked = validate(gripRequestSchema, withCanonicalSpellings(body));
  if (!checked.ok) return invalidInput(checked.problems);
  const { snow, outing, laterTemperatureC } = checked.value;
  const products = checked.value.products ?? stored;
  try {
    const fit = findFit(checked.value.fit);
    const notes = renderedNotes(fit, WRITE);
    const choice = renderedGrip(
      chooseGrip(snow, { outing, products, laterC: laterTemperatureC }),
      WRITE,
    );
    return {
      ok: true,
      value: {
        fit: {
          zone: fit.zone,
          klisterZone: fit.klisterZone ?? null,
          pocketMm: fit.pocketMm ?? null,
          stiffness: fit.stiffness ?? null,
          closedAtFull: fit.closedAtFull ?? null,
          closingShare: fit.closingShare ?? null,
          roomLayers: fit.roomLayers ?? null,
          basis: fit.basis,
          notes: notes.map((note) => note.message),
        },
        kind: choice.kind,
        kindReason: choice.kindReason,
        gripTemperatureC: choice.gripTemperatureC,
        lines: choice.lines,
        ranking: choice.ranking,
        needsBinder: choice.needsBinder,
        binderId: choice.binder?.id ?? null,
        layers: choice.layers,
        wearKm: choice.wearKm,
        carry: choice.carry ?? null,
        cautions: choice.cautions,
        findings: [...choice.findings, ...notes],
        trouble: troubleOf(checked.value),
        modelVersion: MODEL_VERSION,
      },
    };
  } catch (error) {
    if (!(error instanceof DomainError)) throw error;
    const field = error.field === 'products' ? 'products' : `fit.${error.field}`;
    return invalidInput([{ field, message: mistakeWords(error) }]);
  }
}

/** The same for stored products of a database. */
export const adviseGrip = async (db: FrostDatabase, body: unknown) =>
  answerGrip(body, await listProducts(db));

export const gripTask = task(
  'grip',
  'quick',
  (text: string, stored: readonly ShelfProduct[]): WireResult<GripResponse> => {
    const body = jsonFrom(text);
    return body.ok ? answerGrip(body.value, stored) : body;
  },
);

/** Answers a request's text off the event loop. */
export const gripFromText = async (db: FrostDatabase, text: string) =>
  offLoop(gripTask, text, await listProducts(db));
