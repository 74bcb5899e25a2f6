import {
  chmodSync,
  closeSync,
  fsyncSync,
  mkdirSync,
  openSync,
  renameSync,
  rmSync,
  writeSync,
} from 'node:fs';
import path from 'node:path';

const OWNER_ALONE = 0o600;
const FOLDER_OF_OWNER = 0o700;

/** A folder that its owner alone may enter. */
export function ensureOwnFolder(folder: string): void {
  mkdirSync(folder, { recursive: true, mode: FOLDER_OF_OWNER });
}

/** Takes what others may do with a file; a file system without rights is left as it is. */
export function forOwnerAlone(file: string): void {
  try {
    chmodSync(file, OWNER_ALONE);
  } catch {
    // Nothing there to protect it with.
  }
}

/** Makes the entries of a folder last a power cut, where the system can. */
function flushFolder(folder: string): void {
  try {
    const handle = openSync(folder, 'r');
    fsyncSync(handle);
    closeSync(handle);
  } catch {
    // Some systems open no folder.
  }
}

/** Writes a file for its owner alone, whole or not at all, whatever ends this process meanwhile. */
export function writeWhole(file: string, text: string): void {
  const half = `${file}.half-${process.pid}`;
  try {
    const handle = openSync(half, 'w', OWNER_ALONE);
    try {
      writeSync(handle, text);
      fsyncSync(handle);
    } finally {
      closeSync(handle);
    }
    renameSync(half, file);
    flushFolder(path.dirname(file));
  } catch (error) {
    rmSync(half, { force: true });
    throw error;
  }
}
