/**
 * An entity while it is typed: it may have no id yet, and what is `Open` may still be empty. What must be there is
 * the schema's to say.
 */
export type DraftOf<T extends { id: string }, Open extends keyof T> = Omit<T, Open | 'id'> & {
  [K in Open]?: T[K] | undefined;
} & { id?: string };
