import type { OutboxKind } from '@/core/model';
import { tickAction as tickBlock, moveAction } from '@/features/bench/actions';
import { addRunAction } from '@/features/glide/actions';
import { addEventAction, markAction } from '@/features/skis/actions';
import { saveReadingAction } from '@/features/snow/actions';
import { jsonFrom } from '@/formats/json';
import { outboxSchema } from '@/formats/schemas/outbox';
import { asFields, validate } from '@/formats/schemas/validation';
import { answerRoute, invalidInput, readJsonText, type WireResult } from '@/formats/wire';

const MOST_BYTES = 100_000;

/** The same as the screens do when the server answers at once: with the same key, each is done once. */
const DO: Record<OutboxKind, (key: string, input: unknown) => Promise<WireResult<unknown>>> = {
  reading: (key, input) => {
    const { ids, values } = asFields(input);
    return saveReadingAction(key, asFields(ids) as { outingId: string }, values);
  },
  run: addRunAction,
  mark: markAction,
  kilometres: addEventAction,
  step: moveAction,
  tick: tickBlock,
};

/** Does a write that a device kept while it was out of reach. */
export function POST(request: Request): Promise<Response> {
  return answerRoute(async () => {
    const text = await readJsonText(request, MOST_BYTES);
    if (!text.ok) return text;
    const body = jsonFrom(text.value);
    if (!body.ok) return body;
    const checked = validate(outboxSchema, body.value);
    if (!checked.ok) return invalidInput(checked.problems);
    const { kind, key, input } = checked.value;
    return DO[kind](key, input);
  });
}
