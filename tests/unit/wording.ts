import { readdirSync, readFileSync } from 'node:fs';
import path from 'node:path';
import ts from 'typescript';

const ROOT = path.join(import.meta.dirname, '..', '..');
const IN_APP = 16;
const IN_DOCS = 22;

/** Turns that no technician would use across a bench, and verbs of taking away beside Delete, Undo and Cancel. */
export const BANNED: readonly RegExp[] = [
  /\b(with|re)draws?n?\b/i,
  /\btak(e|es|en|ing) (back|in)\b/i,
  /\bforg(et|ets|ot|otten)\b/i,
  /\brevoke[sd]?\b/i,
  /\bturn(s|ed)? away\b/i,
  /\bhand(s|ed)? (on|in)\b/i,
  /\btaken over\b/i,
  /\bgave way\b/i,
  /\bis told\b/i,
  /\bof before\b/i,
  /\bparted by\b/i,
  /\bhelps? nowhere\b/i,
  /\bthe begin\b/i,
  /\bwhat is due\b/i,
  /\bwhat waits\b/i,
  /\bhow manieth\b/i,
  /\b19 times in 20\b/i,
  /\basks? for a (softer|harder|wax)\b/i,
  /\b(mend|asunder|thereof|whilst|upon|deed)\b/i,
  /\bthis computer alone\b/i,
];

/** What a text says wrong, each with the sentence. */
export function wordingFaults(text: string, mostWords: number): string[] {
  const sentences = text.split(/(?<=[.?!])\s+/);
  const long = sentences.filter((one) => one.split(/\s+/).length > mostWords);
  const turns = BANNED.filter((turn) => turn.test(text)).map((turn) => `${turn.source}: ${text}`);
  return [...long.map((one) => `${one.split(/\s+/).length} words: ${one}`), ...turns];
}

function filesIn(folder: string, end: string): string[] {
  return readdirSync(folder, { recursive: true, encoding: 'utf8' })
    .filter((file) => file.endsWith(end) && !file.endsWith(`.test${end}`))
    .map((file) => path.join(folder, file));
}

/** A literal as it reads; what is filled in is one word. */
function readAs(node: ts.Node): string | undefined {
  if (ts.isStringLiteral(node) || ts.isNoSubstitutionTemplateLiteral(node)) return node.text;
  if (!ts.isTemplateExpression(node)) return undefined;
  return node.head.text + node.templateSpans.map((span) => `X${span.literal.text}`).join('');
}

/** Every text of the app in English. */
export function appTexts(): string[] {
  return filesIn(path.join(ROOT, 'src', 'words', 'en'), '.ts').flatMap((file) => {
    const source = ts.createSourceFile(file, readFileSync(file, 'utf8'), ts.ScriptTarget.Latest);
    const found: string[] = [];
    const visit = (node: ts.Node): void => {
      if (ts.isImportDeclaration(node)) return;
      const text = readAs(node);
      if (text !== undefined) found.push(text);
      ts.forEachChild(node, visit);
    };
    visit(source);
    return found;
  });
}

/** Every paragraph of the docs that is prose. */
export function docTexts(): string[] {
  const files = [
    ...filesIn(path.join(ROOT, 'docs'), '.md'),
    ...['README.md', 'CONTRIBUTING.md'].map((file) => path.join(ROOT, file)),
  ];
  return files.flatMap((file) =>
    readFileSync(file, 'utf8')
      .replace(/^```[\s\S]*?^```$/gm, '')
      .split(/\n\s*\n|\n(?=\s*[-*] |\s*\d+\. )/)
      .filter((part) => !/^\s*[|#!]/.test(part))
      .map((part) => part.replace(/\s+/g, ' ').trim()),
  );
}

export const appFaults = () =>
  appTexts().flatMap((text) => [
    ...wordingFaults(text, IN_APP),
    ...(/;\s/.test(text) ? [`semicolon: ${text}`] : []),
  ]);
export const docFaults = () => docTexts().flatMap((text) => wordingFaults(text, IN_DOCS));
