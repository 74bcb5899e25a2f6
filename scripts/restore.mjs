// npm run restore -- COPY [--data FOLDER]: puts a copy in the place of the database; the app must not run.
import { runCopies } from './lib/copies.mjs';

await runCopies('restore');
