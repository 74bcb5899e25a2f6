// The program of the hub: keeps the records of every cabin in PostgreSQL and hands them on. Started by scripts/hub.mjs.
import { readFileSync } from 'node:fs';
import { parseArgs } from 'node:util';
import { hubServer } from './serve';
import { letCabinIn, openHub, prepareHub } from './store';

const { values } = parseArgs({
  options: {
    postgres: { type: 'string' },
    port: { type: 'string' },
    address: { type: 'string' },
    cabin: { type: 'string' },
    certificate: { type: 'string' },
    key: { type: 'string' },
  },
});

const hub = openHub(values.postgres ?? '');
await prepareHub(hub);
if (values.cabin !== undefined) {
  console.log(await letCabinIn(hub, values.cabin));
  await hub.destroy();
} else {
  const { certificate, key } = values;
  const papers =
    certificate === undefined || key === undefined
      ? undefined
      : { cert: readFileSync(certificate, 'utf8'), key: readFileSync(key, 'utf8') };
  const server = hubServer(hub, papers);
  const [port, address] = [Number(values.port), values.address];
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
