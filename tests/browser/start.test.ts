import { createServer } from 'node:net';
import { copyFileSync, existsSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { describe, expect, it } from 'vitest';
import Database from 'better-sqlite3';
import {
  freePort,
  freshFolder,
  IS_LONG,
  launchBrowser,
  openPage,
  press,
  reloadPage,
  startDemo,
  startDemoBeyond,
  stopDemo,
  waitForText,
} from './app';
import { askSecurely } from './beyond';

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

  it('refuses what it cannot begin with in one sentence', async () => {
    const folder = freshFolder();
    writeFileSync(path.join(folder, 'lan'), 'no folder');
    const port = await freePort();
    const here = await startDemoBeyond(port, freshFolder(), '127.0.0.1');
    const noKeys = await startDemoBeyond(port, folder, '127.0.0.4');
    const tries = [
      [here, '127.0.0.1 is this machine itself'],
      [noKeys, 'The keys of this machine cannot be read or written'],
    ] as const;
    for (const [started, sentence] of tries) {
      expect([await started.ended, started.output()]).toEqual([
        3,
        expect.stringContaining(sentence),
      ]);
      expect(started.output().trim().split('\n')).toHaveLength(1);
    }
  });

  it.runIf(IS_LONG)('makes keys anew that were only half written, and says so', async () => {
    const folder = freshFolder();
    const port = await freePort();
    await stopDemo(await startDemoBeyond(port, folder, '127.0.0.4'));
    for (const [file, text] of [
      ['machine.key', ''],
      ['authority.key', 'half'],
      ['session.key', ''],
    ] as const) {
      writeFileSync(path.join(folder, 'lan', file), text);
      const again = await startDemoBeyond(port, folder, '127.0.0.4');
      expect(again.output()).toContain('Frost Pick is at');
      if (file === 'authority.key') expect(again.output()).toContain('were made anew');
      const page = await askSecurely(folder, `https://127.0.0.4:${port + 1}/pair`);
      expect([file, page.status]).toEqual([file, 200]);
      expect(await stopDemo(again)).toBe(0);
    }
  });

  it.runIf(IS_LONG)(
    'says at the start that the log is missing, and saves nothing until a person decides',
    async () => {
      const folder = freshFolder();
      const port = await freePort();
      const first = await startDemo(port, folder);
      // Only the one file, copied from a running app.
      const other = freshFolder();
      copyFileSync(path.join(folder, 'frost-pick.db'), path.join(other, 'frost-pick.db'));
      await stopDemo(first);
      const again = await startDemo(port, other);
      expect(again.output()).toContain('its log is not there');
      const write = () =>
        fetch(`${again.url}/api/v1/readings?outing=demo-tour`, {
          method: 'POST',
          headers: { 'content-type': 'text/csv' },
          body: 'time,snow temperature [°C],humidity [%]\n2027-01-17T06:00,-9,70\n',
        });
      expect((await write()).status).toBe(503);
      const browser = await launchBrowser();
      const { page, errors } = await openPage(browser, `${again.url}/outing/demo-tour/snow`);
      await press(page, 'Go on with what is here');
      await waitForText(page, 'set-aside');
      await reloadPage(page);
      expect(await page.$('[data-testid="storage-notice"]')).toBeNull();
      expect((await write()).status).toBe(200);
      expect(errors).toEqual([]);
      await browser.close();
      await stopDemo(again);
    },
  );

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
