import fc from 'fast-check';
import * as Y from 'yjs';
import { describe, expect, it } from 'vitest';
import {
  counted,
  fieldsOf,
  fixedColumns,
  isStanding,
  keepPart,
  meet,
  newSessions,
  openDocument,
  putRecord,
  rawOf,
  refsIn,
  removeRecord,
  setField,
} from '.';

const AT = '2027-01-13T12:00:00.000Z';
const own = (session: number) => session < 10;
/** Two documents with one record that both know. */
function two() {
  const mine = openDocument(undefined, 1);
  putRecord(mine, 'a', { name: 'Cold', price: 18, note: null });
  return [mine, openDocument(Y.encodeStateAsUpdate(mine), 20)] as const;
}
const send = (from: Y.Doc, to: Y.Doc, by = 'Bach') =>
  meet(to, [{ by, update: Y.encodeStateAsUpdate(from) }], own);
const fields = (document: Y.Doc, ref = 'a') => Object.fromEntries(fieldsOf(document, ref));

describe('a record in a document', () => {
  it('says what was put, without what is empty, and only what differs is written', () => {
    const [mine] = two();
    expect(fields(mine)).toEqual({ name: 'Cold', price: 18 });
    const before = Y.encodeStateVector(mine);
    putRecord(mine, 'a', { name: 'Cold', price: 18, note: null });
    expect(Y.encodeStateVector(mine)).toEqual(before);
    putRecord(mine, 'a', { name: 'Cold', price: null, note: null });
    expect(rawOf(fieldsOf(mine, 'a'), ['name', 'price'])).toEqual({ name: 'Cold', price: null });
    expect(refsIn(mine)).toEqual(['a']);
  });

  it('is removed as it was; edited beside the removal it stands, whatever is set afterwards', () => {
    const [mine, theirs] = two();
    removeRecord(mine, 'a', AT);
    expect(isStanding(fieldsOf(mine, 'a'))).toBe(false);
    putRecord(theirs, 'a', { price: 21 });
    const [record] = send(theirs, mine);
    expect(record).toMatchObject({ isContested: true });
    expect(isStanding(fieldsOf(mine, 'a'))).toBe(true);
    send(mine, theirs);
    expect(fields(theirs)).toEqual(fields(mine));
    putRecord(theirs, 'a', { price: 18 });
    send(theirs, mine);
    expect(isStanding(fieldsOf(mine, 'a'))).toBe(true);
  });

  it('that nobody ever knew is not removed, and no table holds what is no value', () => {
    const [mine] = two();
    removeRecord(mine, 'unknown', AT);
    expect(refsIn(mine)).toEqual(['a']);
    setField(mine, { ref: 'a', name: 'price' }, { is: 'an object' });
    expect(rawOf(fieldsOf(mine, 'a'), ['price'])).toBeUndefined();
  });
});

describe('what others changed', () => {
  it('is told field by field, with what stood here; set knowing of ours it is no dispute', () => {
    const [mine, theirs] = two();
    putRecord(theirs, 'a', { price: 21 });
    putRecord(theirs, 'a', { price: 22 });
    const [record] = send(theirs, mine);
    expect(record).toMatchObject({ ref: 'a', by: 'Bach', isContested: false });
    expect([...record!.fields]).toEqual([
      ['price', expect.objectContaining({ before: 18, isBoth: false })],
    ]);
    expect(fields(mine).price).toBe(22);
  });

  it('beside ours is told with both values, also where ours stands', () => {
    for (const session of [5, 30]) {
      const [mine, theirs] = two();
      theirs.clientID = session + 20;
      mine.clientID = 9;
      putRecord(mine, 'a', { price: 1 });
      putRecord(theirs, 'a', { price: 2 });
      const [record] = send(theirs, mine);
      const price = record!.fields.get('price')!;
      expect(price).toMatchObject({ before: 1, isBoth: true });
      expect(price.set.map(({ value }) => value)).toEqual([2]);
      send(mine, theirs);
      expect(fields(theirs)).toEqual(fields(mine));
    }
  });

  it('makes all alike, in whatever order it comes', () => {
    const edit = fc.record({
      who: fc.nat(2),
      name: fc.constantFrom('name', 'price', 'note'),
      value: fc.option(fc.integer()),
      isRemoved: fc.boolean(),
    });
    fc.assert(
      fc.property(
        fc.array(edit, { maxLength: 12 }),
        fc.shuffledSubarray([0, 1, 2]),
        (edits, order) => {
          const [first] = two();
          const all = [
            first,
            ...[21, 22].map((one) => openDocument(Y.encodeStateAsUpdate(first), one)),
          ];
          for (const { who, name, value, isRemoved } of edits) {
            if (isRemoved) removeRecord(all[who]!, 'a', AT);
            else putRecord(all[who]!, 'a', { [name]: value });
          }
          const updates = all.map((one) => Y.encodeStateAsUpdate(one));
          for (const one of all) {
            meet(
              one,
              [...order, 0, 1, 2].map((i) => ({ by: String(i), update: updates[i]! })),
              own,
            );
          }
          for (const one of all) {
            expect(fields(one)).toEqual(fields(all[0]!));
            expect(isStanding(fieldsOf(one, 'a'))).toBe(isStanding(fieldsOf(all[0]!, 'a')));
          }
        },
      ),
    );
  });

  it('throws for what is no update', () => {
    const [mine] = two();
    expect(() => meet(mine, [{ by: 'x', update: new Uint8Array([255, 255, 255]) }], own)).toThrow();
  });
});

describe('a hub', () => {
  const part = (document: Y.Doc, cabin: string, owners: ReadonlyMap<string, string>) => ({
    name: 'reading/2027',
    cabin,
    update: Y.encodeStateAsUpdate(document),
    owners,
  });

  it('sets back what another one changed in a record that is written once, and the owner corrects it', () => {
    const [alm, evil] = two();
    putRecord(alm, 'r', { id: 'r', snow_temperature_c: -4, withdrawn: 0 });
    const hub = openDocument(undefined, 99);
    const { owners } = keepPart(hub, part(alm, 'Alm', new Map()));
    expect(owners.get('r')).toBe('Alm');
    Y.applyUpdate(evil, Y.encodeStateAsUpdate(hub));
    putRecord(evil, 'r', { snow_temperature_c: -30, withdrawn: 1 });
    const kept = keepPart(hub, part(evil, 'Evil', owners));
    expect(kept.setBack).toBeDefined();
    expect(fields(hub, 'r')).toMatchObject({ snow_temperature_c: -4, withdrawn: 1 });
    putRecord(alm, 'r', { snow_temperature_c: -5 });
    expect(keepPart(hub, part(alm, 'Alm', owners)).setBack).toBeUndefined();
  });

  it('knows by whom something new was written, and which columns are written once', () => {
    const [alm, bach] = two();
    putRecord(bach, 'a', { price: 3 });
    expect(newSessions(alm, Y.encodeStateAsUpdate(bach))).toEqual([20]);
    expect(newSessions(bach, Y.encodeStateAsUpdate(alm))).toEqual([]);
    expect(fixedColumns('reading')).not.toContain('withdrawn');
    expect(fixedColumns('note')).not.toContain('removed_at');
    expect(fixedColumns('ski')).toEqual([]);
    expect(fixedColumns('glove')).toEqual([]);
  });
});

describe('how often a record was changed', () => {
  it('never goes down, and is counted on from what is known where it is out of reach', () => {
    expect(counted({ version: 3 }, { version: 5 })).toEqual({
      record: { version: 5 },
      isOther: false,
    });
    expect(counted({ version: 3 }, { version: 2 })).toEqual({
      record: { version: 3 },
      isOther: true,
    });
    expect(counted({ version: 3 }, { version: 1e9 })).toEqual({
      record: { version: 4 },
      isOther: true,
    });
    expect(counted(undefined, { version: NaN })).toEqual({ record: { version: 2 }, isOther: true });
    expect(counted(undefined, { name: 'no counter' }).isOther).toBe(false);
  });
});
