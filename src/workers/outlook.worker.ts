import { DomainError } from '../core/errors';
import { outlookRun } from '../core/snow/outlook';
import type { WorkerReply, WorkerRequest } from './protocol';

const STEPS_A_SLICE = 72;
const cancelled = new Set<number>();
const reply = (message: WorkerReply) => self.postMessage(message);
const nextTurn = () => new Promise<void>((resolve) => setTimeout(resolve, 0));

async function run({ id, input }: Extract<WorkerRequest, { kind: 'run' }>): Promise<void> {
  try {
    const making = outlookRun(input);
    while (!making.advance(STEPS_A_SLICE)) {
      reply({ kind: 'progress', id, share: making.done() / making.steps });
      await nextTurn();
      if (cancelled.delete(id)) return;
    }
    reply({ kind: 'done', id, outlook: making.result() });
  } catch (error) {
    const code = error instanceof DomainError ? error.code : 'failed';
    const message = error instanceof Error ? error.message : String(error);
    reply({ kind: 'failed', id, error: { code, message } });
  }
}

self.onmessage = (event: MessageEvent<WorkerRequest>) => {
  if (event.data.kind === 'cancel') cancelled.add(event.data.id);
  else void run(event.data);
};
