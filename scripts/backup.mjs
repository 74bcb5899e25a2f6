// npm run backup [-- --data FOLDER]: a checked copy of the database, while the app runs.
import { runCopies } from './lib/copies.mjs';

await runCopies('backup');
