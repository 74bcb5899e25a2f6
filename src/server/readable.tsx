import type { ReactNode } from 'react';
import { isStorageFault } from '../core/faults';
import { words } from '../words';
import { StorageNotice } from '../ui/frame/storage-notice';

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
      return <StorageNotice message={words.mistakes.FAULT[error.code]} />;
    }
  };
