import { readFileSync } from 'node:fs';
import path from 'node:path';

let known: Record<string, string> | undefined;

function listed(): Record<string, string> {
  try {
    const list = path.join(process.cwd(), '.next', 'languages.json');
    return JSON.parse(readFileSync(list, 'utf8')) as Record<string, string>;
  } catch {
    // A server that was never built for production says everything in English on its pages.
    return {};
  }
}

/** Where the script with the words of a language is; undefined for the language that the program carries itself. */
export const languageScript = (tag: string): string | undefined => (known ??= listed())[tag];
