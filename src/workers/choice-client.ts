import type { ChoiceQuestion, RobustChoice } from '../core/choice';
import type { ChoiceReply, ChoiceRequest } from './choice-protocol';

/** What a worker does for the client; the real one or a test's. */
export interface ChoiceWorker {
  postMessage: (message: ChoiceRequest) => void;
  onmessage: ((event: MessageEvent<ChoiceReply>) => void) | null;
  onerror: ((event: ErrorEvent) => void) | null;
  terminate: () => void;
}

export interface ChoiceListener {
  answer: (choice: RobustChoice) => void;
  problem: (message: string) => void;
}

/**
 * Asks a worker for choices, one at a time: while one is under way only the newest question waits, so that a
 * slider never queues up, and answers to older ones are still shown in order.
 */
export class ChoiceClient {
  private isBusy = false;
  private waiting: ChoiceQuestion | undefined;
  private id = 0;

  constructor(
    private readonly worker: ChoiceWorker,
    private readonly listener: ChoiceListener,
  ) {
    worker.onmessage = ({ data }) => {
      this.isBusy = false;
      if (data.id === this.id) {
        if (data.choice) listener.answer(data.choice);
        else listener.problem(data.problem ?? 'The choice could not be computed.');
      }
      this.next();
    };
    worker.onerror = () => {
      this.isBusy = false;
      listener.problem('The worker that computes the choice broke: reload the page.');
    };
  }

  ask(question: ChoiceQuestion): void {
    this.waiting = question;
    this.next();
  }

  private next(): void {
    if (this.isBusy || !this.waiting) return;
    this.isBusy = true;
    this.id += 1;
    this.worker.postMessage({ id: this.id, question: this.waiting });
    this.waiting = undefined;
  }

  close(): void {
    this.worker.terminate();
  }
}

/** A client with a worker of its own. */
export function choiceClient(listener: ChoiceListener): ChoiceClient {
  const worker = new Worker(new URL('./choice.worker.ts', import.meta.url), { type: 'module' });
  return new ChoiceClient(worker as unknown as ChoiceWorker, listener);
}
