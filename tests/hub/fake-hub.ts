import * as Y from 'yjs';
import { BY_HUB, keepPart, newSessions, OF_ALL, openDocument } from '@/core/shared-book';
import { packed, unpacked } from '@/data/shared-book/documents';
import { type Cursor, type HubPart } from '@/formats/hub/messages';
import { HubRefusal, type HubClient } from '@/server/hub/hub-client';

interface Kept {
  state: Uint8Array;
  owners: ReadonlyMap<string, string>;
}

interface Noted extends HubPart {
  cabin: string;
  session: number;
}

/** A hub in memory: what it does with parts is what the hub's program does. */
export interface FakeHub {
  documents: Map<string, Kept>;
  parts: Noted[];
  pictures: Map<string, Buffer>;
  /** The cabin of each session. */
  sessions: Map<number, string>;
}

export const emptyHub = (): FakeHub => ({
  documents: new Map(),
  parts: [],
  pictures: new Map(),
  sessions: new Map(),
});

/** The same hub once more, as it is now. */
export const copyOf = (hub: FakeHub): FakeHub => ({
  documents: new Map(hub.documents),
  parts: [...hub.parts],
  pictures: new Map(hub.pictures),
  sessions: new Map(hub.sessions),
});

const cursorAt = (seq: number): Cursor => ({ seq: String(seq), stamp: 'fake' });

/** How a cabin speaks to it. */
export function fakeClient(hub: FakeHub, cabin: string): HubClient {
  const keep = (session: number, { document: name, update }: HubPart) => {
    const { state, owners = new Map<string, string>() } = hub.documents.get(name) ?? {};
    const document = openDocument(state);
    const bytes = unpacked(Buffer.from(update, 'base64'));
    for (const one of newSessions(document, bytes)) {
      if ((hub.sessions.get(one) ?? cabin) !== cabin) throw new HubRefusal('not_yours');
    }
    const kept = keepPart(document, { name, cabin, update: bytes, owners });
    hub.documents.set(name, {
      state: Y.encodeStateAsUpdate(document),
      owners: kept.owners,
    });
    hub.parts.push({ document: name, update, cabin, session });
    if (kept.setBack) {
      const setBack = packed(kept.setBack).toString('base64');
      hub.parts.push({ document: name, update: setBack, cabin: BY_HUB, session: 0 });
    }
  };
  return {
    hello: ({ session, cursors }) => {
      hub.sessions.set(session, cabin);
      const known = cursors.map((one) => one !== null && Number(one.seq) <= hub.parts.length);
      return Promise.resolve({ known, now: new Date().toISOString(), isTwin: false });
    },
    pull: (session, after) => {
      const cursor = cursorAt(hub.parts.length);
      if (after === null) {
        const parts = [...hub.documents].map(([document, { state }]) => ({
          document,
          cabin: OF_ALL,
          update: packed(state).toString('base64'),
        }));
        return Promise.resolve({ parts, cursor, isMore: false });
      }
      const parts = hub.parts.slice(Number(after.seq)).filter((one) => one.session !== session);
      return Promise.resolve({ parts, cursor, isMore: false });
    },
    push: (session, parts) => {
      for (const part of parts) keep(session, part);
      return Promise.resolve(cursorAt(hub.parts.length));
    },
    vectors: () =>
      Promise.resolve(
        Object.fromEntries(
          [...hub.documents].map(([name, { state }]) => [
            name,
            Buffer.from(Y.encodeStateVectorFromUpdate(state)).toString('base64'),
          ]),
        ),
      ),
    putPicture: (kind, ref, jpeg) => {
      hub.pictures.set(`${kind} ${ref}`, jpeg);
      return Promise.resolve();
    },
    picture: (kind, ref) => Promise.resolve(hub.pictures.get(`${kind} ${ref}`)),
  };
}
