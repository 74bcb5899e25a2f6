/** What a device out of reach keeps and sends later. */
export const OUTBOX_KINDS = ['reading', 'run', 'mark', 'kilometres', 'step', 'tick'] as const;
export type OutboxKind = (typeof OUTBOX_KINDS)[number];
