// @vitest-environment happy-dom
import { fireEvent, screen, waitFor } from '@testing-library/react';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import type { FrostDatabase } from '@/data/database';
import { noteDecided } from '@/data/hub-decided';
import { holdBack, heldBack } from '@/data/shared-book/held';
import { hubLink, linkHub, noteHub } from '@/data/hub-link';
import { runAs } from '@/server/caller';
import { demoDatabase } from '../../../tests/unit/demo-app';
import { fill, show } from '../../../tests/unit/render';
import { HubPart } from './hub-part';
import { shownHub } from './use-cases/link-hub';
import { act } from '@/writes/act';

const TOKEN = 'a-token-of-a-cabin-43-letters';
let db: FrostDatabase;
/** What the hub answers, by what it is asked; undefined: it cannot be reached. */
let answers: ((route: string) => Response) | undefined;
beforeEach(async () => {
  db = await demoDatabase();
  answers = undefined;
  vi.stubGlobal('fetch', (url: URL) =>
    answers
      ? Promise.resolve(answers(url.pathname.split('/').at(-1)!))
      : Promise.reject(new Error('away')),
  );
});
afterEach(() => vi.unstubAllGlobals());

const shown = async () => show(<HubPart hub={await shownHub(db)} timeZone="Europe/Oslo" />);
const press = (name: string) => fireEvent.click(screen.getByRole('button', { name }));
const join = (url: string, token = TOKEN) => {
  fill('Address of the hub', url);
  fill('Token of this cabin', token);
  press('Join the hub');
};

describe('the hub of several cabins', () => {
  it('is joined with an address and a token that are checked, and says what is wrong', async () => {
    const first = await shown();
    join('somewhere', 'x');
    await waitFor(() => expect(first.text()).toContain('The address begins with https://'));
    expect(first.text()).toContain('This is no token of a hub.');
    join('https://hub.example:3240');
    await waitFor(() => expect(first.text()).toContain('The hub cannot be reached.'));
    first.unmount();
    const second = await shown();
    expect(screen.getByTestId('hub-state').textContent).toBe('Joined: https://hub.example:3240');
    expect(second.text()).toContain('Your changes are sent when it can.');
    answers = () => Response.json({ code: 'not_let_in' }, { status: 401 });
    press('Sync now');
    await waitFor(() => expect(second.text()).toContain('does not know this token'));
  });

  it('lists what two cabins changed at once, with both values, until somebody has seen it', async () => {
    await linkHub(db, { url: 'https://hub.example:3240', token: TOKEN });
    const columns = [
      { column: 'name', mine: 'Tour of Alm', theirs: 'Tour of Bach' },
      { column: 'version', mine: 2, theirs: 2 },
    ];
    const difference = { name: 'outing', label: 'Tour of Alm', columns, isFixed: false } as const;
    const at = '2027-01-13T12:00:00.000Z';
    await noteDecided(db, { cabin: 'Bach', at }, [
      { ...difference, id: 'outing/a', isTaken: true },
      { ...difference, id: 'outing/b', label: 'Sprint', isTaken: false },
    ]);
    const { text, unmount } = await shown();
    expect(text()).toContain(
      'Name: “Tour of Bach” of the other cabin is kept, “Tour of Alm” of this one was replaced',
    );
    expect(text()).toContain(
      'Name: “Tour of Alm” of this cabin is kept, “Tour of Bach” was replaced',
    );
    expect(text()).not.toContain('version');
    expect(text()).toContain('With Bach, Wed 13 Jan 13:00');
    press('Seen: Sprint');
    await waitFor(() => expect(text()).toContain('Marked as seen.'));
    unmount();
    const again = await shown();
    expect(again.text()).not.toContain('Sprint');
    expect(screen.getAllByRole('button', { name: /^Seen/ })).toHaveLength(1);
  });

  it('hands in and takes over, and is left without a loss', async () => {
    const asked: string[] = [];
    const cursor = { seq: '1', stamp: 'a' };
    const ANSWERS: Record<string, unknown> = {
      hello: { known: [false, false], now: '2027-01-13T12:00:00.000Z', isTwin: false },
      pull: { parts: [], cursor, isMore: false },
      push: { cursor },
    };
    answers = (route) => {
      asked.push(route);
      return Response.json(ANSWERS[route]);
    };
    const { text, unmount } = await shown();
    join('https://hub.example:3240');
    await waitFor(() => expect(text()).toContain('In sync. Nothing new.'));
    expect(asked.slice(0, 2)).toEqual(['hello', 'pull']);
    expect(asked.filter((route) => route === 'push').length).toBeGreaterThan(0);
    expect((await hubLink(db))?.pushed).toBe('{"seq":"1","stamp":"a"}');
    unmount();
    const again = await shown();
    expect(screen.getByTestId('hub-state').textContent).toContain(
      'In sync with https://hub.example',
    );
    press('Leave the hub');
    await waitFor(() => expect(again.text()).toContain('What came from it stays here.'));
    expect(await hubLink(db)).toBeUndefined();
  });

  it('says what was not taken in and why, and asks before much is removed', async () => {
    await linkHub(db, { url: 'https://hub.example:3240', token: TOKEN });
    await noteHub(db, { twinAt: '2027-01-13T12:00:00.000Z' });
    const { id: ref, name: label } = await db
      .selectFrom('product')
      .select(['id', 'name'])
      .limit(1)
      .executeTakeFirstOrThrow();
    const item = { by: 'Bach', document: 'product', label };
    const at = '2027-01-13T12:00:00.000Z';
    const held = [
      { ...item, name: 'product', ref, reason: 'removal' },
      { ...item, name: 'product', ref: 'other', reason: 'unreadable' },
    ] as const;
    await holdBack(db, { done: [], held, at });
    const { text } = await shown();
    expect(text()).toContain('Another computer uses the token of this cabin');
    expect(text()).toContain('Bach deleted one more record. Delete it here too?');
    expect(text()).toContain('This version cannot read it.');
    press('Keep them');
    await waitFor(() => expect(text()).toContain('The other cabins get them back.'));
    expect((await heldBack(db)).map(({ reason }) => reason)).toEqual(['unreadable']);
    const touched = await db
      .selectFrom('shared_touched')
      .select('ref')
      .where('ref', '=', ref)
      .execute();
    expect(touched).toHaveLength(1);
    await holdBack(db, { done: [], held, at });
    const again = await act('hub.removals', 'agree-to-them', {
      cabin: 'Bach',
      isAgreed: true,
    });
    expect(again).toMatchObject({ ok: true });
  });

  it('is joined at the host computer alone', async () => {
    const done = await runAs({ door: 'beyond', id: 't', name: 'Tablet', role: 'works' }, () =>
      act('hub.join', 'join-by-a-tablet', { url: 'https://hub.example', token: TOKEN }),
    );
    expect(done).toMatchObject({ ok: false, error: { code: 'at_host_only' } });
  });
});
