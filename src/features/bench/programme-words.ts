import type { Programme } from '@/core/bench';

export const PROGRAMME_WORDS: Record<Programme, string> = {
  edges: 'Edges',
  clean_liquid: 'Clean with liquid',
  clean_hot_scrape: 'Clean by hot scraping',
  new_base: 'New or fresh grind',
  hot_wax: 'Hot wax',
  powder: 'Powder',
  liquid: 'Liquid wax',
  liquid_ironed: 'Liquid wax, ironed in',
  hardening: 'Harden the edges',
  structure: 'Press structure',
  top_roller: 'Top layer by roller',
  top_sponge: 'Top layer by sponge',
  grip: 'Grip stick',
  klister: 'Klister',
  pattern: 'Patterned base',
  skin: 'Skin',
  storage: 'Storage wax',
  snowboard: 'Snowboard',
};
