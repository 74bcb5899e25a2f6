import { nowCalled } from '@/core/model';
import { jsonFrom } from '@/formats/json';
import { outboxSchema } from '@/formats/schemas/outbox';
import { validate } from '@/formats/schemas/validation';
import { invalidInput, jsonRoute } from '@/formats/wire';
import { act } from '@/writes/act';

/** Does a write that a device kept while it was out of reach: with the same key it is done once. */
export const POST = jsonRoute(100_000, async (text) => {
  const body = jsonFrom(text);
  if (!body.ok) return body;
  const checked = validate(outboxSchema, body.value);
  if (!checked.ok) return invalidInput(checked.problems);
  const { kind, key, input } = checked.value;
  return act(nowCalled(kind), key, input as never);
});
