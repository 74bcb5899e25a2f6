import { beforeAll, describe, expect, it, vi } from 'vitest';
import { nowCalled, OFFLINE_WRITES, ONCE_CALLED, writeFacts, type WriteName } from '@/core/model';
import { runAs, STRANGER, type Caller } from '@/server/caller';
import { freshData } from '../../tests/unit/temporary-database';
import { act } from './act';
import { DO, type Act } from './table';

vi.mock('next/cache', () => ({ revalidatePath: () => undefined }));
vi.mock('next/headers', () => ({ cookies: () => Promise.resolve({ get: () => undefined }) }));

const ACTS = Object.keys(DO) as Act[];
const TABLET: Caller = { door: 'beyond', id: 'tablet', name: 'Bench tablet', role: 'works' };
const GUEST: Caller = { door: 'beyond', id: 'guest', name: 'Guest', role: 'looks' };
const key = () => crypto.randomUUID();
/** What no screen sends. */
const ODD = [
  undefined,
  null,
  3,
  'x',
  [],
  {},
  { id: 5 },
  { id: 'gone', input: 7, ids: {}, base: 1 },
];
const send = (name: string, input: unknown) => act(name as Act, key(), input as never);

describe('the table of writes', () => {
  beforeAll(async () => {
    process.env.FROST_PICK_DATA = await freshData(true);
  });

  it.each(ACTS)('%s says what is wrong with any input, and never fails at it', async (name) => {
    for (const input of ODD) {
      const answer = await send(name, input);
      if (answer.ok) continue;
      expect(answer.error.code).not.toBe('failed');
      expect(answer.error.message).not.toBe('');
    }
  });

  it('knows no other names', async () => {
    for (const name of ['', 'x', 'toString', '__proto__', 'book.import']) {
      expect(await send(name, {})).toMatchObject({ ok: false, error: { code: 'not_found' } });
    }
  });

  it('is open to who may write alone, and in part to the host computer alone', async () => {
    for (const name of ACTS) {
      const refusal = (caller: Caller) => runAs(caller, () => send(name, { id: 'gone' }));
      expect(await refusal(STRANGER)).toMatchObject({ error: { code: 'not_paired' } });
      const ofGuest = await refusal(GUEST);
      const expected = writeFacts(name).isForLookers ? 'invalid_input' : 'looks_only';
      expect(ofGuest).toMatchObject({ error: { code: expected } });
      const ofTablet = await refusal(TABLET);
      const code = ofTablet.ok ? 'done' : ofTablet.error.code;
      expect([name, code === 'at_host_only']).toEqual([name, writeFacts(name).isForHost === true]);
    }
  });

  it('names what a device keeps as versions before did too', () => {
    expect(Object.values(ONCE_CALLED).sort()).toEqual([...OFFLINE_WRITES].sort());
    for (const name of OFFLINE_WRITES) expect(nowCalled(name)).toBe(name);
    const offline: readonly WriteName[] = OFFLINE_WRITES;
    expect(offline.every((name) => Object.hasOwn(DO, name))).toBe(true);
  });
});
