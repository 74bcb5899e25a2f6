import { describe, expect, it } from 'vitest';
import { temporaryDatabase } from '../../tests/unit/temporary-database';
import { inTransaction } from './database';
import { stateOf } from './state';
import { saveTeamSettings } from './team-settings';

describe('the state of the database', () => {
  it('is another one after every write, and the same without', async () => {
    const db = await temporaryDatabase();
    const states = [await stateOf(db)];
    expect(await stateOf(db)).toBe(states[0]);
    await saveTeamSettings(db, { ventilated: false });
    states.push(await stateOf(db));
    await inTransaction(db, (transaction) => saveTeamSettings(transaction, { ventilated: true }));
    states.push(await stateOf(db));
    expect(new Set(states).size).toBe(3);
    expect(await stateOf(db)).toBe(states[2]);
  });

  it('is told while a transaction is open, as what is committed', async () => {
    const db = await temporaryDatabase();
    const before = await stateOf(db);
    await inTransaction(db, async (transaction) => {
      await saveTeamSettings(transaction, { ventilated: false });
      expect(await stateOf(db)).toBe(before);
    });
    expect(await stateOf(db)).not.toBe(before);
  });
});
