import { expect, it } from 'vitest';
import { nodeProblem } from '../../scripts/lib/install.mjs';

it('refuses a Node.js that is too old, with both versions named', () => {
  expect(nodeProblem('18.20.4')).toContain('20.9 or newer; this is 18.20.4');
  expect(nodeProblem('20.8.1')).toBeDefined();
  expect(nodeProblem('20.9.0')).toBeUndefined();
  expect(nodeProblem('24.1.0')).toBeUndefined();
});
