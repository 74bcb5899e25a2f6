import { choose } from '../core/choice';
import { DomainError } from '../core/errors';
import type { ChoiceReply, ChoiceRequest } from './choice-protocol';

self.onmessage = ({ data }: MessageEvent<ChoiceRequest>) => {
  const reply = (message: ChoiceReply) => self.postMessage(message);
  try {
    reply({ id: data.id, choice: choose(data.question) });
  } catch (error) {
    const isOurs = error instanceof DomainError;
    reply({ id: data.id, problem: isOurs ? error.message : 'The choice could not be computed.' });
  }
};
