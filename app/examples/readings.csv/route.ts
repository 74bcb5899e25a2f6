import { readFile } from 'node:fs/promises';
import path from 'node:path';

/** Hands out the example file that ships with the app. */
export async function GET(): Promise<Response> {
  const file = path.join(process.cwd(), 'examples', 'readings.csv');
  return new Response(await readFile(file), {
    headers: {
      'content-type': 'text/csv; charset=utf-8',
      'content-disposition': 'attachment; filename="readings.csv"',
    },
  });
}
