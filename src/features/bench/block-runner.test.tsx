// @vitest-environment happy-dom
import { cleanup, fireEvent, screen, waitFor, within } from '@testing-library/react';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import type { FrostDatabase } from '@/data/database';
import { dropJob } from '@/server/job/run-job';
import { findJob, listOpenJobs } from '@/data/jobs';
import { remainingGrams } from '@/data/stock';
import { demoDatabase, outingOf } from '../../../tests/unit/demo-app';
import { keepDemoPlan, PLAN_MORNING } from '../../../tests/unit/kept-plan';
import { DEFAULT_UNITS } from '@/words/units';
import { show } from '../../../tests/unit/render';
import { BenchScreen } from './bench-screen';
import { BlockRunner } from './block-runner';
import { loadBench } from './use-cases/load-bench';
import { blockOf, blocksNow } from './use-cases/load-blocks';

const OUTING = 'demo-slalom';
let db: FrostDatabase;
beforeEach(async () => {
  vi.useFakeTimers({ toFake: ['Date'], now: PLAN_MORNING });
  db = await demoDatabase();
});
afterEach(() => {
  vi.useRealTimers();
});

/** The block of the first person who has several pairs. */
const longBlock = async () => (await blocksNow(db)).find(({ pairs }) => pairs.length > 1)!;

async function shown(person: string) {
  const nowMs = Date.now();
  const work = await blockOf(db, person, { nowMs, units: DEFAULT_UNITS });
  cleanup();
  return show(
    <BlockRunner
      person={person}
      block={work?.block}
      steps={work?.steps ?? []}
      pieces={work?.pieces}
      outingId={OUTING}
      timeZone="CET"
      serverNowMs={nowMs}
    />,
  );
}

describe('a block of the plan as one job', () => {
  it('is on the bench for each person, with what it is and how many pairs', async () => {
    await keepDemoPlan(db);
    const view = await loadBench(db, await outingOf(db, OUTING), Date.now());
    expect(view.blocks.length).toBeGreaterThan(0);
    const outing = await outingOf(db, OUTING);
    const { text } = show(<BenchScreen outing={outing} view={view} serverNowMs={Date.now()} />);
    for (const { person, pairs } of view.blocks) {
      expect(screen.getByRole('link', { name: `Work ${person}’s block` })).toBeTruthy();
      expect(text()).toContain(pairs.length === 1 ? 'one pair' : `${pairs.length} pairs`);
    }
  });

  it('shows what is done on each pair, and ticks one pair a press, in order', async () => {
    await keepDemoPlan(db);
    const { person, pairs } = await longBlock();
    const { text } = await shown(person);
    expect(text()).toContain(`0 of ${pairs.length} pairs done`);
    expect(text()).toContain('Done when:');
    expect(screen.getAllByTestId('block-pair')).toHaveLength(pairs.length);
    fireEvent.click(screen.getByRole('button', { name: `${pairs[0]!.skiName} is done` }));
    await screen.findByText(`${pairs[0]!.skiName}: done.`);
    const [job] = await listOpenJobs(db);
    expect(`${job!.outingId}:${job!.skiId}`).toBe(pairs[0]!.pairId);
    await shown(person);
    const [first, second] = screen.getAllByTestId('block-pair');
    expect(within(first!).getByRole('checkbox')).toHaveProperty('checked', true);
    expect(second!.getAttribute('aria-current')).toBe('step');
    expect(screen.getByRole('button', { name: `${pairs[1]!.skiName} is done` })).toBeTruthy();
  });

  it('takes the last pair back by the key, with its wax', async () => {
    await keepDemoPlan(db);
    const { person, pairs } = await longBlock();
    const before = await remainingGrams(db);
    await shown(person);
    const done = screen.getByRole('button', { name: `${pairs[0]!.skiName} is done` });
    fireEvent.click(done);
    // A glove that bounces: the second press within a moment is the same one.
    fireEvent.click(done);
    await screen.findByText(`${pairs[0]!.skiName}: done.`);
    expect(await listOpenJobs(db)).toHaveLength(1);
    fireEvent.keyDown(document, { key: 'u', code: 'KeyU' });
    await screen.findByText(`${pairs[0]!.skiName}: open again.`);
    const [job] = await listOpenJobs(db);
    expect(job!.records.every(({ endedMs }) => endedMs === undefined)).toBe(true);
    expect(await remainingGrams(db)).toEqual(before);
  });

  it('says what stands in the way, and when there is nothing more to do', async () => {
    await keepDemoPlan(db);
    const { person, pairs } = await longBlock();
    await shown(person);
    const box = () => within(screen.getAllByTestId('block-pair')[0]!).getByRole('checkbox');
    fireEvent.click(box());
    await screen.findByText(`${pairs[0]!.skiName}: done.`);
    // The screen does not know yet that another device took it back.
    const [job] = await listOpenJobs(db);
    await dropJob(db, { jobId: job!.id, isDropped: true, nowMs: Date.now() });
    fireEvent.click(screen.getByRole('button', { name: 'One pair back' }));
    await screen.findByText('This pair is not started yet.');
    expect((await findJob(db, job!.id))!.droppedAt).toBeTruthy();

    const { text } = await shown('Nobody');
    expect(text()).toContain('Nothing more to do');
    await waitFor(() => expect(screen.queryByTestId('block-pair')).toBeNull());
  });
});
