import { newWriteKey } from './write-key';

const keys = new Map<string, string>();
const nameOf = (url: string, file: File) =>
  [url, file.name, file.size, file.lastModified].join('\n');

/** The key with which a file goes to an address: the same until an answer came, so that it is stored once. */
export function fileKey(url: string, file: File): string {
  const name = nameOf(url, file);
  const key = keys.get(name) ?? newWriteKey();
  keys.set(name, key);
  return key;
}

/** An answer came: sent again, the file is meant anew. */
export const forgetFileKey = (url: string, file: File): void => {
  keys.delete(nameOf(url, file));
};
