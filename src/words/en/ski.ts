import type { CareSign, ShopReason } from '../../core/ski';
import type { FindingKind } from '../../core/terms';
import type { WordsFor } from '../say';

/** Signs that a ski needs wax or a stone grind. */
export const CARE: WordsFor<CareSign> = {
  season_over: 'The season is over. Put storage wax on and do not scrape it.',
  reserve_low: ({ reserve, dueBelow }, write) =>
    `Wax reserve ${write.percent(reserve)}. Below ${write.percent(dueBelow)} the base dries out.`,
  far_since_wax: ({ km, everyKm }, write) =>
    `${write.distance(Math.round(km))} since the last wax. Wax about every ${write.distance(everyKm)}.`,
  week_of_piste: 'More than a week of skiing since the last wax. Wax once a week.',
  long_since_wax: ({ weeks }) => `${weeks} weeks since the last wax.`,
  looks_dry: 'The base looks dry somewhere. Wax it now.',
  far_since_grind: ({ km }, write) =>
    `${write.distance(Math.round(km))} since the last stone grind. Heat and wear flatten the structure.`,
};

/** Why a ski must go to a shop, or its marks need a second look. */
export const SHOP: WordsFor<ShopReason> = {
  delaminated: 'The ski is delaminated. Take it to a shop with a press. No hot iron near it.',
  not_flat: 'The base is not flat. Have it ground before you work on edges or base.',
  burnt_all_over: 'The base is burnt in many places and takes no wax. Have it ground.',
  many_gouges: 'There are many gouges. A base weld and a grind work better than filler.',
  no_steel_edge: 'This type of ski has no steel edge. Check what was marked as burr or rust.',
};

/** What each mark on a base means, and what to do about it. */
export const MARK: Record<FindingKind, { meaning: string; action: string }> = {
  delamination: {
    meaning: 'The layers are coming apart. Water gets in, and it grows with every run.',
    action: 'Dry the ski and keep it off snow. Gluing under a press is work for a shop.',
  },
  gouge: {
    meaning: 'The base is cut. A cut slows the ski, and near the edge it catches.',
    action: 'Clean it, drip in base filler, let it cool, scrape it flush.',
  },
  unflat: {
    meaning: 'The base is hollow or raised. Scraper and structure do not reach all of it.',
    action: 'A stone grind makes it flat.',
  },
  burr: {
    meaning: 'A hardened burr on the edge. A file slides over it.',
    action: 'Use a coarse diamond first, then the file.',
  },
  rust: {
    meaning: 'Rust on the edge. Fresh rust is only on the surface.',
    action: 'Use a rubber stone, then a fine diamond. Dry the skis after use.',
  },
  burn: {
    meaning: 'Pale dry streaks from the edge inwards. Hard snow has burnt the base.',
    action: 'Soft wax first, then hardener along the edges. If it takes no wax, it needs a grind.',
  },
  dirt: {
    meaning: 'Old wax and grime hold dirt. New wax would lie on top of it.',
    action: 'Hot-scrape until the shavings are clean, or clean with liquid and let it dry.',
  },
  hairs: {
    meaning: 'Fine hairs stand up from the base. They slow the ski in all snow.',
    action: 'Fine steel brush and abrasive pad, light strokes, tip to tail.',
  },
  dry: {
    meaning: 'Grey or white: there is no wax in the base there.',
    action: 'Iron in a soft conditioning wax at low heat, then the wax of the day.',
  },
};

/** What happened to a ski. */
export const EVENT = {
  hotWax: 'Hot wax',
  liquid: 'Liquid',
  topLayer: 'Top layer',
  hotBox: 'Hot box',
  storageWax: 'Storage wax',
  km: (km: string | number, snow: string) => `${km} km, ${snow}`,
  waxedInTheHotBox: (boxHours: number) => `Waxed in the hot box, ${boxHours} h`,
  waxed: (how: string, coats: string) => `Waxed, ${how}, ${coats}`,
  oneCoat: 'one coat',
  coats: (coats: number) => `${coats} coats`,
};
