import type { ReactNode } from 'react';
import { isStorageFault } from '@/core/faults';
import { mistakesWords } from '@/words/areas/mistakes';
import { StorageNotice } from '@/ui/frame/storage-notice';

/**
 * A page that says in a sentence what is wrong when the database cannot be read for it, instead of failing; the
 * rest of the app stays usable.
 */
export const readable =
  <P,>(page: (props: P) => Promise<ReactNode | void>) =>
  async (props: P): Promise<ReactNode> => {
    try {
      return (await page(props)) ?? null;
    } catch (error) {
      if (!isStorageFault(error)) throw error;
      console.error(error.message);
      return <StorageNotice message={mistakesWords.FAULT[error.code]} />;
    }
  };

/**
 * So many short turns of the event loop it takes until the frame is rendered, and handed to the network. Next says
 * nowhere when that is (tests/unit/held-for.test.ts).
 */
const TURNS = 8;
const TURN_MS = 2;

async function afterTheFrame(): Promise<void> {
  for (let turn = 0; turn < TURNS; turn += 1) {
    await new Promise((resolve) => setTimeout(resolve, TURN_MS));
  }
}

/** A page under a frame that is there before it: the frame is sent, then the page computed. */
export const readablePage = <P,>(page: (props: P) => Promise<ReactNode | void>) =>
  readable(async (props: P) => {
    await afterTheFrame();
    return page(props);
  });
