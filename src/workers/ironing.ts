import type { IronBench } from '../core/iron';
import type { IroningAsk, IroningFrame } from './ironing-frames';

/** A ski under an iron in a thread of its own; one frame is asked for at a time. */
export class Ironing {
  private readonly worker: Worker;
  private isAsked = false;

  constructor(bench: IronBench, onFrame: (frame: IroningFrame) => void) {
    this.worker = new Worker(new URL('./ironing.worker.ts', import.meta.url), { type: 'module' });
    this.worker.onmessage = ({ data }: MessageEvent<IroningFrame>) => {
      this.isAsked = false;
      onFrame(data);
    };
    this.worker.postMessage({ kind: 'start', bench } satisfies IroningAsk);
  }

  /** Where the iron is now; false: the frame before is still under way, and this one is left out. */
  hold(at: { atMs: number; placeM: number; isDown: boolean }): boolean {
    if (this.isAsked) return false;
    this.isAsked = true;
    this.worker.postMessage({ kind: 'hold', ...at } satisfies IroningAsk);
    return true;
  }

  end(): void {
    this.worker.terminate();
  }
}
