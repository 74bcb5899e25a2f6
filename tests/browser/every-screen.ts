import { SCREEN_PATHS, screenHref } from '@/core/model';
import { DEMO_SKIS } from '@/data/demo/skis';
import { DRILL_PAGES } from './drill-pages';

const SLALOM = '/outing/demo-slalom';
const SKI = DEMO_SKIS[0]!.id;

/** The address of every screen, once. */
export const EACH_SCREEN: readonly string[] = [
  ...SCREEN_PATHS.map((path) => screenHref(path, 'demo-relay')),
  `/outing/demo-relay/skis/${SKI}`,
  `${SLALOM}/bench?ski=${SKI}`,
  '/settings',
  ...DRILL_PAGES,
];

/** The same, and again where a screen shows other things. */
export const EVERY_SCREEN: readonly string[] = [
  ...EACH_SCREEN,
  `${SLALOM}/pick`,
  `${SLALOM}/test`,
  `${SLALOM}/log`,
  `${SLALOM}/season`,
  `${SLALOM}/wall`,
  '/pair?no=wrong_code',
  '/quick?by=air&on=classic',
  '/nowhere',
];
