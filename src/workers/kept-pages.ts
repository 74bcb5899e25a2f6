/** Where pages are kept on a device. */
export const PAGES_CACHE = 'frost-pages';

/** What says that a page is not on this device. */
export const OFFLINE_PAGE = '/offline';

/** Pages that are there from the first moment on. */
export const START_PAGES = ['/quick', OFFLINE_PAGE, '/outbox'];

/** Screens of an outing that somebody on the hill or at the bench opens. */
const SCREENS = [
  'snow',
  'pick',
  'skis',
  'bench',
  'test',
  'iron',
  'shelf',
  'plan',
  'log',
  'grip',
  'wall',
  'pairs',
];

/** Pages of single skis and jobs that a page leads to. */
const LEADS = /href="(\/outing\/[^"]+\/(?:skis\/[^"?]+|bench\?job=[^"&]+))"/g;
const MOST_LEADS = 60;

/** The screens of an outing, those first that are needed first. */
export const screensOf = (outingId: string): string[] =>
  SCREENS.map((screen) => `/outing/${outingId}/${screen}`);

/** The pages of skis and jobs that the HTML of a page leads to. */
export const leadsIn = (html: string): string[] =>
  [...new Set([...html.matchAll(LEADS)].map(([, href]) => href!.replaceAll('&amp;', '&')))].slice(
    0,
    MOST_LEADS,
  );
