// Builds the app when its sources changed since the last build.
import { createHash } from 'node:crypto';
import { existsSync, readFileSync, readdirSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { brotliCompressSync, gzipSync } from 'node:zlib';
import { ROOT, refuse, run } from './install.mjs';
import { writePlotly } from './plotly.mjs';

const SOURCES = [
  'app',
  'src',
  'host',
  'public',
  'instrumentation.ts',
  'next.config.ts',
  'scripts/lib/build.mjs',
  'scripts/lib/plotly.mjs',
  'tsconfig.json',
  'package-lock.json',
];
const STAMP = path.join(ROOT, '.next', 'frost-pick-sources');

/**
 * @param {import('node:crypto').Hash} hash
 * @param {string} file
 */
function addTo(hash, file) {
  const full = path.join(ROOT, file);
  if (!existsSync(full)) return;
  const entries = readdirSyncOrNone(full);
  if (entries) {
    for (const entry of entries.sort()) addTo(hash, path.join(file, entry));
  } else if (!/\.test\.tsx?$/.test(file)) {
    hash.update(file);
    hash.update(readFileSync(full));
  }
}

/** @param {string} full */
function readdirSyncOrNone(full) {
  try {
    return readdirSync(full);
  } catch (error) {
    if (/** @type {NodeJS.ErrnoException} */ (error).code === 'ENOTDIR') return undefined;
    throw error;
  }
}

/** The threads' program: all computations that run off the event loop, in one file. */
export const WORKER = path.join(ROOT, '.next', 'compute.mjs');

/**
 * Bundles a program for Node.js into one file; what is installed stays outside.
 * @param {string} entry
 * @param {string} outfile
 */
export async function bundle(entry, outfile) {
  const { build } = await import('esbuild');
  await build({
    entryPoints: [path.join(ROOT, entry)],
    outfile,
    bundle: true,
    platform: 'node',
    format: 'esm',
    target: 'node20',
    packages: 'external',
    alias: { '@': path.join(ROOT, 'src') },
    logLevel: 'warning',
  });
}

/** Files that never change, each with its content in its name. */
export const STATIC = path.join(ROOT, '.next', 'static');
const SQUEEZED = /\.(js|css|svg)$/;

/**
 * The files under a folder whose names match.
 * @param {string} folder
 * @param {RegExp} wanted
 */
const filesUnder = (folder, wanted) =>
  readdirSync(folder, { recursive: true, encoding: 'utf8' })
    .filter((file) => wanted.test(file))
    .map((file) => path.join(folder, file));

/** Lays a file compressed as well as can be beside each of those that browsers fetch. */
function squeeze() {
  for (const file of filesUnder(STATIC, SQUEEZED)) {
    const bytes = readFileSync(file);
    writeFileSync(`${file}.br`, brotliCompressSync(bytes));
    writeFileSync(`${file}.gz`, gzipSync(bytes, { level: 9 }));
  }
}

/** See the explicit compile hints of V8. */
const READ_AT_ONCE = '//# allFunctionsCalledOnLoad\n';

/**
 * Has browsers that know how read each script whole while it comes, on a thread beside the page. Else they skip its
 * functions and read each when it is first called, on the thread of the page: half of what blocked it at a start.
 */
function readAtOnce() {
  for (const folder of ['chunks', 'plotly']) {
    for (const file of filesUnder(path.join(STATIC, folder), /\.js$/)) {
      writeFileSync(file, READ_AT_ONCE + readFileSync(file, 'utf8'));
    }
  }
}

/** The program that keeps pages on a device, with the list of the app's files in it. */
async function keeper() {
  const { build } = await import('esbuild');
  const { injectManifest } = await import('workbox-build');
  const raw = path.join(ROOT, '.next', 'service-worker.raw.js');
  await build({
    entryPoints: [path.join(ROOT, 'src', 'workers', 'service-worker.ts')],
    outfile: raw,
    bundle: true,
    minify: true,
    format: 'iife',
    target: 'es2022',
    define: { 'process.env.NODE_ENV': '"production"' },
    alias: { '@': path.join(ROOT, 'src') },
    logLevel: 'warning',
  });
  await injectManifest({
    swSrc: raw,
    swDest: path.join(ROOT, '.next', 'sw.js'),
    globDirectory: STATIC,
    globPatterns: ['**/*.{js,css,woff2}'],
    modifyURLPrefix: { '': '/_next/static/' },
    // Their names change with what is in them.
    dontCacheBustURLsMatching: /./,
    maximumFileSizeToCacheInBytes: 8_000_000,
  });
}

/** The languages that a page does not carry in itself: a script each, named by what is in it, and their list. */
export async function languages() {
  const { build } = await import('esbuild');
  const scripts = path.join(ROOT, 'src', 'words', 'scripts');
  const { metafile } = await build({
    entryPoints: readdirSync(scripts).map((file) => ({
      in: path.join(scripts, file),
      out: path.basename(file, '.ts'),
    })),
    outdir: path.join(STATIC, 'words'),
    entryNames: '[name].[hash]',
    bundle: true,
    minify: true,
    format: 'iife',
    target: 'es2022',
    metafile: true,
    logLevel: 'warning',
  });
  const files = Object.entries(metafile.outputs).map(([file, { entryPoint = '' }]) => [
    path.basename(entryPoint, '.ts'),
    `/_next/static/words/${path.basename(file)}`,
  ]);
  writeFileSync(
    path.join(ROOT, '.next', 'languages.json'),
    JSON.stringify(Object.fromEntries(files)),
  );
}

export const NEXT = path.join(ROOT, 'node_modules', 'next', 'dist', 'bin', 'next');

/** Builds for production unless the last build is of these sources. */
export async function ensureBuilt() {
  const hash = createHash('sha256');
  for (const source of SOURCES) addTo(hash, source);
  const wanted = hash.digest('hex');
  const hasBuild = existsSync(path.join(ROOT, '.next', 'BUILD_ID')) && existsSync(WORKER);
  if (hasBuild && existsSync(STAMP) && readFileSync(STAMP, 'utf8') === wanted) return;
  console.log('Building…');
  if (run(process.execPath, [NEXT, 'build']) !== 0) refuse('The build failed; see above.', 1);
  await bundle(path.join('host', 'compute.worker.ts'), WORKER);
  await languages();
  writePlotly(STATIC);
  readAtOnce();
  await keeper();
  squeeze();
  writeFileSync(STAMP, wanted);
}
