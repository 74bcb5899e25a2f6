/** Where a screen stands in the rail: in the order of the day's work, or beside it. */
type Rail = 'work' | 'beside';

interface ScreenFacts {
  /** The key that opens it. */
  key?: string;
  rail?: Rail;
  /** Kept on a device for the hill and the bench; one that lies outside an outing is there from the first moment on. */
  isKept?: true;
  /** Outside every outing. */
  isOutside?: true;
}

/** Every screen by its path: the rail, the keys, the pages of a device and the tests go by this list. */
export const SCREENS = {
  quick: { key: 'q', rail: 'work', isKept: true, isOutside: true },
  snow: { key: 's', rail: 'work', isKept: true },
  pick: { key: 'p', rail: 'work', isKept: true },
  grip: { key: 'g', rail: 'work', isKept: true },
  skis: { key: 'k', rail: 'work', isKept: true },
  pairs: { key: 'a', rail: 'work', isKept: true },
  bench: { key: 'b', rail: 'work', isKept: true },
  plan: { key: 'd', rail: 'work', isKept: true },
  test: { key: 't', rail: 'work', isKept: true },
  log: { key: 'l', rail: 'work', isKept: true },
  venue: { key: 'v', rail: 'beside' },
  shelf: { key: 'h', rail: 'beside', isKept: true },
  iron: { key: 'i', rail: 'beside', isKept: true },
  practice: { key: 'f', rail: 'beside', isOutside: true },
  settings: { key: 'e', rail: 'beside' },
  wall: { isKept: true },
  labels: {},
  season: {},
  learning: {},
  'outing/new': { key: 'n', isOutside: true },
  devices: { isOutside: true },
  pair: { isOutside: true },
  outbox: { isKept: true, isOutside: true },
  offline: { isKept: true, isOutside: true },
} as const satisfies Record<string, ScreenFacts>;

export type ScreenPath = keyof typeof SCREENS;

/** A screen that the rail shows. */
export type RailPath = {
  [Path in ScreenPath]: (typeof SCREENS)[Path] extends { rail: Rail } ? Path : never;
}[ScreenPath];

export const SCREEN_PATHS = Object.keys(SCREENS) as ScreenPath[];

export const screenFacts = (path: ScreenPath): ScreenFacts => SCREENS[path];

/** The address of a screen; one inside an outing is that outing's. */
export const screenHref = (path: ScreenPath, outingId: string): string =>
  screenFacts(path).isOutside ? `/${path}` : `/outing/${outingId}/${path}`;
