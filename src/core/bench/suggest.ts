import { GRIP_KIND, HAS_EDGES, readLookOver, type Finding, type Ski } from '../ski';
import { hasToLast } from '../wax';
import { isFilm } from './forms';
import type { GripPlan, PlannedLayer, Programme, SheetRequest } from './types';
import type { ProgrammeReason } from './work';

export interface SuggestedProgramme {
  key: Programme;
  reason: ProgrammeReason;
}

/** What a sheet is suggested from. */
export interface SuggestionGround {
  ski: Ski;
  findings: readonly Finding[];
  layers: readonly PlannedLayer[];
  structure?: SheetRequest['structure'];
  grip?: GripPlan;
  isVentilated: boolean;
  hasIron: boolean;
  /** A stone has cut it since it was last waxed. */
  isFreshGrind: boolean;
  isSeasonOver: boolean;
  distanceKm: number;
}

type Wish = ProgrammeReason | undefined | false;

/** The wax of the day by the form it comes in; an underlayer of the choice is ironed in before a liquid. */
function ofTheDay(ground: SuggestionGround): Partial<Record<Programme, Wish>> {
  const at = (place: PlannedLayer['place']) =>
    ground.layers.find((one) => one.place === place)?.product;
  const glide = at('glide');
  if (!glide) return {};
  const { distanceKm } = ground;
  const isHot = mayHeat(ground);
  const product = glide.name;
  if (isFilm(glide)) {
    const under = isHot && at('under');
    const isLong = hasToLast(distanceKm) && glide.form === 'liquid';
    if (under) {
      return {
        hot_wax: { code: 'under_first', product: under.name },
        liquid: { code: 'cold_liquid', product },
      };
    }
    return isLong && isHot
      ? { liquid_ironed: { code: 'long_way_for_liquid', distanceKm } }
      : { liquid: { code: 'cold_liquid', product } };
  }
  if (!isHot) return { liquid: { code: 'rubbed_without_iron', product } };
  return glide.form === 'powder'
    ? { powder: { code: 'powder_wax', product } }
    : { hot_wax: { code: 'iron_wax', product } };
}

const has = ({ findings }: SuggestionGround, kind: Finding['kind']) =>
  findings.some((one) => one.kind === kind);
const topOf = ({ layers }: SuggestionGround) => layers.find((one) => one.place === 'top')?.product;
const gripOf = ({ ski, grip }: SuggestionGround) =>
  GRIP_KIND[ski.type] === 'wax' ? grip?.kind : undefined;
const mayHeat = ({ hasIron, isVentilated }: SuggestionGround) => hasIron && isVentilated;
const isDirty = (ground: SuggestionGround) => !ground.isFreshGrind && has(ground, 'dirt');

/** When a programme is wanted, and why, in the order in which they are told. */
const WISHES: Record<Programme, (ground: SuggestionGround) => Wish> = {
  edges: ({ findings, ski }) =>
    HAS_EDGES[ski.type] &&
    readLookOver(findings, ski).items.some((one) => one.kind === 'burr') && { code: 'edges_found' },
  snowboard: ({ ski }) => ski.type === 'snowboard' && { code: 'board' },
  new_base: ({ isFreshGrind }) => isFreshGrind && { code: 'fresh_grind' },
  clean_hot_scrape: (ground) => isDirty(ground) && mayHeat(ground) && { code: 'dirt_found' },
  clean_liquid: (ground) => isDirty(ground) && !mayHeat(ground) && { code: 'dirt_found_no_iron' },
  hardening: ({ layers }) =>
    layers.some((one) => one.place === 'edges') && { code: 'hardener_in_choice' },
  hot_wax: (ground) => ofTheDay(ground).hot_wax,
  powder: (ground) => ofTheDay(ground).powder,
  liquid: (ground) => ofTheDay(ground).liquid,
  liquid_ironed: (ground) => ofTheDay(ground).liquid_ironed,
  structure: ({ structure }) => (structure?.rillPasses ?? 0) > 0 && { code: 'structure_in_choice' },
  top_roller: (ground) => topOf(ground)?.form === 'roller_block' && { code: 'race_top_roller' },
  top_sponge: (ground) => {
    const top = topOf(ground);
    return top && top.form !== 'roller_block' && { code: 'race_top_sponge' };
  },
  grip: (ground) => gripOf(ground) === 'stick' && { code: 'classic_stick' },
  klister: (ground) => {
    const kind = gripOf(ground);
    return kind !== undefined && kind !== 'stick' && { code: 'classic_klister' };
  },
  pattern: ({ ski }) => GRIP_KIND[ski.type] === 'pattern' && { code: 'pattern_ices' },
  skin: ({ ski }) => GRIP_KIND[ski.type] === 'skin' && { code: 'skin_care' },
  // Only for who has done with the season, which leaves no place for anything else.
  storage: () => undefined,
  // A box takes hours: a person asks for it.
  hot_box: () => undefined,
};

/** Which programmes this ski wants for this choice, each with its reason; a person may add or leave out. */
export function suggestProgrammes(ground: SuggestionGround): SuggestedProgramme[] {
  // A base that is not flat wants the grinder, and nothing else.
  if (has(ground, 'unflat') && !ground.isSeasonOver) return [];
  if (ground.isSeasonOver) {
    const store: SuggestedProgramme[] = [{ key: 'storage', reason: { code: 'season_over' } }];
    return has(ground, 'dirt')
      ? [{ key: 'clean_hot_scrape', reason: { code: 'dirt_under_storage' } }, ...store]
      : store;
  }
  return (Object.keys(WISHES) as Programme[]).flatMap((key) => {
    const reason = WISHES[key](ground);
    return reason ? [{ key, reason }] : [];
  });
}
