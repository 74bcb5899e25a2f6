import type { OfflineWrite } from '@/core/model';
import { sendOrKeep } from '@/ui/outbox/send-or-keep';
import { act } from './act';
import type { WriteInput, WriteValue } from './table';

/** What a person calls a write that may have to wait on this device, and when it was done (ISO 8601). */
interface Kept<N extends OfflineWrite> {
  key: string;
  label: string;
  at: string;
  /** What is sent later, where that differs: with the time at which it was done. */
  later?: WriteInput<N>;
}

/** Does a write by its name, or keeps it on this device where the server does not answer. */
export const actOrKeep = <N extends OfflineWrite>(
  name: N,
  input: WriteInput<N>,
  { key, label, at, later = input }: Kept<N>,
) =>
  sendOrKeep<WriteValue<N>>({ kind: name, key, input: later, label, at }, () =>
    act(name, key, input),
  );
