import { DEMO_SKIS } from '@/data/demo/skis';
import { DRILL_PAGES } from './drill-pages';

const SLALOM = '/outing/demo-slalom';
const RELAY = '/outing/demo-relay';

/** The address of every screen, where it has different things to show of each. */
export const EVERY_SCREEN = [
  `${RELAY}/snow`,
  `${RELAY}/pick`,
  `${SLALOM}/pick`,
  `${RELAY}/grip`,
  `${RELAY}/skis`,
  `${RELAY}/skis/${DEMO_SKIS[0]!.id}`,
  `${RELAY}/bench`,
  `${SLALOM}/bench?ski=${DEMO_SKIS[0]!.id}`,
  `${RELAY}/test`,
  `${SLALOM}/test`,
  `${RELAY}/pairs`,
  `${RELAY}/plan`,
  `${SLALOM}/log`,
  `${RELAY}/learning`,
  `${SLALOM}/season`,
  `${SLALOM}/wall`,
  `${RELAY}/venue`,
  `${RELAY}/shelf`,
  `${RELAY}/iron`,
  `${RELAY}/labels`,
  `${RELAY}/settings`,
  '/outing/new',
  '/devices',
  '/settings',
  '/practice',
  ...DRILL_PAGES,
  '/pair?no=wrong_code',
  '/quick',
  '/quick?by=air&on=classic',
  '/nowhere',
];
