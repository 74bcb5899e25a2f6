import { GRIP_KIND, HAS_EDGES, readLookOver, type Finding, type Ski } from '../ski';
import type { GripPlan, PlannedLayer, Programme, SheetRequest } from './types';

export interface SuggestedProgramme {
  key: Programme;
  reason: string;
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

const LASTING_FROM_KM = 20;

/** The glide wax of the day by the form it comes in. */
function glideProgramme(ground: SuggestionGround): SuggestedProgramme | undefined {
  const glide = ground.layers.find((one) => one.place === 'glide')?.product;
  if (!glide) return undefined;
  if (glide.form === 'powder') return { key: 'powder', reason: `${glide.name} is a powder.` };
  if (glide.form === 'liquid' || glide.form === 'paste') {
    const isLong = ground.distanceKm >= LASTING_FROM_KM && glide.form === 'liquid';
    return isLong && ground.hasIron && ground.isVentilated
      ? { key: 'liquid_ironed', reason: `${ground.distanceKm} km: ironed in it lasts longer.` }
      : { key: 'liquid', reason: `${glide.name} goes on cold.` };
  }
  return { key: 'hot_wax', reason: `${glide.name} goes in with the iron.` };
}

/** Which programmes this ski wants for this choice, each with its reason; a person may add or leave out. */
export function suggestProgrammes(ground: SuggestionGround): SuggestedProgramme[] {
  const { ski, findings, layers, structure, grip } = ground;
  const has = (kind: Finding['kind']) => findings.some((one) => one.kind === kind);
  const list: (SuggestedProgramme | undefined | false)[] = [];
  if (ground.isSeasonOver) {
    return [
      ...(has('dirt')
        ? [{ key: 'clean_hot_scrape' as const, reason: 'Dirt under storage wax stays.' }]
        : []),
      { key: 'storage', reason: 'The season is over.' },
    ];
  }
  const look = readLookOver(findings, ski);
  list.push(
    HAS_EDGES[ski.type] &&
      look.items.some((one) => one.group === 'edges') && {
        key: 'edges',
        reason: 'The look-over found burr or rust: edges before wax.',
      },
    ski.type === 'snowboard' && { key: 'snowboard', reason: 'A board: screws, and wide halves.' },
    ground.isFreshGrind && { key: 'new_base', reason: 'Fresh from the stone.' },
    !ground.isFreshGrind &&
      has('dirt') &&
      (ground.hasIron && ground.isVentilated
        ? {
            key: 'clean_hot_scrape' as const,
            reason: 'Dirt was found: lift it with warm soft wax.',
          }
        : { key: 'clean_liquid' as const, reason: 'Dirt was found, and no iron is to be had.' }),
    layers.some((one) => one.place === 'edges') && {
      key: 'hardening',
      reason: 'The choice asks for a hardener along the edges.',
    },
    glideProgramme(ground),
    (structure?.rillPasses ?? 0) > 0 && {
      key: 'structure',
      reason: 'The snow asks for a pressed structure.',
    },
  );
  const top = layers.find((one) => one.place === 'top')?.product;
  if (top) {
    list.push(
      top.form === 'roller_block'
        ? { key: 'top_roller', reason: 'A race: a thin top layer by roller.' }
        : { key: 'top_sponge', reason: 'A race: a thin top layer by sponge.' },
    );
  }
  const kind = GRIP_KIND[ski.type];
  if (kind === 'wax' && grip) {
    list.push(
      grip.kind === 'stick'
        ? { key: 'grip', reason: 'Classic: grip in the zone, last.' }
        : { key: 'klister', reason: 'Classic on wet or icy snow: klister in the zone, last.' },
    );
  }
  if (kind === 'pattern')
    list.push({ key: 'pattern', reason: 'A patterned base ices if it is dry.' });
  if (kind === 'skin') list.push({ key: 'skin', reason: 'A skin has its own care.' });
  return list.filter((one): one is SuggestedProgramme => Boolean(one));
}
