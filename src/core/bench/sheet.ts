import type { Gravity } from '../finding';
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
import { minutesFor } from './amounts';
import { hardenerCoat, hotScrapeCoat, ironedCoat, liquidCoat, topCoat } from './coats';
import type { BenchProduct, JobSheet, PlannedLayer, Programme, SheetRequest, Step } from './types';
import { coolStep } from './waits';
import type { SheetNote } from './work';
import {
  checkStep,
  klisterSteps,
  patternSteps,
  rillSteps,
  skinSteps,
  stickSteps,
  zoneReady,
} from './zone-work';
import { BENCH } from './figures';

const HEAT: readonly Programme[] = [
  'clean_hot_scrape',
  'new_base',
  'hot_wax',
  'powder',
  'liquid_ironed',
  'hardening',
  'storage',
];

type RefusalCode =
  | 'no_heat_on_delamination'
  | 'no_grip_zone'
  | 'no_pattern'
  | 'no_skin'
  | 'no_board'
  | 'klister_takes_zone'
  | 'storage_takes_all'
  | 'ironed_liquid_is_enough'
  | 'one_wax_of_the_day'
  | 'wax_is_ironed_already';

/** Collects steps in order, and why something could not be on the sheet. */
interface Work {
  steps: Step[];
  notes: SheetNote[];
}

const isIroned = (product: BenchProduct) =>
  product.applications.includes('iron') && (product.form === 'block' || product.form === 'powder');

type Wanted = Extract<SheetNote, { code: 'not_on_shelf' }>['what'];

function needs<T>(work: Work, thing: T | undefined, what: Wanted): thing is T {
  if (thing !== undefined) return true;
  work.notes.push({ code: 'not_on_shelf', gravity: 'caution', what });
  return false;
}

/** Coats of a layer, one after the other. */
function coatsOf(
  request: SheetRequest,
  { layer, key, isUnder = false }: { layer: PlannedLayer; key: string; isUnder?: boolean },
): Step[] {
  return Array.from({ length: layer.coats }, (_, i) => {
    const isLast = !isUnder && i === layer.coats - 1;
    const own = layer.coats === 1 ? key : `${key}-${i + 1}`;
    return ironedCoat(request, { key: own, product: layer.product, isLast });
  }).flat();
}

function clean(request: SheetRequest, has: (key: Programme) => boolean, work: Work): void {
  if (has('clean_liquid') && needs(work, request.cleaner, 'cleaner')) {
    work.steps.push(...liquidClean(request, request.cleaner));
  }
  work.steps.push(...(has('new_base') ? newBaseSteps(request) : dehairSteps(request)));
  // One warm clean: a new base is hot-scraped by its own soft coat.
  if (has('clean_hot_scrape') && !has('new_base') && needs(work, request.softWax, 'soft_wax')) {
    work.steps.push(
      ...hotScrapeCoat(request, { key: 'clean.hot', product: request.softWax, purpose: 'clean' }),
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
  if (has('new_base') && needs(work, soft, 'soft_wax')) {
    work.steps.push(
      ...hotScrapeCoat(request, { key: 'new-base.soft', product: soft, purpose: 'condition' }),
    );
    const hard = at('under')?.product ?? glide?.product;
    if (hard && isIroned(hard)) {
      const coats = Math.max(
        1,
        BENCH.newBaseHardCoats - (has('hot_wax') ? (glide?.coats ?? 1) : 0),
      );
      work.steps.push(
        ...coatsOf(request, {
          layer: { place: 'under', product: hard, coats },
          key: 'new-base.hard',
        }),
      );
    }
  } else if (at('conditioning') && isHot && !has('storage')) {
    work.steps.push(
      ...hotScrapeCoat(request, {
        key: 'condition',
        product: at('conditioning')!.product,
        purpose: 'condition',
      }),
    );
  }
  if (has('hardening') && needs(work, at('edges')?.product, 'hardener')) {
    work.steps.push(...hardenerCoat(request, 'harden', at('edges')!.product));
  }
  const under = at('under');
  if (under && isHot && !has('storage') && !has('new_base')) {
    work.steps.push(...coatsOf(request, { layer: under, key: 'under', isUnder: true }));
  }
  const isCold = has('liquid') || has('liquid_ironed');
  if ((has('hot_wax') || has('powder') || isCold) && needs(work, glide, 'wax_of_the_day')) {
    if (isCold) {
      work.steps.push(
        ...liquidCoat(request, {
          key: 'glide',
          product: glide.product,
          isIroned: has('liquid_ironed'),
        }),
      );
    } else if (isIroned(glide.product)) {
      work.steps.push(...coatsOf(request, { layer: glide, key: 'glide' }));
    } else {
      work.notes.push({ code: 'not_under_iron', gravity: 'caution', product: glide.product.name });
    }
  }
}

function storage(request: SheetRequest, work: Work): void {
  if (!needs(work, request.softWax, 'storage_wax')) return;
  const coat = ironedCoat(request, { key: 'store', product: request.softWax }).slice(0, 2);
  work.steps.push(...coat, {
    key: 'store.leave',
    kind: 'store',
    work: { code: 'leave_on' },
    figures: {},
    activeMin: minutesFor(request, 'store'),
  });
}

function last(request: SheetRequest, has: (key: Programme) => boolean, work: Work): void {
  const { steps } = work;
  if (has('structure')) steps.push(...rillSteps(request));
  const top = request.layers.find((one) => one.place === 'top')?.product;
  if ((has('top_roller') || has('top_sponge')) && needs(work, top, 'top_layer')) {
    steps.push(...topCoat(request, 'top', top));
  }
  const { grip } = request;
  if ((has('grip') || has('klister')) && needs(work, grip, 'grip_wax')) {
    steps.push(...(has('klister') ? klisterSteps(request, grip) : stickSteps(request, grip)));
  }
  const liquid = request.layers.find((one) => one.product.form === 'liquid' && one.place !== 'top');
  if (has('pattern')) steps.push(...patternSteps(request, liquid?.product));
  if (has('skin') && needs(work, request.skinCare, 'skin_care')) {
    steps.push(...skinSteps(request, request.skinCare));
  }
}

/** Programmes that this ski cannot take or that another one makes needless, each with why. */
function refused(request: SheetRequest): Map<Programme, SheetNote> {
  const kind = GRIP_KIND[request.ski.type];
  const no = new Map<Programme, SheetNote>();
  const asked = (key: Programme) => request.programmes.includes(key);
  const refuse = (keys: readonly Programme[], code: RefusalCode, gravity: Gravity = 'note') => {
    for (const key of keys) no.set(key, { code, gravity });
  };
  if (kind !== 'wax' && (asked('grip') || asked('klister'))) {
    refuse(['grip', 'klister'], 'no_grip_zone');
  }
  if (kind !== 'pattern') refuse(['pattern'], 'no_pattern');
  if (kind !== 'skin') refuse(['skin'], 'no_skin');
  if (request.ski.type !== 'snowboard') refuse(['snowboard'], 'no_board');
  if (request.findings.some((one) => one.kind === 'delamination')) {
    refuse(HEAT, 'no_heat_on_delamination', 'danger');
  }
  if (asked('grip') && asked('klister')) refuse(['grip'], 'klister_takes_zone');
  if (asked('storage')) {
    refuse(['hot_wax', 'powder', 'liquid', 'liquid_ironed'], 'storage_takes_all');
  }
  if (asked('liquid') && asked('liquid_ironed')) refuse(['liquid'], 'ironed_liquid_is_enough');
  if (asked('hot_wax') && asked('powder')) refuse(['powder'], 'one_wax_of_the_day');
  if (asked('hot_wax') || asked('powder')) {
    refuse(['liquid', 'liquid_ironed'], 'wax_is_ironed_already');
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
    if (why && !work.notes.some((note) => note.code === why.code)) work.notes.push(why);
  }
  work.notes.push(...readLookOver(request.findings, request.ski).shop);
  if (request.structure?.note) work.notes.push(request.structure.note);
  if (!request.room.isVentilated && programmes.some((key) => HEAT.includes(key))) {
    work.notes.push({ code: 'no_ventilation', gravity: 'danger' });
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
