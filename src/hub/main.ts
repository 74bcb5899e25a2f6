// The program of the hub: keeps the records of every cabin in PostgreSQL and hands them on. Started by scripts/hub.mjs.
import { readFileSync } from 'node:fs';
import { parseArgs } from 'node:util';
import { hubServer, type Papers } from './serve';
import { letCabinIn } from './cabins';
import { openHub, prepareHub } from './tables';

const { values } = parseArgs({
  options: {
    port: { type: 'string' },
    address: { type: 'string' },
    cabin: { type: 'string' },
    certificate: { type: 'string' },
    key: { type: 'string' },
    quota: { type: 'string' },
  },
});

const REFUSED = 3;
const MEGABYTE = 1_000_000;

/** Ends with one sentence. */
function refuse(message: string): never {
  console.error(message);
  process.exit(REFUSED);
}

function madeServer(papers: Papers | undefined) {
  try {
    const mostBytes = values.quota === undefined ? undefined : Number(values.quota) * MEGABYTE;
    return hubServer(hub, { papers, mostBytes });
  } catch (error) {
    return refuse(`Certificate and key cannot be used (${messageOf(error)}).`);
  }
}

const messageOf = (error: unknown) =>
  error instanceof Error ? error.message || error.name : String(error);

// Not an argument: those can be read by everybody on the machine.
const hub = openHub(process.env.FROST_PICK_POSTGRES ?? '');
await prepareHub(hub).catch((error: unknown) =>
  refuse(
    `PostgreSQL does not answer as a hub needs it (${messageOf(error)}). Start it, and look at address, database, user and password.`,
  ),
);
if (values.cabin !== undefined) {
  console.log(await letCabinIn(hub, values.cabin));
  await hub.destroy();
} else {
  const { certificate, key } = values;
  const papers =
    certificate === undefined || key === undefined
      ? undefined
      : { cert: readFileSync(certificate, 'utf8'), key: readFileSync(key, 'utf8') };
  const server = madeServer(papers);
  const [port, address] = [Number(values.port), values.address];
  server.once('error', (error) => refuse(`The hub cannot listen (${error.message}).`));
  server.listen(port, address, () => {
    console.log(
      `The hub is at ${papers ? 'https' : 'http'}://${address}:${port}  (Ctrl-C ends it)`,
    );
  });
  const end = () => {
    server.close();
    server.closeAllConnections();
    void hub.destroy().finally(() => process.exit(0));
  };
  process.on('SIGTERM', end);
  process.on('SIGINT', end);
}
