import { database, migrate, StartRefusal } from './database';
import { seedDemo } from './demo/seed';

/** The exit code of a start that was refused with a sentence. */
export const REFUSED_EXIT_CODE = 3;

/** Migrates, and fills an empty database with the demo when asked; ends the process when refused. */
export async function prepareData(): Promise<void> {
  // Started by a script: end when that ends, however it does.
  if (process.channel) process.once('disconnect', () => process.exit(0));
  try {
    const db = database();
    await migrate(db);
    if (process.env.FROST_PICK_DEMO === '1') {
      const day = process.env.FROST_PICK_SEED_DATE;
      await seedDemo(db, day ? new Date(day) : new Date());
    }
  } catch (error) {
    if (!(error instanceof StartRefusal)) throw error;
    console.error(error.message);
    process.exit(REFUSED_EXIT_CODE);
  }
}
