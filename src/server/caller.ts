import { AsyncLocalStorage } from 'node:async_hooks';
import type { DeviceRole } from '@/core/model';

/** Who asks: somebody at this machine, or a device or token that was let in from beyond it. */
export type Caller =
  { door: 'here' } | { door: 'beyond'; id: string; name: string; role: DeviceRole };

const HERE: Caller = { door: 'here' };

/** One for all bundles of this process: the host lets in, actions and routes ask who it was. */
const shared = globalThis as { frostCaller?: AsyncLocalStorage<Caller> };
const callers = () => (shared.frostCaller ??= new AsyncLocalStorage<Caller>());

/** Answers a request in the name of who asked. */
export const runAs = <T>(caller: Caller, work: () => T): T => callers().run(caller, work);

/** Who asked what is being answered; this machine itself where nobody is named. */
export const callerNow = (): Caller => callers().getStore() ?? HERE;

/** The name that stands with what is written now; empty for this machine. */
export function handNow(): string {
  const caller = callerNow();
  return caller.door === 'here' ? '' : caller.name;
}

/** True for a device that may only look. */
export function looksOnly(): boolean {
  const caller = callerNow();
  return caller.door === 'beyond' && caller.role === 'looks';
}
