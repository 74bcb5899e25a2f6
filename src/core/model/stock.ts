import { STOCK_MOVE_KINDS, type StockMoveKind } from '../terms';
import type { FieldsOf } from './field';

/** A change of what is on the shelf, g: bought is positive, used negative, corrected either. */
export interface StockMove {
  id: string;
  productId: string;
  kind: StockMoveKind;
  grams: number;
  note?: string;
  /** Gives back what an undone step had used. */
  isUndo?: boolean;
  at: string;
}

/** The fields of a stock move. */
export const STOCK_MOVE_FIELDS = {
  id: { type: 'id', isRequired: true },
  productId: { type: 'id', isRequired: true },
  kind: { type: 'choice', of: STOCK_MOVE_KINDS, isRequired: true },
  grams: { type: 'number', range: [-100_000, 100_000], unit: 'g', isRequired: true },
  note: { type: 'text', most: 200 },
  isUndo: { type: 'flag', isInternal: true },
  at: { type: 'moment', isRequired: true },
} as const satisfies FieldsOf<StockMove>;
