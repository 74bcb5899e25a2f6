import { failed, type WireResult } from '@/formats/wire';
import { serverScreenWords } from '@/words/screens/server';
import { callerNow, looksOnly } from './caller';

const WORDS = serverScreenWords.permission;

/** Why who asks may not write; undefined for who may. */
export function writeRefusal(): WireResult<never> | undefined {
  if (callerNow().door === 'none') {
    return failed('not_paired', serverScreenWords.reception.notPaired);
  }
  return looksOnly() ? failed('looks_only', WORDS.looksOnly) : undefined;
}

/** Whether who asks sits at the host computer. */
export const isAtHost = (): boolean => callerNow().door === 'here';

/** Why who asks may not decide on devices and copies; undefined at this machine itself. */
export const hostRefusal = (): WireResult<never> | undefined =>
  isAtHost() ? undefined : failed('at_host_only', WORDS.atHostOnly);
