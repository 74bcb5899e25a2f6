/** What was measured or tried for grip on an outing. */
export interface GripNote<T> {
  id: string;
  outingId: string;
  /** The pair whose pocket was measured. */
  skiId?: string;
  kind: 'fit' | 'trouble';
  content: T;
  at: string;
}
