import { execFileSync } from 'node:child_process';
import { cpSync, mkdtempSync, readdirSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { expect, it } from 'vitest';
import { nodeProblem } from '../../scripts/lib/install.mjs';

it('refuses a Node.js that is too old, with both versions named', () => {
  expect(nodeProblem('18.20.4')).toContain('20.9 or newer; this is 18.20.4');
  expect(nodeProblem('20.8.1')).toBeDefined();
  expect(nodeProblem('20.9.0')).toBeUndefined();
  expect(nodeProblem('24.1.0')).toBeUndefined();
});

it('begins on a machine where nothing is installed yet: no script needs a package before that', () => {
  const folder = mkdtempSync(path.join(tmpdir(), 'frost-bare-'));
  try {
    for (const part of ['scripts', 'host']) {
      cpSync(part, path.join(folder, part), { recursive: true });
    }
    const parts = readdirSync('scripts/lib').filter((file) => file.endsWith('.mjs'));
    expect(parts).toContain('build.mjs');
    const load = parts.map((file) => `await import('./scripts/lib/${file}');`).join('\n');
    const said = execFileSync(process.execPath, ['--input-type=module', '-e', load], {
      cwd: folder,
      encoding: 'utf8',
    });
    expect(said).toBe('');
  } finally {
    rmSync(folder, { recursive: true });
  }
});
