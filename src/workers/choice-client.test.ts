import { expect, it } from 'vitest';
import type { ChoiceQuestion, RobustChoice } from '../core/choice';
import { ChoiceClient, type ChoiceWorker } from './choice-client';
import type { ChoiceRequest } from './choice-protocol';

function setUp() {
  const posted: ChoiceRequest[] = [];
  const heard: string[] = [];
  const worker: ChoiceWorker = {
    postMessage: (message) => posted.push(message),
    onmessage: null,
    onerror: null,
    terminate: () => heard.push('terminated'),
  };
  const client = new ChoiceClient(worker, {
    answer: (choice) => heard.push(choice.modelVersion),
    problem: (message) => heard.push(message),
  });
  const question = (name: string) => ({ name }) as unknown as ChoiceQuestion;
  const answer = (modelVersion: string) =>
    worker.onmessage!({
      data: { id: posted.at(-1)!.id, choice: { modelVersion } as RobustChoice },
    } as MessageEvent);
  return { client, worker, posted, heard, question, answer };
}

it('keeps only the newest question while one is under way', () => {
  const { client, posted, heard, question, answer } = setUp();
  for (const name of ['a', 'b', 'c']) client.ask(question(name));
  expect(posted).toHaveLength(1);
  answer('first');
  expect(posted.map((one) => (one.question as unknown as { name: string }).name)).toEqual([
    'a',
    'c',
  ]);
  answer('third');
  expect(heard).toEqual(['first', 'third']);
});

it('says what went wrong and can be closed', () => {
  const { client, worker, posted, heard, question } = setUp();
  client.ask(question('a'));
  worker.onmessage!({
    data: { id: posted[0]!.id, problem: 'The shelf is empty.' },
  } as MessageEvent);
  worker.onerror!({} as ErrorEvent);
  client.close();
  expect(heard[0]).toBe('The shelf is empty.');
  expect(heard[1]).toContain('broke');
  expect(heard[2]).toBe('terminated');
});
