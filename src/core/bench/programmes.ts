import { PROGRAMMES, type Programme } from './types';

/** What a programme does to a ski: all that the sheet must know of it to refuse, warn and order. */
interface Nature {
  /** The heat that it brings to the base. */
  heat: 'iron' | 'box' | 'none';
  /** The wax of the day, by its form; undefined: none. */
  ofTheDay?: 'block' | 'powder' | 'liquid';
}

const NATURE: Record<Programme, Nature> = {
  edges: { heat: 'none' },
  clean_liquid: { heat: 'none' },
  clean_hot_scrape: { heat: 'iron' },
  new_base: { heat: 'iron' },
  hot_wax: { heat: 'iron', ofTheDay: 'block' },
  powder: { heat: 'iron', ofTheDay: 'powder' },
  liquid: { heat: 'none', ofTheDay: 'liquid' },
  liquid_ironed: { heat: 'iron', ofTheDay: 'liquid' },
  hardening: { heat: 'iron' },
  structure: { heat: 'none' },
  top_roller: { heat: 'none' },
  top_sponge: { heat: 'none' },
  grip: { heat: 'none' },
  klister: { heat: 'none' },
  pattern: { heat: 'none' },
  skin: { heat: 'none' },
  storage: { heat: 'iron' },
  snowboard: { heat: 'none' },
  hot_box: { heat: 'box' },
};

const those = (wanted: (nature: Nature) => boolean): readonly Programme[] =>
  PROGRAMMES.filter((key) => wanted(NATURE[key]));

/** Programmes with an iron or a warm box. */
export const HEAT = those(({ heat }) => heat !== 'none');
/** Programmes that put the wax of the day on. */
export const OF_THE_DAY = those(({ ofTheDay }) => ofTheDay !== undefined);
/** Those of them that use the iron. */
export const IRONED_OF_THE_DAY = those((one) => one.ofTheDay !== undefined && one.heat === 'iron');
/** Programmes that work a wax in warm: those, and the box. */
export const WORKED_IN = [...IRONED_OF_THE_DAY, ...those(({ heat }) => heat === 'box')];
/** Programmes of the day whose wax is a liquid. */
export const LIQUID = those(({ ofTheDay }) => ofTheDay === 'liquid');
/** Programmes after which a base is waxed. */
export const WAXED = [...new Set([...HEAT, ...OF_THE_DAY])];
