import { GRIP_KIND, readLookOver } from '../ski';
import {
  dehairSteps,
  edgeSteps,
  liquidClean,
  newBaseSteps,
  repairSteps,
  screwStep,
  secureStep,
} from './base-work';
import { openStructure } from './brushing';
import { hardenerCoat, hotScrapeCoat, ironedCoat, liquidCoat, topCoat } from './coats';
import type { BenchProduct, JobSheet, PlannedLayer, Programme, SheetRequest, Step } from './types';
import { coolStep } from './waits';
import {
  checkStep,
  klisterSteps,
  patternSteps,
  rillSteps,
  skinSteps,
  stickSteps,
  zoneReady,
} from './zone-work';

/** Harder coats on a new base after the soft ones (practice). */
const NEW_BASE_COATS = 5;
const HEAT: readonly Programme[] = [
  'clean_hot_scrape',
  'new_base',
  'hot_wax',
  'powder',
  'liquid_ironed',
  'hardening',
  'storage',
];

/** Collects steps in order, and why something could not be on the sheet. */
interface Work {
  steps: Step[];
  notes: string[];
}

const isIroned = (product: BenchProduct) =>
  product.applications.includes('iron') && (product.form === 'block' || product.form === 'powder');

function needs<T>(work: Work, thing: T | undefined, what: string): thing is T {
  if (thing !== undefined) return true;
  work.notes.push(`${what}: not on the shelf, left out.`);
  return false;
}

/** Coats of a layer, one after the other. */
function coatsOf(request: SheetRequest, layer: PlannedLayer, key: string, isUnder = false): Step[] {
  return Array.from({ length: layer.coats }, (_, i) => {
    const isLast = !isUnder && i === layer.coats - 1;
    const own = layer.coats === 1 ? key : `${key}-${i + 1}`;
    return ironedCoat(request, own, layer.product, isLast);
  }).flat();
}

function clean(request: SheetRequest, has: (key: Programme) => boolean, work: Work): void {
  if (has('clean_liquid') && needs(work, request.cleaner, 'Cleaner')) {
    work.steps.push(...liquidClean(request, request.cleaner));
  }
  work.steps.push(...(has('new_base') ? newBaseSteps(request) : dehairSteps(request)));
  // One warm clean: a new base is hot-scraped by its own soft coat.
  if (has('clean_hot_scrape') && !has('new_base') && needs(work, request.softWax, 'Soft wax')) {
    work.steps.push(
      ...hotScrapeCoat(request, 'clean.hot', request.softWax, 'clean'),
      coolStep(request, 'clean.cool'),
    );
  }
}

/** Soft wax, hardener, underlayer and the wax of the day, each as its form asks. */
function wax(request: SheetRequest, has: (key: Programme) => boolean, work: Work): void {
  const at = (place: PlannedLayer['place']) => request.layers.find((one) => one.place === place);
  const isHot = HEAT.some((key) => key !== 'hardening' && has(key));
  const soft = at('conditioning')?.product ?? request.softWax;
  const glide = at('glide');
  if (has('new_base') && needs(work, soft, 'Soft wax')) {
    work.steps.push(...hotScrapeCoat(request, 'new-base.soft', soft, 'condition'));
    const hard = at('under')?.product ?? glide?.product;
    if (hard && isIroned(hard)) {
      const coats = Math.max(1, NEW_BASE_COATS - (has('hot_wax') ? (glide?.coats ?? 1) : 0));
      work.steps.push(
        ...coatsOf(request, { place: 'under', product: hard, coats }, 'new-base.hard'),
      );
    }
  } else if (at('conditioning') && isHot && !has('storage')) {
    work.steps.push(
      ...hotScrapeCoat(request, 'condition', at('conditioning')!.product, 'condition'),
    );
  }
  if (has('hardening') && needs(work, at('edges')?.product, 'Hardener')) {
    work.steps.push(...hardenerCoat(request, 'harden', at('edges')!.product));
  }
  const under = at('under');
  if (under && isHot && !has('storage') && !has('new_base')) {
    work.steps.push(...coatsOf(request, under, 'under', true));
  }
  const isCold = has('liquid') || has('liquid_ironed');
  if ((has('hot_wax') || has('powder') || isCold) && needs(work, glide, 'Wax of the day')) {
    if (isCold) {
      work.steps.push(...liquidCoat(request, 'glide', glide.product, has('liquid_ironed')));
    } else if (isIroned(glide.product)) {
      work.steps.push(...coatsOf(request, glide, 'glide'));
    } else work.notes.push(`${glide.product.name} does not go under the iron: use it cold.`);
  }
}

function storage(request: SheetRequest, work: Work): void {
  if (!needs(work, request.softWax, 'Soft wax for storage')) return;
  const coat = ironedCoat(request, 'store', request.softWax).slice(0, 2);
  work.steps.push(...coat, {
    key: 'store.leave',
    kind: 'store',
    title: 'Leave it on',
    tool: 'Dry dark place',
    what: 'Do not scrape; wax over the edges too. Loose straps, no weight on the camber.',
    figures: {},
    activeMin: 1,
    doneWhen: 'Base and edges are covered all over.',
    reason: 'A full, covered base neither dries nor rusts over the summer.',
  });
}

function last(request: SheetRequest, has: (key: Programme) => boolean, work: Work): void {
  const { steps } = work;
  if (has('structure')) steps.push(...rillSteps(request));
  const top = request.layers.find((one) => one.place === 'top')?.product;
  if ((has('top_roller') || has('top_sponge')) && needs(work, top, 'Top layer')) {
    steps.push(...topCoat(request, 'top', top));
  }
  const { grip } = request;
  if ((has('grip') || has('klister')) && needs(work, grip, 'Grip wax')) {
    steps.push(...(has('klister') ? klisterSteps(request, grip) : stickSteps(request, grip)));
  }
  const liquid = request.layers.find((one) => one.product.form === 'liquid' && one.place !== 'top');
  if (has('pattern')) steps.push(...patternSteps(request, liquid?.product));
  if (has('skin') && needs(work, request.skinCare, 'Skin care')) {
    steps.push(...skinSteps(request, request.skinCare));
  }
}

/** Programmes that this ski cannot take, each with why. */
function refused(request: SheetRequest): Map<Programme, string> {
  const kind = GRIP_KIND[request.ski.type];
  const no = new Map<Programme, string>();
  const asked = (key: Programme) => request.programmes.includes(key);
  const isWaxable = kind === 'wax';
  if (!isWaxable && (asked('grip') || asked('klister'))) {
    for (const key of ['grip', 'klister'] as const) {
      no.set(key, 'Grip wax: only on a classic ski that is waxed for grip.');
    }
  }
  if (kind !== 'pattern') no.set('pattern', 'Patterned base: this ski has none.');
  if (kind !== 'skin') no.set('skin', 'Skin: this ski has none.');
  if (request.ski.type !== 'snowboard') no.set('snowboard', 'Snowboard: this is a ski.');
  const isParted = request.findings.some((one) => one.kind === 'delamination');
  if (isParted) {
    for (const key of HEAT)
      no.set(key, 'Delamination was found: no heat on this ski, to the shop first.');
  }
  if (asked('grip') && asked('klister'))
    no.set('grip', 'Stick and klister: klister takes the zone.');
  if (asked('storage')) {
    for (const key of ['hot_wax', 'powder', 'liquid', 'liquid_ironed'] as const) {
      no.set(key, 'Storage wax: the wax of the day waits for the next season.');
    }
  }
  if (asked('liquid') && asked('liquid_ironed'))
    no.set('liquid', 'Liquid: ironed in, once is enough.');
  if (asked('hot_wax') && asked('powder'))
    no.set('powder', 'Powder and block: one wax of the day.');
  if (asked('hot_wax') || asked('powder')) {
    for (const key of ['liquid', 'liquid_ironed'] as const) {
      no.set(key, 'Liquid: the wax of the day goes in with the iron already.');
    }
  }
  return no;
}

/**
 * The job sheet for a ski: its programmes composed in a legal order without repeats — repair, edges, clean, soft,
 * hardener, underlayer, wax of the day, structure, top layer, grip. What the shelf has not or the ski cannot take is left
 * out with a note. Pure; a finding off the ski: DomainError.
 */
export function buildSheet(request: SheetRequest): JobSheet {
  const no = refused(request);
  const programmes = [...new Set(request.programmes)].filter((key) => !no.has(key));
  const has = (key: Programme) => programmes.includes(key);
  const work: Work = { steps: [secureStep(request)], notes: [] };
  for (const key of new Set(request.programmes)) {
    const why = no.get(key);
    if (why && !work.notes.includes(why)) work.notes.push(why);
  }
  work.notes.push(...readLookOver(request.findings, request.ski).shop);
  if (request.structure?.note) work.notes.push(request.structure.note);
  if (!request.room.isVentilated && programmes.some((key) => HEAT.includes(key))) {
    work.notes.push('No ventilation: iron with door and window open, or take a cold way.');
  }
  if (has('snowboard')) work.steps.push(screwStep(request, true));
  work.steps.push(...repairSteps(request));
  if (has('edges')) work.steps.push(...edgeSteps(request));
  if (request.grip && (has('grip') || has('klister'))) {
    work.steps.push(...zoneReady(request, request.grip));
  }
  const isWaxed = programmes.some((key) => HEAT.includes(key) || key === 'liquid');
  clean(request, has, work);
  if (isWaxed && !has('new_base') && !has('storage')) work.steps.push(openStructure(request));
  wax(request, has, work);
  if (has('storage')) storage(request, work);
  last(request, has, work);
  if (has('snowboard')) work.steps.push(screwStep(request, false));
  if (!has('storage')) work.steps.push(checkStep(request));
  const sum = (value: (step: Step) => number) =>
    Math.round(work.steps.reduce((total, step) => total + value(step), 0));
  return {
    title: request.ski.name,
    programmes,
    steps: work.steps,
    notes: work.notes,
    activeMin: sum((step) => step.activeMin),
    waitMin: sum((step) => step.waitMin ?? 0),
  };
}
