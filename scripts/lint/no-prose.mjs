/** Words in a row, or a sentence's end: what a person would read. */
const PROSE = /[A-Za-z]{2,},? [A-Za-z’']{2,}|[a-z]{3,}\.$/;
/** Kysely's and SQLite's own short phrases. */
const SQL =
  /^[\w.…]+ as \w+$|^is not$|^[a-z_]+ = |^[a-z_.]+(, [a-z_.]+)+$|^\s*(create|drop|alter|begin|vacuum) |^… if exists /i;

/** @typedef {import('estree').Node & { parent?: { type: string } }} Child */
/** @param {Child} node */
const isTagged = (node) => node.parent?.type === 'TaggedTemplateExpression';
/** @param {Child} node */
const isModulePath = (node) => /^(Import|Export)/.test(node.parent?.type ?? '');

/** @type {import('eslint').Rule.RuleModule} */
export const noProse = {
  meta: {
    type: 'problem',
    docs: { description: 'The core and the database find; what is said stands in src/words.' },
    messages: { prose: '“{{text}}” is prose: return a code, and say it in src/words/en.' },
    schema: [],
  },
  create(context) {
    /** @param {import('estree').Node} node @param {string} text */
    const check = (node, text) => {
      if (!PROSE.test(text) || SQL.test(text)) return;
      context.report({ node, messageId: 'prose', data: { text: text.slice(0, 60) } });
    };
    return {
      Literal(node) {
        if (typeof node.value === 'string' && !isModulePath(node)) check(node, node.value);
      },
      TemplateLiteral(node) {
        if (isTagged(node)) return;
        check(node, node.quasis.map((part) => part.value.cooked).join('…'));
      },
    };
  },
};
