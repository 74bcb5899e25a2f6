import type { IncomingMessage } from 'node:http';
import { shared } from '@/core/shared';
import type { receive } from './door/reception';

/** What the host asks of the app; `host/shared.mjs` names the same. */
interface Hooks {
  /** Answers a request in the language of who asks. */
  inLanguage: <T>(asked: Pick<IncomingMessage, 'headers'>, work: () => T) => T;
  /** Migrates the data and begins what runs beside requests. */
  prepare: () => Promise<void>;
  /** Does something in the name of who sits at this computer. */
  asHere: <T>(work: () => T) => T;
  /** What is said of a refusal. */
  refusal: (code: string) => {
    message: string | undefined;
    page: (message: string, refreshS?: number) => string;
  };
  /** Lets a device in, or not. */
  reception: typeof receive;
}

declare module '@/core/shared' {
  // eslint-disable-next-line @typescript-eslint/no-empty-object-type -- declarations of one interface are merged
  interface Shared extends Hooks {}
}

/** Hands the host what it asks of the app. */
export const giveHost = (hooks: Hooks): void => void Object.assign(shared, hooks);
