// npm run kernel: compiles the snow kernel again, after a change of src/core/kernel or of a figure it computes with.
import { writeFileSync } from 'node:fs';
import { ensureInstalled } from './lib/install.mjs';
import { COMPILED, compileKernel } from './lib/kernel.mjs';

ensureInstalled();
writeFileSync(COMPILED, await compileKernel());
console.log(`Compiled: ${COMPILED}`);
