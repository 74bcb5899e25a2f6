import { describe, expect, it } from 'vitest';
import { DomainError } from '../core/errors';
import { NewestOnly } from './newest-only';
import type { WorkerReply, WorkerRequest } from './protocol';
import { serve, type Turn } from './serve';
import { Cancelled, WorkerPool, type WorkerLike } from './worker-pool';

type Asked = WorkerRequest<string>;
type Rendered = WorkerReply<string>;

/** A worker that is answered by hand. */
class FakeWorker implements WorkerLike<string, string> {
  onmessage: WorkerLike<string, string>['onmessage'] = null;
  onerror: WorkerLike<string, string>['onerror'] = null;
  readonly heard: Asked[] = [];
  isEnded = false;
  postMessage(message: Asked) {
    this.heard.push(message);
  }
  terminate() {
    this.isEnded = true;
  }
  say(message: Rendered) {
    this.onmessage?.({ data: message } as MessageEvent<Rendered>);
  }
  done(id: number, output: string) {
    this.say({ kind: 'done', id, output });
  }
}

function poolOfFakes({ workers = 2, silentMs }: { workers?: number; silentMs?: number } = {}) {
  const made: FakeWorker[] = [];
  const makeWorker = () => {
    made.push(new FakeWorker());
    return made.at(-1)!;
  };
  return { pool: new WorkerPool(makeWorker, { workers, silentMs }), made };
}

describe('the pool of workers', () => {
  it('shares tasks between two workers and keeps the order of the results', async () => {
    const { pool, made } = poolOfFakes();
    const shares: number[] = [];
    const each: string[] = [];
    const job = pool.run(['a', 'b', 'c'], {
      onProgress: (share) => shares.push(share),
      onEach: (output, at) => each.push(`${at}:${output}`),
    });
    expect(made).toHaveLength(2);
    made[1]!.done(2, 'B');
    made[1]!.say({ kind: 'progress', id: 3, share: 0.5 });
    made[0]!.done(1, 'A');
    made[1]!.done(3, 'C');
    expect(await job.result).toEqual(['A', 'B', 'C']);
    expect(each).toEqual(['1:B', '0:A', '2:C']);
    expect(shares.at(-1)).toBe(1);
    expect([...shares].sort((a, b) => a - b)).toEqual(shares);
  });

  it('tells the worker when a job is cancelled, and drops its late reply', async () => {
    const { pool, made } = poolOfFakes();
    const job = pool.run(['a']);
    job.cancel();
    await expect(job.result).rejects.toThrow(Cancelled);
    expect(made[0]!.heard.at(-1)).toEqual({ kind: 'cancel', id: 1 });
    const next = pool.run(['b']);
    made[0]!.done(1, 'late');
    made[0]!.done(2, 'B');
    expect(await next.result).toEqual(['B']);
  });

  it('tells the worker when what it has is enough, and takes its answer', async () => {
    const { pool, made } = poolOfFakes({ workers: 1 });
    const job = pool.run(['a', 'waits']);
    job.enough();
    expect(made[0]!.heard.at(-1)).toEqual({ kind: 'enough', id: 1 });
    made[0]!.done(1, 'so far');
    made[0]!.done(2, 'whole');
    expect(await job.result).toEqual(['so far', 'whole']);
  });

  it('ends a worker that says nothing for too long, not one that makes progress', async () => {
    const { pool, made } = poolOfFakes({ silentMs: 40 });
    const slow = pool.run(['slow']);
    const beat = setInterval(() => made[0]!.say({ kind: 'progress', id: 1, share: 0.1 }), 10);
    await new Promise((resolve) => setTimeout(resolve, 120));
    clearInterval(beat);
    made[0]!.done(1, 'at last');
    expect(await slow.result).toEqual(['at last']);
    await expect(pool.run(['hung']).result).rejects.toMatchObject({ reason: { code: 'too_slow' } });
    expect(made[0]!.isEnded).toBe(true);
    const next = pool.run(['next']);
    made[1]!.done(3, 'by another');
    expect(await next.result).toEqual(['by another']);
  });

  it('makes one worker a task where none of them can begin', async () => {
    const { pool, made } = poolOfFakes({ workers: 1 });
    for (const tried of [1, 2, 3]) {
      const job = pool.run(['a']);
      made.at(-1)!.onerror!({} as ErrorEvent);
      await expect(job.result).rejects.toMatchObject({ reason: { code: 'broke' } });
      expect(made).toHaveLength(tried);
    }
  });

  it('passes a mistake on, and one failed task ends its whole job', async () => {
    const { pool, made } = poolOfFakes({ workers: 1 });
    const mistake = { code: 'no_weather' } as const;
    const job = pool.run(['a', 'b']);
    made[0]!.say({ kind: 'failed', id: 1, reason: { code: 'mistake', mistake } });
    await expect(job.result).rejects.toMatchObject({ reason: { mistake } });
    expect(made[0]!.heard.filter((one) => one.kind === 'run')).toHaveLength(1);
  });

  it('says when a worker breaks, and goes on with a new one', async () => {
    const { pool, made } = poolOfFakes({ workers: 1 });
    const job = pool.run(['a']);
    made[0]!.onerror!({} as ErrorEvent);
    await expect(job.result).rejects.toMatchObject({ reason: { code: 'broke' } });
    const next = pool.run(['b']);
    made[1]!.done(2, 'B');
    expect(await next.result).toEqual(['B']);
  });

  it('ends with all that is under way once it is closed', async () => {
    const { pool, made } = poolOfFakes({ workers: 1 });
    const jobs = [pool.run(['a']), pool.run(['b'])];
    pool.close();
    for (const job of jobs) await expect(job.result).rejects.toThrow(Cancelled);
    expect(made[0]!.isEnded).toBe(true);
  });
});

describe('a slider’s questions', () => {
  function asking() {
    const { pool, made } = poolOfFakes({ workers: 1 });
    const heard: string[] = [];
    const client = new NewestOnly(pool, {
      answer: (output) => heard.push(output),
      failed: ({ code }) => heard.push(code),
    });
    const settled = () => new Promise((resolve) => setTimeout(resolve, 0));
    return { client, made, heard, settled };
  }

  it('are asked one at a time, and of those that wait only the newest', async () => {
    const { client, made, heard, settled } = asking();
    for (const input of ['a', 'b', 'c']) client.ask(input);
    made[0]!.done(1, 'A');
    await settled();
    made[0]!.done(2, 'C');
    await settled();
    expect(made[0]!.heard.map((one) => one.kind === 'run' && one.input)).toEqual(['a', 'c']);
    expect(heard).toEqual(['A', 'C']);
  });

  it('go on after one that broke its worker, and end in silence when closed', async () => {
    const { client, made, heard, settled } = asking();
    client.ask('a');
    made[0]!.onerror!({} as ErrorEvent);
    await settled();
    expect(heard).toEqual(['broke']);
    client.ask('b');
    client.close();
    await settled();
    expect(heard).toEqual(['broke']);
    expect(made[1]!.isEnded).toBe(true);
  });
});

describe('a worker', () => {
  function serving(compute: (input: string, turn: Turn) => string | Promise<string>) {
    const rendered: Rendered[] = [];
    const scope = {
      postMessage: (reply: Rendered) => void rendered.push(reply),
      onmessage: null as ((event: MessageEvent<Asked>) => void) | null,
    };
    serve(compute, scope);
    const ask = (data: Asked) => scope.onmessage!({ data } as MessageEvent<Asked>);
    const settled = () => new Promise((resolve) => setTimeout(resolve, 5));
    return { rendered, ask, settled };
  }

  it('answers with the result, a caller’s mistake, or that it failed', async () => {
    const { rendered, ask, settled } = serving((input) => {
      if (input === 'odd') throw new DomainError({ code: 'no_weather' }, 'weather', 0);
      if (input === 'bug') throw new Error('not for the page');
      return input.toUpperCase();
    });
    for (const [i, input] of ['good', 'odd', 'bug'].entries()) ask({ kind: 'run', id: i, input });
    await settled();
    expect(rendered.sort((a, b) => a.id - b.id)).toEqual([
      { kind: 'done', id: 0, output: 'GOOD' },
      { kind: 'failed', id: 1, reason: { code: 'mistake', mistake: { code: 'no_weather' } } },
      { kind: 'failed', id: 2, reason: { code: 'failed' } },
    ]);
  });

  it('stops between two slices when it is cancelled, and says no more', async () => {
    const { rendered, ask, settled } = serving(async (input, turn) => {
      for (let i = 1; i <= 100; i += 1) await turn(i / 100);
      return input;
    });
    ask({ kind: 'run', id: 1, input: 'long' });
    ask({ kind: 'cancel', id: 1 });
    ask({ kind: 'cancel', id: 9 });
    await settled();
    await settled();
    expect(rendered).toEqual([{ kind: 'progress', id: 1, share: 0.01 }]);
  });

  it('answers with what it has when that is enough', async () => {
    const { rendered, ask, settled } = serving(async (input, turn) => {
      let rounds = 0;
      while (await turn(0.5)) rounds += 1;
      return `${input} after ${rounds}`;
    });
    ask({ kind: 'run', id: 1, input: 'plan' });
    ask({ kind: 'enough', id: 1 });
    ask({ kind: 'enough', id: 9 });
    await settled();
    expect(rendered.at(-1)).toEqual({ kind: 'done', id: 1, output: 'plan after 0' });
  });
});
