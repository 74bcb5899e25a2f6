import { againstC } from './limit/twin';
import { outlookInput } from './outlook-input';

/** Of a cold night, all dry, and of a thaw. */
for (const [name, meanC] of [
  ['a cold day', -4],
  ['a thaw', 3],
] as const) {
  const found = againstC(outlookInput(meanC));
  console.log(
    found
      ? `the snow kernel, ${name}: ${found.here.toFixed(1)} ns a layer-step, in C ${found.inC.toFixed(1)}: ${(found.here / found.inC).toFixed(1)} × (aim: 2); as TypeScript ${found.plain.toFixed(1)}`
      : `the snow kernel, ${name}: no C compiler here to compare with`,
  );
}
