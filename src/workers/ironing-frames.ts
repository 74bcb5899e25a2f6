import type { IronBench } from '../core/iron';

/** To the worker of the iron drill: a new ski, or where the iron is at a moment. */
export type IroningAsk =
  | { kind: 'start'; bench: IronBench }
  | { kind: 'hold'; atMs: number; placeM: number; isDown: boolean };

/** What is seen of each place of the ski: liquid now, once melted, too hot. 1 or 0. */
export interface IroningFrame {
  shine: Uint8Array;
  touched: Uint8Array;
  hurt: Uint8Array;
}
