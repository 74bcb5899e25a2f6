// npm start: installs and builds what is missing, and starts the app on one's own data, which begin empty.
import { ensureBuilt } from './lib/build.mjs';
import { ensureInstalled, requireNode } from './lib/install.mjs';
import { readOptions, requireFolder, requireFreePort, serve } from './lib/serve.mjs';

requireNode();
const options = readOptions('own');
requireFolder(options.data);
await requireFreePort(options.port, options.lan);
ensureInstalled();
await ensureBuilt();
await serve('start', options, { FROST_PICK_DEMO: '' });
