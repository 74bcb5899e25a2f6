import { createServer } from 'node:net';
import { existsSync } from 'node:fs';
import path from 'node:path';
import { describe, expect, it } from 'vitest';
import Database from 'better-sqlite3';
import { freePort, freshFolder, startDemo, startDemoBeyond, stopDemo } from './app';

describe('npm run demo', () => {
  it('keeps its data where it is told, ends cleanly, and keeps them when asked again', async () => {
    const folder = freshFolder();
    const port = await freePort();
    const first = await startDemo(port, folder);
    expect(first.output()).toContain(`http://127.0.0.1:${port}`);
    expect(existsSync(path.join(folder, 'frost-pick.db'))).toBe(true);
    expect(await stopDemo(first)).toBe(0);
    const again = await startDemo(port, folder);
    const readings = await fetch(`${again.url}/api/v1/readings?format=json`);
    expect(await readings.json()).toHaveLength(5);
    expect(await stopDemo(again)).toBe(0);
  });

  it('refuses a busy port with a sentence', async () => {
    const port = await freePort();
    const other = createServer().listen(port, '127.0.0.1');
    const refused = await startDemo(port, freshFolder());
    expect(await refused.ended).toBe(3);
    expect(refused.output()).toContain(`Port ${port} is in use`);
    other.close();
  });

  it('refuses to listen at an address that is none of this machine, and a busy one', async () => {
    const port = await freePort();
    const foreign = await startDemoBeyond(port, freshFolder(), '203.0.113.9');
    expect(await foreign.ended).toBe(3);
    expect(foreign.output()).toContain('203.0.113.9 is not an address of this machine');
    const other = createServer().listen(port + 1, '127.0.0.3');
    const busy = await startDemoBeyond(port, freshFolder(), '127.0.0.3');
    expect(await busy.ended).toBe(3);
    expect(busy.output()).toContain(`Port ${port + 1} is in use at 127.0.0.3`);
    other.close();
  });

  it('refuses a folder that cannot be one', async () => {
    const refused = await startDemo(await freePort(), '/dev/null/data');
    expect(await refused.ended).toBe(3);
    expect(refused.output()).toContain('cannot be written');
  });

  it('refuses a database of a newer version, and leaves it as it is', async () => {
    const folder = freshFolder();
    const port = await freePort();
    await stopDemo(await startDemo(port, folder));
    const file = path.join(folder, 'frost-pick.db');
    const db = new Database(file);
    db.prepare('insert into kysely_migration values (?, ?)').run('9999-future', '2030');
    db.close();
    const refused = await startDemo(port, folder);
    expect(await refused.ended).toBe(3);
    expect(refused.output()).toContain('newer Frost Pick');
  });

  it('survives a kill -9 with every saved row', async () => {
    const folder = freshFolder();
    const port = await freePort();
    const app = await startDemo(port, folder);
    const csv = 'time,snow temperature [°C],humidity [%]\n2027-01-17T06:00,-9,70\n';
    const saved = await fetch(`${app.url}/api/v1/readings?outing=demo-tour`, {
      method: 'POST',
      headers: { 'content-type': 'text/csv' },
      body: csv,
    });
    expect(saved.status).toBe(200);
    app.child.kill('SIGKILL');
    await app.ended;
    const again = await startDemo(await freePort(), folder);
    const readings = await fetch(`${again.url}/api/v1/readings?outing=demo-tour&format=json`);
    expect(await readings.json()).toHaveLength(2);
    await stopDemo(again);
  });
});
