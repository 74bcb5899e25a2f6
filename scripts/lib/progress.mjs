// Tells of each file of tests as it ends, with the time that is left, and of what failed at the end.
import path from 'node:path';
import { ROOT } from './install.mjs';

const SECOND_MS = 1000;
const MINUTE_S = 60;

/** @param {number} seconds */
const span = (seconds) =>
  seconds < MINUTE_S ? `${Math.ceil(seconds)} s` : `${Math.ceil(seconds / MINUTE_S)} min`;

export default class Progress {
  files = 0;
  done = 0;
  from = Date.now();

  /** @param {readonly unknown[]} files */
  onTestRunStart(files) {
    this.files = files.length;
    this.from = Date.now();
  }

  /** @param {import('vitest/node').TestModule} file */
  onTestModuleEnd(file) {
    this.done += 1;
    const tests = [...file.children.allTests()];
    const count = (/** @type {string} */ state) =>
      tests.filter((test) => test.result().state === state).length;
    const failed = count('failed') + file.errors().length;
    const took = (file.diagnostic().duration / SECOND_MS).toFixed(1);
    const spentS = (Date.now() - this.from) / SECOND_MS;
    const leftS = (spentS / this.done) * (this.files - this.done);
    const name = path.relative(ROOT, file.moduleId);
    const said = failed === 0 ? `${count('passed')} passed` : `${failed} FAILED of ${tests.length}`;
    console.log(`${name}: ${said}, ${took} s (${this.done} of ${this.files}, ${span(leftS)} left)`);
  }

  /**
   * @param {readonly import('vitest/node').TestModule[]} files
   * @param {readonly import('vitest/node').SerializedError[]} errors
   */
  onTestRunEnd(files, errors) {
    for (const file of files) {
      for (const error of file.errors()) console.log(`\n${file.moduleId}\n${error.stack}`);
      for (const test of file.children.allTests('failed')) {
        console.log(`\n${path.relative(ROOT, file.moduleId)} > ${test.fullName}`);
        for (const { message, diff, stack } of test.result().errors ?? []) {
          console.log([message, diff, stack].filter(Boolean).join('\n'));
        }
      }
    }
    for (const error of errors) console.log(`\n${error.stack ?? error.message}`);
  }
}
