// What share of the code is tests, by lines.
import { readFileSync, readdirSync } from 'node:fs';
import path from 'node:path';
import { ROOT } from './install.mjs';

const ROOMS = ['app', 'bench', 'host', 'scripts', 'src', 'tests'];
const IS_CODE = /\.(ts|tsx|mjs|cjs)$/;
/** The other languages say what English says: they are text, whose tests are those of the English. */
const IS_TRANSLATION = /^src\/words\/(nb|de)\//;
const IS_TEST = /(\.test\.tsx?$)|(^tests\/)/;

/** Every file of code, from the root. */
function files() {
  const inRooms = ROOMS.flatMap((room) =>
    readdirSync(path.join(ROOT, room), { recursive: true, encoding: 'utf8' }).map((file) =>
      path.join(room, file),
    ),
  );
  return [...readdirSync(ROOT), ...inRooms].filter(
    (file) => IS_CODE.test(file) && !IS_TRANSLATION.test(file),
  );
}

/** Lines of tests over lines of all code, 0…1. */
export function testShare() {
  let [tests, all] = [0, 0];
  for (const file of files()) {
    const lines = readFileSync(path.join(ROOT, file), 'utf8').split('\n').length - 1;
    all += lines;
    if (IS_TEST.test(file)) tests += lines;
  }
  return tests / all;
}
