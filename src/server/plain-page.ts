import { languageTag } from '@/words/locale';

interface PlainPage {
  title: string;
  text: string;
  link?: { href: string; label: string };
  /** Tries again by itself after so many seconds. */
  refreshS?: number;
}

/** A page that needs nothing of the app: what somebody sees who is not paired, or while there is too much to do. */
export function plainPage({ title, text, link, refreshS }: PlainPage): string {
  const again = refreshS === undefined ? '' : `<meta http-equiv="refresh" content="${refreshS}">`;
  const further = link ? `<p><a href="${link.href}">${link.label}</a></p>` : '';
  return `<!doctype html><html lang="${languageTag()}"><head><meta charset="utf-8"><title>${title}</title>${again}<meta name="viewport" content="width=device-width"></head><body><main><h1>${title}</h1><p>${text}</p>${further}</main></body></html>`;
}
