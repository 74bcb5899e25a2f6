// npm run dev: the development server, without demo data unless FROST_PICK_DEMO=1.
import { languages, STATIC } from './lib/build.mjs';
import { ensureInstalled, requireNode } from './lib/install.mjs';
import { writePlotly } from './lib/plotly.mjs';
import { readOptions, requireFolder, requireFreePort, serve } from './lib/serve.mjs';

requireNode();
const options = readOptions('own');
requireFolder(options.data);
await requireFreePort(options.port, options.lan);
ensureInstalled();
await languages();
writePlotly(STATIC);
await serve('dev', options);
