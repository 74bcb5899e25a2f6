import { ironRow, isHurtNow, moveIron, shineOf, type IronRow } from '../core/practice/iron-row';
import type { IronBench } from '../core/iron';
import type { IroningAsk, IroningFrame } from './ironing-frames';

const MS = 1e-3;
/** A page that slept is not caught up on for longer than this at once, s. */
const MOST_AT_ONCE_S = 2;

let row: IronRow | undefined;

function frame(ironed: IronRow): IroningFrame {
  return {
    shine: Uint8Array.from(shineOf(ironed), Number),
    touched: Uint8Array.from(ironed.past.moltenS, (seconds) => (seconds > 0 ? 1 : 0)),
    hurt: Uint8Array.from(isHurtNow(ironed), Number),
  };
}

const start = (bench: IronBench) => {
  row = ironRow(bench);
};

/** The iron of the drill: steps the ski along the hand and tells what is seen of it. */
self.onmessage = ({ data }: MessageEvent<IroningAsk>) => {
  if (data.kind === 'start') {
    start(data.bench);
    return;
  }
  if (!row) return;
  const { atMs, placeM, isDown } = data;
  const seconds = Math.min(MOST_AT_ONCE_S, atMs * MS - row.timeS);
  if (seconds > 0) moveIron(row, { placeM, isDown }, seconds);
  self.postMessage(frame(row));
};
