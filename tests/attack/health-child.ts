// Opens a folder's database as the server does, and prints what the check said and what came of a write.
import { sql } from 'kysely';
import { openChecked } from '@/data/database';
import { answered } from '@/formats/wire';

const { db, health } = openChecked(process.argv[2] ?? '');
const outings = (await db.selectFrom('outing').select('id').execute()).length;
const written = await answered(async () => {
  await sql`insert into team_setting values ('x', '1')`.execute(db);
  return { ok: true as const, value: null };
});
console.log(JSON.stringify({ health, outings, written }));
