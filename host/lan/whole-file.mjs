// Writes a file whole or not at all, whatever ends this process meanwhile.
import {
  closeSync,
  existsSync,
  fsyncSync,
  openSync,
  readFileSync,
  renameSync,
  rmSync,
  writeSync,
} from 'node:fs';

/** @param {string} file @param {string} text @param {number} mode */
export function writeWhole(file, text, mode) {
  const half = `${file}.half-${process.pid}`;
  try {
    const handle = openSync(half, 'w', mode);
    try {
      writeSync(handle, text);
      fsyncSync(handle);
    } finally {
      closeSync(handle);
    }
    renameSync(half, file);
  } catch (error) {
    rmSync(half, { force: true });
    throw error;
  }
}

/** What stands in a file; empty where there is none. @param {string} file */
export const textIn = (file) => (existsSync(file) ? readFileSync(file, 'utf8') : '');
