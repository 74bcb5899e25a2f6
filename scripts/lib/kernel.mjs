// Compiles the snow kernel of src/core/kernel to WebAssembly, from the same TypeScript that runs without it.
import { readFileSync } from 'node:fs';
import path from 'node:path';
import { pathToFileURL } from 'node:url';
import { bundle } from './build.mjs';
import { ROOT } from './install.mjs';

const KERNEL = 'src/core/kernel';
const ENTRY = `${KERNEL}/entry.ts`;
const TYPES = `${KERNEL}/types.ts`;
const CONSTANTS = `${KERNEL}/constants.ts`;

/** Not named where it is imported: its types would change those of every list in the project. */
const COMPILER = 'assemblyscript/asc';

/** What is kept of it: the program and where it finds each part of what it is given. */
export const COMPILED = path.join(ROOT, KERNEL, 'compiled.json');

/** The step of an ensemble, and room for one in the kernel's memory. */
const ENTRY_SOURCE = `
export { stepMembers } from './member-step';
export function room(bytes: i32): usize {
  return heap.alloc(bytes);
}
`;

/** Lists are as long as they are made and never read beyond: no check of every index; and nothing is freed. */
const FLAGS =
  '--outFile kernel.wasm -O3 --runtime stub --noAssert --uncheckedBehavior always --use abort='.split(
    ' ',
  );

/** Lists of numbers as the compiler has them. */
const TYPES_SOURCE = 'export type Doubles = StaticArray<f64>;';

/**
 * The compiler's language where it differs from TypeScript: an interface is a class without methods there; it knows no
 * imports of types alone, and no list in which something may be missing.
 * @param {string} source
 */
const asCompiled = (source) =>
  source
    .replaceAll(/^(export )?interface /gm, '$1class ')
    .replaceAll(/^import type /gm, 'import ')
    .replaceAll(/\btype (?=\w+ *[,}])/g, '')
    .replaceAll(']!', ']');

/** The figures of constants.ts as plain numbers. */
async function constantsSource() {
  const file = path.join(ROOT, 'tmp', 'kernel-constants.mjs');
  await bundle(CONSTANTS, file);
  /** @type {Record<string, number>} */
  const values = await import(`${pathToFileURL(file).href}?${Date.now()}`);
  return Object.entries(values)
    .map(([name, value]) => `export const ${name}: f64 = ${value};`)
    .join('\n');
}

/** A class of the compiler is known by the file it stands in; lists of numbers are its only other objects. */
const typeName = (/** @type {string} */ type) =>
  type.startsWith('~lib/staticarray') ? 'Doubles' : (type.split('/').at(-1) ?? type);

/**
 * Where each field of each class stands, bytes, and of which type it is: `i32`, `f64`, `Doubles` or another class.
 * @param {Map<string, { memoryOffset?: number, nextMemoryOffset?: number, type: object }>} instances
 */
function shapesOf(instances) {
  /** @type {Record<string, { bytes: number, fields: Record<string, { at: number, type: string }> }>} */
  const shapes = {};
  for (const [name, { memoryOffset, type }] of instances) {
    const [, owner, field] = /^src\/core\/kernel\/.*\/(\w+)#(\w+)$/.exec(name) ?? [];
    if (!owner || !field || memoryOffset === undefined) continue;
    const bytes = instances.get(name.slice(0, name.indexOf('#')))?.nextMemoryOffset ?? 0;
    shapes[owner] ??= { bytes, fields: {} };
    shapes[owner].fields[field] = { at: memoryOffset, type: typeName(String(type)) };
  }
  return shapes;
}

/**
 * Of all shapes that of the ensemble and of its parts.
 * @param {ReturnType<typeof shapesOf>} shapes
 * @param {string} name
 * @returns {ReturnType<typeof shapesOf>}
 */
function reachedFrom(shapes, name) {
  const own = shapes[name];
  if (!own) return {};
  const parts = Object.values(own.fields).map(({ type }) => reachedFrom(shapes, type));
  return Object.assign({ [name]: own }, ...parts);
}

/** The kernel compiled: the text of COMPILED. Throws what the compiler finds wrong. */
export async function compileKernel() {
  const { main } = await import(COMPILER);
  const made = new Map([
    [ENTRY, ENTRY_SOURCE],
    [TYPES, TYPES_SOURCE],
    [CONSTANTS, await constantsSource()],
  ]);
  /** @type {Uint8Array | undefined} */
  let program;
  /** @type {ReturnType<typeof shapesOf>} */
  let shapes = {};
  class Shapes {
    afterCompile() {
      shapes = shapesOf(/** @type {any} */ (this).program.instancesByName);
    }
  }
  const options = {
    readFile: (/** @type {string} */ name, /** @type {string} */ folder) => {
      const file = path.join(folder, name);
      const own = made.get(file);
      if (own !== undefined) return own;
      try {
        return asCompiled(readFileSync(path.join(ROOT, file), 'utf8'));
      } catch {
        return null;
      }
    },
    writeFile: (/** @type {string} */ _name, /** @type {Uint8Array} */ bytes) => {
      program = bytes;
    },
    listFiles: () => [],
    transforms: [Shapes],
  };
  const { error, stderr } = await main([ENTRY, '--lib', TYPES, ...FLAGS], options);
  if (error || !program) throw new Error(`${error?.message}\n${stderr.toString()}`);
  const kept = {
    shapes: reachedFrom(shapes, 'Ensemble'),
    program: Buffer.from(program).toString('base64'),
  };
  // As the check of formats wants it: a field a line.
  const { format, resolveConfig } = await import('prettier');
  return format(JSON.stringify(kept), { ...(await resolveConfig(COMPILED)), filepath: COMPILED });
}
