import { AsyncLocalStorage } from 'node:async_hooks';
import { NotLetIn } from '@/core/faults';
import type { DeviceRole } from '@/core/model';
import { shared } from '@/core/shared';

/** Somebody at this machine, or a device or token that was let in from beyond it. */
export type Insider =
  { door: 'here' } | { door: 'beyond'; id: string; name: string; role: DeviceRole };

/** Who asks: an insider, or somebody who was not let in and may see the page of pairing alone. */
export type Caller = Insider | { door: 'none' };

export const HERE: Insider = { door: 'here' };
export const STRANGER: Caller = { door: 'none' };

/** One for all bundles of this process: the host lets in, actions and routes ask who it was. */
declare module '@/core/shared' {
  interface Shared {
    caller: AsyncLocalStorage<Caller>;
  }
}
const callers = () => (shared.caller ??= new AsyncLocalStorage<Caller>());

/** Answers a request in the name of who asked. */
export const runAs = <T>(caller: Caller, work: () => T): T => callers().run(caller, work);

/** Who asked what is being answered; a stranger where nobody is named. */
export const callerNow = (): Caller => callers().getStore() ?? STRANGER;

/** Who was let in; throws {@link NotLetIn} for a stranger. */
export function requireInsider(): Insider {
  const caller = callerNow();
  if (caller.door === 'none') throw new NotLetIn();
  return caller;
}

/** The name that stands with what is written now; empty for this machine. */
export function authorNow(): string {
  const caller = requireInsider();
  return caller.door === 'here' ? '' : caller.name;
}

/** True for a device that may only look, and for a stranger. */
export function looksOnly(): boolean {
  const caller = callerNow();
  return caller.door === 'none' || (caller.door === 'beyond' && caller.role === 'looks');
}
