// @vitest-environment happy-dom
import { fireEvent, screen, waitFor } from '@testing-library/react';
import { beforeEach, describe, expect, it } from 'vitest';
import { DRILL_TOPICS, DRILLS, orderItem, PRACTICE, snowItem } from '@/core/practice';
import type { FrostDatabase } from '@/data/database';
import { DEMO_LEARNERS } from '@/data/demo/practice';
import { addAnswer, listAnswers, listDisputes, listLearners } from '@/data/practice';
import { textOf } from '@/formats/out-file';
import { runAs } from '@/server/caller';
import { drillsScreenWords } from '@/words/screens/drills';
import { practiceScreenWords } from '@/words/screens/practice';
import { DEFAULT_UNITS } from '@/words/units';
import { demoDatabase } from '../../../tests/unit/demo-app';
import { fill, show, showWhole } from '../../../tests/unit/render';
import { DrillScreen } from './drill-screen';
import { PracticeScreen } from './practice-screen';
import { exportAnswers } from './use-cases/export-answers';
import { loadPractice } from './use-cases/load-practice';
import { nextDrill } from './use-cases/next-drill';
import { situationOf, type ItemRef } from './use-cases/situation';
import { act } from '@/writes/act';

const WORDS = { ...practiceScreenWords, ...drillsScreenWords };
const [ILO] = DEMO_LEARNERS;
const NOW = Date.parse('2027-01-13T12:00:00Z');
const KEY = 'key-of-practice';

let db: FrostDatabase;
beforeEach(async () => {
  db = await demoDatabase();
});

const home = async (who: string | undefined) =>
  show(
    <PracticeScreen
      data={await loadPractice(db, who, NOW)}
      isRoundDone={false}
      roundHref="/practice/next?round=5"
    />,
  );
const press = (name: string | RegExp) => fireEvent.click(screen.getByRole('button', { name }));

describe('the screen Practice', () => {
  it('says what is due, how well it goes with its range, and the group', async () => {
    const { text } = await home(ILO.id);
    expect(text()).toContain('What does Ilo practise today?');
    expect(text()).toMatch(/Order of work.+\d+ % \(\d+–\d+\)/);
    expect(text()).toContain('not tried yet');
    expect(text()).toMatch(/\d+ due/);
    expect(text()).toContain(WORDS.progress.calibration);
    // Both of the club, with an empty place for what was never tried.
    const rows = screen.getByRole('region', { name: WORDS.group.caption }).textContent;
    expect(rows).toContain('Ilo');
    expect(rows).toContain('Wessa');
    for (const drill of DRILLS) {
      const link = screen.getByRole('link', { name: WORDS.home.begin(WORDS.DRILL[drill]) });
      expect(link.getAttribute('href')).toBe(`/practice/next?drill=${drill}`);
    }
  });

  it('tells a bias in plain words after twenty answers, with its interval and its cost', async () => {
    const give = async (count: number, biasK: (i: number) => number) => {
      for (let i = 0; i < count; i += 1) {
        const mark = { quality: 0.5, biasK: biasK(i), costS: 6 };
        await addAnswer(db, {
          id: `bias-${i}`,
          learnerId: ILO.id,
          drill: 'pick',
          topic: 'thaw',
          seed: i + 1,
          answer: { picked: 'mild' },
          quality: 0.5,
          mark,
          seconds: 9,
          answeredAt: new Date(NOW - i * 60_000).toISOString(),
        });
      }
    };
    await give(20, (i) => 1 + (i % 3));
    const { text } = await home(ILO.id);
    expect(text()).toMatch(/you go 1\.9 °C too soft on average \(\+1\.6 °C to \+2\.3 °C\)/);
    expect(text()).toContain('Going harder would have saved 6.0 s an outing.');
  });

  it('takes a name down, and deletes it with all answers only after a question', async () => {
    const first = await home(undefined);
    expect(first.text()).toContain('What do you want to get better at?');
    press('Add me');
    await waitFor(() => expect(first.text()).toContain('Write a name first.'));
    fill('Your name', 'Maro');
    press('Add me');
    await waitFor(async () =>
      expect((await listLearners(db)).map(({ name }) => name)).toContain('Maro'),
    );
    first.unmount();
    const second = await home(ILO.id);
    press('Delete Ilo');
    expect(second.text()).toContain('This cannot be undone.');
    press('Cancel');
    expect(await listAnswers(db, ILO.id)).not.toEqual([]);
    press('Delete Ilo');
    press('Delete');
    await waitFor(async () => expect(await listAnswers(db, ILO.id)).toEqual([]));
    expect((await listLearners(db)).map(({ id }) => id)).not.toContain(ILO.id);
  });

  it('hands out the answers with their names', async () => {
    const file = await exportAnswers(db, 'csv');
    const lines = file.ok ? (await textOf(file.value)).trim().split(/\r?\n/) : [];
    expect(lines[0]).toBe('time,name,drill,topic,marks [%],bias [K],cost [s],took [s]');
    expect(lines).toHaveLength(1 + (await listAnswers(db)).length);
    expect(lines[1]).toMatch(/,(Ilo|Wessa),(order|see|test),/);
  });
});

const ITEMS: ItemRef[] = DRILLS.map((drill) => ({
  drill,
  topic: DRILL_TOPICS[drill][0]!,
  seed: 2,
}));
const drillOf = async (item: ItemRef) =>
  showWhole(
    <DrillScreen
      item={item}
      situation={(await situationOf(db, item, DEFAULT_UNITS))!}
      learnerId={ILO.id}
      nextHref="/practice/next"
    />,
  );

describe('a drill', () => {
  it('never shows its truth before it is answered', async () => {
    for (const item of ITEMS) {
      const situation = JSON.stringify(await situationOf(db, item, DEFAULT_UNITS));
      expect(situation).not.toMatch(/"(truth|right|bestId|probabilityA|faster)":/);
    }
    const snow = await situationOf(db, { drill: 'snow', topic: 'thaw', seed: 3 }, DEFAULT_UNITS);
    const { temperatureC } = snowItem('thaw', 3).truth;
    if (temperatureC !== 0) expect(JSON.stringify(snow)).not.toContain(String(temperatureC));
  });

  it('is answered once, kept under the name, and told with what was right', async () => {
    const before = (await listAnswers(db, ILO.id)).length;
    const { user, text } = await drillOf({ drill: 'see', topic: 'burn', seed: 2 });
    press('Answer');
    expect(text()).toContain('Choose something in every row.');
    await user.click(screen.getByRole('radio', { name: 'Burn' }));
    await user.click(screen.getByRole('radio', { name: 'Clean' }));
    await user.click(screen.getByRole('radio', { name: 'Yes' }));
    press('Answer');
    await waitFor(() => expect(text()).toContain('75 % of the possible points'));
    expect(text()).toContain('Missed: Wax');
    expect(text()).toContain('Saved.');
    expect(await listAnswers(db, ILO.id)).toHaveLength(before + 1);
    expect(screen.queryByRole('button', { name: 'Answer' })).toBeNull();
  });

  it('moves steps by buttons and says what would hurt', async () => {
    const { text } = await drillOf({ drill: 'order', topic: 'liquid', seed: 2 });
    const { steps } = orderItem('liquid', 2, WORDS.order.names);
    const first = () => screen.getAllByRole('listitem')[0]!.textContent;
    const before = first();
    fireEvent.click(screen.getAllByRole('button', { name: /: down$/ })[0]!);
    await waitFor(() => expect(first()).not.toBe(before));
    expect(screen.getAllByRole('listitem')).toHaveLength(steps.length);
    press('Answer');
    await waitFor(() => expect(text()).toMatch(/\d things hurt|One thing hurts/));
  });

  it('puts what somebody would not sign on the list, until the team has settled it', async () => {
    const item = { drill: 'test', topic: 'close', seed: 4 } as const;
    const { text, user } = await drillOf(item);
    await user.click(screen.getByRole('radio', { name: 'Cannot tell' }));
    press('Answer');
    await waitFor(() => expect(text()).toContain('A is faster with'));
    press(WORDS.drillFrame.dispute);
    fill(WORDS.drillFrame.disputeWhy, 'Six runs are too few for this.');
    press(WORDS.drillFrame.disputeSend);
    await waitFor(() => expect(text()).toContain('The team will see it.'));
    const [dispute] = await listDisputes(db);
    expect(dispute).toMatchObject({ ...item, learnerName: 'Ilo' });
    expect(dispute!.words).toBe('Six runs are too few for this.');
    expect(await act('practice.settle', KEY, { id: dispute!.id })).toMatchObject({ ok: true });
    expect(await act('practice.settle', `${KEY}-2`, { id: dispute!.id })).toMatchObject({
      ok: false,
    });
    expect((await listDisputes(db))[0]!.settledAt).toBeDefined();
  });
});

describe('the server', () => {
  const SEE = { drill: 'see', topic: 'dry', seed: 1, seconds: 5 } as const;
  const RIGHT = { kind: 'dry', first: 'wax', waxable: 'yes' };
  const said = async (input: object) => {
    const done = await act('practice.answer', `k${crypto.randomUUID()}`, input);
    return done.ok ? done.value : done.error;
  };

  it('marks an answer itself, and keeps nothing without a name', async () => {
    const before = (await listAnswers(db)).length;
    expect(await said({ ...SEE, answer: RIGHT })).toMatchObject({
      isKept: false,
      mark: { quality: 1 },
    });
    expect(await listAnswers(db)).toHaveLength(before);
  });

  it.each([
    ['an unknown topic', { ...SEE, topic: 'moon', answer: RIGHT }, 'not_found'],
    ['no seed', { ...SEE, seed: undefined, answer: RIGHT }, 'invalid_input'],
    ['half a seed', { ...SEE, seed: 1.5, answer: RIGHT }, 'not_found'],
    ['a kind that is none', { ...SEE, answer: { ...RIGHT, kind: 'x' } }, 'invalid_input'],
    ['no answer', SEE, 'invalid_input'],
    ['nobody', { ...SEE, answer: RIGHT, learnerId: 'nobody-here' }, 'not_found'],
    [
      'steps of another job',
      { drill: 'order', topic: 'liquid', seed: 1, seconds: 1, answer: { keys: ['a'] } },
      'invalid_input',
    ],
    [
      'an iron that goes back in time',
      {
        drill: 'iron',
        topic: 'soft',
        seed: 1,
        seconds: 1,
        answer: {
          strokes: [
            [9, 0, 1],
            [5, 0, 1],
          ],
        },
      },
      'invalid_input',
    ],
    [
      'a wax off the shelf',
      { drill: 'pick', topic: 'thaw', seed: 1, seconds: 1, answer: { picked: 'gold' } },
      'invalid_input',
    ],
    [
      'a reading that is gone',
      {
        drill: 'pick',
        topic: 'thaw',
        seed: 1,
        pastId: 'gone',
        seconds: 1,
        answer: { picked: 'wet' },
      },
      'not_found',
    ],
  ])('refuses %s', async (_name, input, code) => {
    expect(await said(input)).toMatchObject({ code });
  });

  it('lets a device that only looks practise without keeping anything', async () => {
    const guest = { door: 'beyond', id: 'g', name: 'Guest', role: 'looks' } as const;
    await runAs(guest, async () => {
      expect(await said({ ...SEE, answer: RIGHT })).toMatchObject({ isKept: false });
      expect(await said({ ...SEE, answer: RIGHT, learnerId: ILO.id })).toMatchObject({
        code: 'looks_only',
      });
      expect(await act('practice.dispute', KEY, { ...SEE, seconds: undefined })).toMatchObject({
        ok: false,
      });
    });
  });

  it('leads to what is due, gives two people other situations, and takes readings of the past', async () => {
    const next = (who: string | undefined, wish: object = {}) =>
      nextDrill(db, who, { nowMs: NOW, count: 0, ...wish });
    const [one, other] = [
      await next(ILO.id, { drill: 'snow' }),
      await next(DEMO_LEARNERS[1].id, { drill: 'snow' }),
    ];
    expect(one).not.toEqual(other);
    expect((await next(ILO.id, { not: 'see' })).drill).not.toBe('see');
    const past: (string | undefined)[] = [];
    for (let i = 0; i < 4; i += 1) {
      const item = await next(ILO.id, { drill: 'pick' });
      past.push(item.pastId);
      expect(await situationOf(db, item, DEFAULT_UNITS)).toBeDefined();
      const answer = { picked: 'cool' };
      expect(await said({ ...item, seconds: 1, learnerId: ILO.id, answer })).toMatchObject({
        isKept: true,
      });
    }
    // Every third.
    expect(past.map((id) => id !== undefined)).toEqual([false, false, true, false]);
    expect(PRACTICE.biasFrom).toBe(20);
  });
});
