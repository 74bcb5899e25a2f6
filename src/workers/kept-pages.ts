import { SCREEN_PATHS, screenFacts, screenHref } from '../core/model/screens';

/** Where pages are kept on a device. */
export const PAGES_CACHE = 'frost-pages';

/** What says that a page is not on this device. */
export const OFFLINE_PAGE = '/offline';

const kept = (isOutside: boolean) =>
  SCREEN_PATHS.filter((path) => {
    const facts = screenFacts(path);
    return facts.isKept && (facts.isOutside ?? false) === isOutside;
  });

/** Pages that are there from the first moment on. */
export const START_PAGES: readonly string[] = kept(true).map((path) => screenHref(path, ''));

/** Pages of single skis and jobs that a page leads to. */
const LEADS = /href="(\/outing\/[^"]+\/(?:skis\/[^"?]+|bench\?job=[^"&]+))"/g;
const MOST_LEADS = 60;

/** The screens of an outing that somebody on the hill or at the bench opens, in the order of the work. */
export const screensOf = (outingId: string): string[] =>
  kept(false).map((path) => screenHref(path, outingId));

/** The pages of skis and jobs that the HTML of a page leads to. */
export const leadsIn = (html: string): string[] =>
  [...new Set([...html.matchAll(LEADS)].map(([, href]) => href!.replaceAll('&amp;', '&')))].slice(
    0,
    MOST_LEADS,
  );
