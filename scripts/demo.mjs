// npm run demo: installs and builds what is missing, seeds the demo once, and starts the app.
import { ensureBuilt } from './lib/build.mjs';
import { ensureInstalled, requireNode } from './lib/install.mjs';
import { readOptions, requireFolder, requireFreePort, serve } from './lib/serve.mjs';

requireNode();
const options = readOptions('demo');
requireFolder(options.data);
await requireFreePort(options.port, options.lan);
ensureInstalled();
await ensureBuilt();
await serve('start', options, { FROST_PICK_DEMO: '1' });
