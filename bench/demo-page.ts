import { mkdtempSync } from 'node:fs';
import { spawn } from 'node:child_process';
import { tmpdir } from 'node:os';
import path from 'node:path';
import puppeteer, { type Page } from 'puppeteer-core';
import { CHROMIUM, CHROMIUM_FLAGS } from '../scripts/lib/browser.mjs';

const PORT = 3299;

/** Starts the demo and a browser for a measurement in a page, and ends both after it. */
export async function withDemoPage(measure: (page: Page, url: string) => Promise<void>) {
  const data = mkdtempSync(path.join(tmpdir(), 'frost-bench-'));
  const server = spawn('node', ['scripts/demo.mjs', '--port', String(PORT), '--data', data], {
    stdio: ['ignore', 'pipe', 'inherit'],
  });
  await new Promise<void>((resolve) => {
    server.stdout.on('data', (text) => String(text).includes('Frost Pick is at') && resolve());
  });
  const browser = await puppeteer.launch({ executablePath: CHROMIUM, args: CHROMIUM_FLAGS });
  try {
    await measure(await browser.newPage(), `http://127.0.0.1:${PORT}`);
  } finally {
    await browser.close();
    server.kill('SIGTERM');
  }
}
