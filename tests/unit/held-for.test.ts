import { readFileSync } from 'node:fs';
import { expect, it } from 'vitest';

/**
 * What rests on the inside of a library, or on the text of its errors, holds for one version. After an upgrade read
 * these files, see that their own tests still hold, and set the version here.
 */
const HELD_FOR: readonly (readonly [library: string, version: string, files: readonly string[]])[] =
  [
    ['yup', '1.7.1', ['src/formats/schemas/list.ts', 'src/formats/schemas/validation.ts']],
    ['@chakra-ui/react', '3.37.0', ['src/ui/theme/by-name.ts']],
    ['kysely', '0.28.18', ['src/data/storage/migrate.ts']],
    ['piscina', '5.3.2', ['src/server/compute/pool.ts']],
    ['next', '16.4.6', ['src/ui/live/patient-fetch.ts', 'app/readable.tsx']],
  ];

it.each(HELD_FOR)('%s is of version %s still, and its users say so', (library, version, files) => {
  const { version: installed } = JSON.parse(
    readFileSync(`node_modules/${library}/package.json`, 'utf8'),
  ) as { version: string };
  expect(installed).toBe(version);
  for (const file of files) {
    expect([file, readFileSync(file, 'utf8').includes('tests/unit/held-for.test.ts')]).toEqual([
      file,
      true,
    ]);
  }
});
