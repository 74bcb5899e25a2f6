import type { Outing } from '@/core/model';
import type { ProductRole } from '@/core/terms';
import type { FrostDatabase } from '@/data/database';
import { listGlideRuns, listGlideTests } from '@/data/glide-tests';
import { listGripTests } from '@/data/grip-tests';
import { listProducts } from '@/data/products';

const GRIP_ROLES: readonly ProductRole[] = ['grip_stick', 'klister'];

/** The tests of an outing with the one that was asked for open, else the latest; of grip where the outing needs grip. */
export async function loadTests(db: FrostDatabase, outing: Outing, asked: string | undefined) {
  const [tests, shelf] = await Promise.all([listGlideTests(db, outing.id), listProducts(db)]);
  const test = tests.find(({ id }) => id === asked) ?? tests[0];
  const named = (roles: readonly ProductRole[]) =>
    shelf.filter(({ role }) => roles.includes(role)).map(({ name }) => name);
  const isClassic = outing.discipline === 'classic';
  return {
    outing,
    tests,
    open: test && { test, runs: await listGlideRuns(db, test.id) },
    waxes: named(['glide']),
    grip: isClassic
      ? { tests: await listGripTests(db, outing.id), waxes: named(GRIP_ROLES) }
      : undefined,
  };
}
