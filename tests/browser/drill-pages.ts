/** A situation of each drill, by address. */
export const DRILL_PAGES = [
  '/practice/iron?topic=middle&seed=2',
  '/practice/snow?topic=refrozen&seed=2',
  '/practice/pick?topic=machine_made&seed=2',
  '/practice/order?topic=liquid&seed=2',
  '/practice/see?topic=burn&seed=2',
  '/practice/test?topic=close&seed=2',
];
