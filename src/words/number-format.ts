import { localeTag } from './locale';

/** A formatter takes long to make: each is made once a language and number of decimals. */
const made = new Map<string, Intl.NumberFormat>();

function formatter(decimals: number): Intl.NumberFormat {
  const tag = localeTag();
  const key = `${tag} ${decimals}`;
  const format =
    made.get(key) ??
    new Intl.NumberFormat(tag, {
      minimumFractionDigits: decimals,
      maximumFractionDigits: decimals,
      useGrouping: false,
    });
  made.set(key, format);
  return format;
}

/** The figures of a number as a program writes them, `-7.40`, in those of the language: `−7,40`. */
export function localNumber(figures: string): string {
  // A program writes numbers as English does: a page in English need not wait for the browser's tables.
  if (localeTag().startsWith('en')) return figures.replace('-', '−');
  const decimals = figures.split('.')[1]?.length ?? 0;
  // As text, so that nothing is rounded twice.
  return formatter(decimals)
    .format(figures as Intl.StringNumericLiteral)
    .replace('-', '−');
}

/** The sign before the decimals, `.` or `,`. */
export const decimalSign = (): string => localNumber('0.0').slice(1, 2);
