import type { Outlook, OutlookInput } from '../core/snow/outlook';

/** What a page asks of an outlook worker. */
export type WorkerRequest =
  { kind: 'run'; id: number; input: OutlookInput } | { kind: 'cancel'; id: number };

/** What a worker answers; `share` of the work done is 0…1. */
export type WorkerReply =
  | { kind: 'progress'; id: number; share: number }
  | { kind: 'done'; id: number; outlook: Outlook }
  | { kind: 'failed'; id: number; error: { code: string; message: string } };
