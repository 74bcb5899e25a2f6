/** Numbers that say nothing about the craft: none, one, both, half. */
const PLAIN = new Set([0, 1, 2, 0.5]);
/** @param {number} value */
const isPowerOfTen = (value) => Number.isInteger(Math.log10(Math.abs(value)));

/** @type {import('eslint').Rule.RuleModule} */
export const noLooseNumbers = {
  meta: {
    type: 'problem',
    docs: { description: 'A figure of the craft is data: it stands in a table with its reason.' },
    messages: {
      loose: '{{text}} is loose: put it into figures.ts or constants.ts with unit and reason.',
    },
    schema: [],
  },
  create(context) {
    return {
      Literal(node) {
        if (typeof node.value !== 'number') return;
        if (PLAIN.has(node.value) || isPowerOfTen(node.value)) return;
        if (/** @type {string} */ (node.parent.type) === 'TSLiteralType') return;
        context.report({ node, messageId: 'loose', data: { text: node.raw } });
      },
    };
  },
};
