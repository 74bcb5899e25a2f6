import { describe, expect, it } from 'vitest';
import type { Outlook, OutlookInput } from '../core/snow/outlook';
import { Cancelled, OutlookPool, type WorkerLike } from './outlook-pool';
import type { WorkerReply, WorkerRequest } from './protocol';

class FakeWorker implements WorkerLike {
  onmessage: WorkerLike['onmessage'] = null;
  onerror: WorkerLike['onerror'] = null;
  readonly heard: WorkerRequest[] = [];
  isEnded = false;
  postMessage(message: WorkerRequest) {
    this.heard.push(message);
  }
  terminate() {
    this.isEnded = true;
  }
  say(message: WorkerReply) {
    this.onmessage?.({ data: message } as MessageEvent<WorkerReply>);
  }
}

const input = {} as OutlookInput;
const outlook = (seed: number) => ({ effectiveMembers: seed }) as Outlook;
function poolOfFakes(timeoutMs?: number) {
  const workers: FakeWorker[] = [];
  const pool = new OutlookPool(() => {
    const worker = new FakeWorker();
    workers.push(worker);
    return worker;
  }, timeoutMs);
  return { pool, workers };
}

describe('the pool of workers', () => {
  it('shares tasks between two workers and keeps the order of the results', async () => {
    const { pool, workers } = poolOfFakes();
    const shares: number[] = [];
    const job = pool.run([input, input, input], (share) => shares.push(share));
    expect(workers).toHaveLength(2);
    workers[1]!.say({ kind: 'done', id: 2, outlook: outlook(2) });
    workers[1]!.say({ kind: 'progress', id: 3, share: 0.5 });
    workers[0]!.say({ kind: 'done', id: 1, outlook: outlook(1) });
    workers[1]!.say({ kind: 'done', id: 3, outlook: outlook(3) });
    expect((await job.result).map((one) => one.effectiveMembers)).toEqual([1, 2, 3]);
    expect(shares.at(-1)).toBe(1);
    expect([...shares].sort((a, b) => a - b)).toEqual(shares);
  });

  it('tells the worker when a job is cancelled, and drops its late reply', async () => {
    const { pool, workers } = poolOfFakes();
    const job = pool.run([input], () => undefined);
    job.cancel();
    await expect(job.result).rejects.toThrow(Cancelled);
    expect(workers[0]!.heard.at(-1)).toEqual({ kind: 'cancel', id: 1 });
    const next = pool.run([input], () => undefined);
    workers[0]!.say({ kind: 'done', id: 1, outlook: outlook(1) });
    workers[0]!.say({ kind: 'done', id: 2, outlook: outlook(2) });
    expect((await next.result)[0]!.effectiveMembers).toBe(2);
  });

  it('replaces a worker that hangs, and passes a failure on', async () => {
    const { pool, workers } = poolOfFakes(20);
    await expect(pool.run([input], () => undefined).result).rejects.toThrow('too long');
    expect(workers[0]!.isEnded).toBe(true);
    const job = pool.run([input], () => undefined);
    workers[1]!.say({ kind: 'failed', id: 2, error: { code: 'weather_gap', message: 'a gap' } });
    await expect(job.result).rejects.toThrow('a gap');
  });
});
