import { nowCalled } from '@/core/model';
import { jsonFrom } from '@/formats/json';
import { outboxSchema } from '@/formats/schemas/outbox';
import { validate } from '@/formats/schemas/validation';
import { answerRoute, invalidInput, readJsonText } from '@/formats/wire';
import { act } from '@/writes/act';

const MOST_BYTES = 100_000;

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
    return act(nowCalled(kind), key, input as never);
  });
}
