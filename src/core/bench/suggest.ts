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

/** The wax of the day by the form it comes in; an underlayer of the choice is ironed in before a liquid. */
function glideProgrammes(ground: SuggestionGround): SuggestedProgramme[] {
  const at = (place: PlannedLayer['place']) =>
    ground.layers.find((one) => one.place === place)?.product;
  const glide = at('glide');
  if (!glide) return [];
  const mayHeat = ground.hasIron && ground.isVentilated;
  const product = glide.name;
  if (isFilm(glide)) {
    const under = at('under');
    if (mayHeat && under) {
      return [
        { key: 'hot_wax', reason: { code: 'under_first', product: under.name } },
        { key: 'liquid', reason: { code: 'cold_liquid', product } },
      ];
    }
    const { distanceKm } = ground;
    const isLong = hasToLast(distanceKm) && glide.form === 'liquid';
    return isLong && mayHeat
      ? [{ key: 'liquid_ironed', reason: { code: 'long_way_for_liquid', distanceKm } }]
      : [{ key: 'liquid', reason: { code: 'cold_liquid', product } }];
  }
  if (!mayHeat) return [{ key: 'liquid', reason: { code: 'rubbed_without_iron', product } }];
  return glide.form === 'powder'
    ? [{ key: 'powder', reason: { code: 'powder_wax', product } }]
    : [{ key: 'hot_wax', reason: { code: 'iron_wax', product } }];
}

/** Which programmes this ski wants for this choice, each with its reason; a person may add or leave out. */
export function suggestProgrammes(ground: SuggestionGround): SuggestedProgramme[] {
  const { ski, findings, layers, structure, grip } = ground;
  const has = (kind: Finding['kind']) => findings.some((one) => one.kind === kind);
  const list: (SuggestedProgramme | undefined | false)[] = [];
  // A base that is not flat wants the grinder, and nothing else.
  if (has('unflat') && !ground.isSeasonOver) return [];
  if (ground.isSeasonOver) {
    const store: SuggestedProgramme[] = [{ key: 'storage', reason: { code: 'season_over' } }];
    return has('dirt')
      ? [{ key: 'clean_hot_scrape', reason: { code: 'dirt_under_storage' } }, ...store]
      : store;
  }
  const look = readLookOver(findings, ski);
  list.push(
    HAS_EDGES[ski.type] &&
      look.items.some((one) => one.kind === 'burr') && {
        key: 'edges',
        reason: { code: 'edges_found' },
      },
    ski.type === 'snowboard' && { key: 'snowboard', reason: { code: 'board' } },
    ground.isFreshGrind && { key: 'new_base', reason: { code: 'fresh_grind' } },
    !ground.isFreshGrind &&
      has('dirt') &&
      (ground.hasIron && ground.isVentilated
        ? {
            key: 'clean_hot_scrape' as const,
            reason: { code: 'dirt_found' },
          }
        : { key: 'clean_liquid' as const, reason: { code: 'dirt_found_no_iron' } }),
    layers.some((one) => one.place === 'edges') && {
      key: 'hardening',
      reason: { code: 'hardener_in_choice' },
    },
    ...glideProgrammes(ground),
    (structure?.rillPasses ?? 0) > 0 && {
      key: 'structure',
      reason: { code: 'structure_in_choice' },
    },
  );
  const top = layers.find((one) => one.place === 'top')?.product;
  if (top) {
    list.push(
      top.form === 'roller_block'
        ? { key: 'top_roller', reason: { code: 'race_top_roller' } }
        : { key: 'top_sponge', reason: { code: 'race_top_sponge' } },
    );
  }
  const kind = GRIP_KIND[ski.type];
  if (kind === 'wax' && grip) {
    list.push(
      grip.kind === 'stick'
        ? { key: 'grip', reason: { code: 'classic_stick' } }
        : { key: 'klister', reason: { code: 'classic_klister' } },
    );
  }
  if (kind === 'pattern') list.push({ key: 'pattern', reason: { code: 'pattern_ices' } });
  if (kind === 'skin') list.push({ key: 'skin', reason: { code: 'skin_care' } });
  return list.filter((one): one is SuggestedProgramme => Boolean(one));
}
