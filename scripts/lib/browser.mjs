// Debian's Chromium through puppeteer-core, with the flags a closed network needs.
import { spawnSync } from 'node:child_process';
import { existsSync } from 'node:fs';
import { refuse } from './install.mjs';

export const CHROMIUM = process.env.CHROMIUM_PATH || '/usr/bin/chromium';
/** Puts a certificate into the store of a browser's own. */
export const CERTUTIL = '/usr/bin/certutil';
const PACKAGES = ['chromium', 'fonts-dejavu-core', 'libnss3-tools'];
export const CHROMIUM_FLAGS = [
  '--no-sandbox',
  '--disable-gpu',
  '--disable-quic',
  '--no-first-run',
  '--disable-background-networking',
  '--disable-component-update',
  '--disable-sync',
  // Each window would else run pages of the browser's own for what drops down from its address bar.
  '--disable-features=WebUIOmniboxPopup,WebUIOmniboxAimPopup',
];

/** @param {string[]} args */
const apt = (...args) => spawnSync('apt-get', args, { stdio: 'inherit' }).status === 0;

/** Makes sure that there is a Chromium: through apt where it may, else with a sentence on what to do. */
export function ensureChromium() {
  if (existsSync(CHROMIUM) && existsSync(CERTUTIL)) return;
  const mayInstall = process.getuid?.() === 0 && existsSync('/usr/bin/apt-get');
  if (mayInstall) {
    console.log('Installing Chromium and certutil through apt; this takes some minutes once.');
    apt('update');
    if (
      apt('install', '-y', '--no-install-recommends', ...PACKAGES) &&
      existsSync(CHROMIUM) &&
      existsSync(CERTUTIL)
    ) {
      return;
    }
  }
  refuse(
    `The browser tests need Chromium at ${CHROMIUM} and ${CERTUTIL}. Install them (Debian, as root: apt-get install chromium libnss3-tools), or name another Chromium with CHROMIUM_PATH.`,
  );
}
