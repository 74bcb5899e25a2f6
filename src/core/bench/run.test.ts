import { describe, expect, it } from 'vitest';
import { SKATE_PAIR } from '../../../tests/unit/fixtures';
import {
  begin,
  buildSheet,
  end,
  inOrderOfHands,
  jobState,
  leftOfJob,
  movedRecords,
  mendedBy,
  waxingsOf,
  type Programme,
  type StepRecord,
} from '.';

const MINUTE = 60_000;
const wax = {
  id: 'frost',
  name: 'Frost',
  role: 'glide',
  form: 'block',
  additives: [],
  applications: ['iron'],
} as const;
const sheetOf = (programmes: Programme[], more: object = {}) =>
  buildSheet({
    ski: SKATE_PAIR,
    findings: [],
    programmes,
    layers: [{ place: 'glide', product: wax, coats: 2 }],
    softWax: wax,
    methods: {},
    room: { roomC: 15, isVentilated: true },
    ironing: {},
    ...more,
  });

describe('a job as it runs', () => {
  const sheet = sheetOf(['hot_wax']);

  it('stands at the first step that has not ended, whatever the order of its records', () => {
    expect(jobState(sheet, [])).toMatchObject({ position: 0, isDone: false, doneShare: 0 });
    const ended = (position: number): StepRecord =>
      end(begin(sheet.steps[position]!, position, 0), MINUTE);
    expect(jobState(sheet, [ended(1), ended(0)]).position).toBe(2);
    expect(jobState(sheet, [ended(0), ended(2)]).position).toBe(1);
    expect(
      jobState(
        sheet,
        sheet.steps.map((_, i) => ended(i)),
      ),
    ).toMatchObject({
      isDone: true,
      current: undefined,
      doneShare: 1,
    });
    expect(jobState({ ...sheet, steps: [] }, []).isDone).toBe(true);
  });

  it('gives a wait its moments at once, and notes one that ended before its time', () => {
    const place = sheet.steps.findIndex((step) => step.kind === 'cool');
    const record = begin(sheet.steps[place]!, place, 1000);
    expect(record).toMatchObject({ dueMs: 1000 + 25 * MINUTE, leastMs: 1000 + 20 * MINUTE });
    expect(end(record, 1000 + 24 * MINUTE).outcome).toBe('ended_early');
    expect(end(record, 1000 + 25 * MINUTE).outcome).toBe('done');
    expect(begin(sheet.steps[0]!, 0, 5)).toEqual({ position: 0, startedMs: 5 });
    const before = sheet.steps.slice(0, place).map((step, i) => end(begin(step, i, 0), 1));
    expect(jobState(sheet, [...before, record]).wait).toEqual({
      startedMs: record.startedMs,
      dueMs: record.dueMs,
      leastMs: record.leastMs,
    });
  });

  it('ends one step and begins the next with a move, and begins none after the last', () => {
    const moved = (records: readonly StepRecord[], position: number) =>
      movedRecords(sheet, records, { position, move: 'next', atMs: 1000 + position });
    const first = moved([], 0);
    expect(first).toMatchObject([
      { position: 0, endedMs: 1000 },
      { position: 1, startedMs: 1000 },
    ]);
    // Sent again, or for a step that is not in hand, it changes nothing.
    expect(moved(first, 0)).toBe(first);
    const all = sheet.steps.reduce(
      (records, _, i) => moved(records, i),
      [] as readonly StepRecord[],
    );
    expect(all).toHaveLength(sheet.steps.length);
    expect(jobState(sheet, all).isDone).toBe(true);
    const skipped = movedRecords(sheet, [], { position: 0, move: 'skip', atMs: 5, reason: 'dry' });
    expect(skipped[0]).toMatchObject({ outcome: 'skipped', skipReason: 'dry' });
  });

  it('knows what is left: steps, hands and waits, the running one by its own clock', () => {
    const all = leftOfJob(sheet, [], 0);
    expect(all.steps).toBe(sheet.steps.length);
    expect(all.leftMs / MINUTE).toBeCloseTo(
      sheet.steps.reduce((sum, step) => sum + step.activeMin + (step.waitMin ?? 0), 0),
      6,
    );
    const place = sheet.steps.findIndex((step) => step.kind === 'cool');
    const before = sheet.steps.slice(0, place).map((step, i) => end(begin(step, i, 0), 1));
    const records = [...before, begin(sheet.steps[place]!, place, 0)];
    const [now, later] = [0, 10 * MINUTE].map((at) => leftOfJob(sheet, records, at).leftMs);
    expect(now! - later!).toBe(10 * MINUTE);
    expect(leftOfJob(sheet, records, 99 * MINUTE).leftMs).toBeLessThan(later!);
  });

  it('puts timers in the order in which they need hands', () => {
    const timer = (skiName: string, dueMs: number) => ({ skiName, dueMs });
    const list = [timer('c', 30), timer('b', 10), timer('a', 10)];
    expect(inOrderOfHands(list).map((one) => one.skiName)).toEqual(['a', 'b', 'c']);
  });

  it('knows what was done to the ski: coats, storage, what is mended', () => {
    expect(waxingsOf(sheet.steps)).toEqual([{ waxing: 'hot', coats: 2 }]);
    expect(waxingsOf(sheetOf(['storage']).steps)).toEqual([{ waxing: 'storage', coats: 1 }]);
    const liquid = { ...wax, form: 'liquid', applications: ['wipe'] };
    const cold = sheetOf(['liquid'], { layers: [{ place: 'glide', product: liquid, coats: 1 }] });
    expect(waxingsOf(cold.steps)).toEqual([{ waxing: 'liquid', coats: 1 }]);
    const layers = [
      { place: 'under', product: wax, coats: 1 },
      { place: 'glide', product: { ...liquid, id: 'fluid' }, coats: 2 },
    ];
    const mixed = sheetOf(['hot_wax', 'liquid', 'hot_box'], { layers });
    expect(waxingsOf(mixed.steps)).toEqual([
      { waxing: 'box', coats: 0, boxHours: 4 },
      { waxing: 'hot', coats: 1 },
      { waxing: 'liquid', coats: 2 },
    ]);
    expect(waxingsOf(sheetOf([]).steps)).toEqual([]);
    expect(mendedBy(sheet.steps)).toEqual(['dry']);
    expect(mendedBy(sheetOf(['clean_hot_scrape', 'hot_wax']).steps)).toContain('dirt');
    expect(mendedBy(cold.steps)).toEqual([]);
  });
});
