import { dehairSteps, liquidClean, newBaseSteps } from './base-work';
import { minutesFor } from './amounts';
import { hotScrapeCoat, ironedCoat } from './coats';
import { BENCH } from './figures';
import { isFilm, isHighMelt, isIroned } from './forms';
import { highMeltCoat } from './high-melt';
import { boxRun, hotBoxSteps } from './hot-box';
import { liquidCoats } from './liquid-work';
import { IRONED_OF_THE_DAY, LIQUID, OF_THE_DAY, WORKED_IN } from './programmes';
import { tooHardForBox, tooHotFor } from './refusals';
import { HAS_EDGES } from '../ski';
import type { BenchProduct, PlannedLayer, Programme, SheetRequest, Step } from './types';
import { coolStep } from './waits';
import type { SheetNote } from './work';

/** Collects steps in order, and why something could not be on the sheet. */
export interface Work {
  request: SheetRequest;
  has: (key: Programme) => boolean;
  steps: Step[];
  notes: SheetNote[];
}

type Wanted = Extract<SheetNote, { code: 'not_on_shelf' }>['what'];

/** Whether the shelf has a thing; a note where it has not. */
export function needs<T>(work: Work, thing: T | undefined, what: Wanted): thing is T {
  if (thing !== undefined) return true;
  work.notes.push({ code: 'not_on_shelf', gravity: 'caution', what });
  return false;
}

/** Whether nothing speaks against it; the note where something does. */
export function isFree(work: Work, against: SheetNote | undefined): boolean {
  if (against) work.notes.push(against);
  return against === undefined;
}

const layerAt = ({ request }: Work, place: PlannedLayer['place']) =>
  request.layers.find((one) => one.place === place);

/** Coats of an ironed wax, one after the other; the last one is brushed out unless more wax follows. */
function coatsOf(work: Work, { key, product, coats, isUnder = false }: CoatsAsked): Step[] {
  const { request } = work;
  if (isHighMelt(product)) {
    return isFree(work, tooHotFor(request, product))
      ? highMeltCoat(request, { key, product, isStrip: false })
      : [];
  }
  return Array.from({ length: coats }, (_, i) =>
    ironedCoat(request, {
      key: coats === 1 ? key : `${key}-${i + 1}`,
      product,
      isLast: !isUnder && i === coats - 1,
    }),
  ).flat();
}

interface CoatsAsked {
  key: string;
  product: BenchProduct;
  coats: number;
  isUnder?: boolean;
}

/** Old wax and dirt off, hairs cut: by liquid, by warm soft wax, or by brush and pad. */
export function clean(work: Work): void {
  const { request, has, steps } = work;
  if (has('clean_liquid') && needs(work, request.cleaner, 'cleaner')) {
    steps.push(...liquidClean(request, request.cleaner));
  }
  steps.push(...(has('new_base') ? newBaseSteps(request) : dehairSteps(request)));
  // One warm clean: a new base is hot-scraped by its own soft coat.
  if (has('clean_hot_scrape') && !has('new_base') && needs(work, request.softWax, 'soft_wax')) {
    steps.push(
      ...hotScrapeCoat(request, { key: 'clean.hot', product: request.softWax, purpose: 'clean' }),
      coolStep(request, 'clean.cool'),
    );
  }
}

/** Soft wax first: hot-scraped into a new or dry base, or soaked in by the box. */
function feed(work: Work): void {
  const { request, has, steps } = work;
  const soft = layerAt(work, 'conditioning')?.product ?? request.softWax;
  const isDry = layerAt(work, 'conditioning') !== undefined;
  const isIronUsed = WORKED_IN.some(has);
  if (has('new_base') ? needs(work, soft, 'soft_wax') : isDry && isIronUsed && soft) {
    const key = has('new_base') ? 'new-base.soft' : 'condition';
    steps.push(...hotScrapeCoat(request, { key, product: soft!, purpose: 'condition' }));
  }
  if (has('hot_box') && needs(work, soft, 'soft_wax') && isFree(work, tooHardForBox(soft))) {
    steps.push(...hotBoxSteps(request, soft, boxRun(soft)!));
  }
}

/** The harder coats of a new base, less those of the day; the box stands for them. */
function hardCoats(work: Work): void {
  const { has, steps } = work;
  const glide = layerAt(work, 'glide');
  const product = layerAt(work, 'under')?.product ?? glide?.product;
  if (!has('new_base') || has('hot_box') || !product || !isIroned(product)) return;
  const ofTheDay = has('hot_wax') ? (glide?.coats ?? 1) : 0;
  const coats = Math.max(1, BENCH.newBaseHardCoats - ofTheDay);
  steps.push(...coatsOf(work, { key: 'new-base.hard', product, coats }));
}

/** What lies beneath the wax of the day: the underlayer of the choice, or a soft wax where a liquid follows the iron. */
function under(work: Work): void {
  const { request, has, steps, notes } = work;
  const planned = layerAt(work, 'under')?.product;
  const isIronUsed = IRONED_OF_THE_DAY.some(has);
  if (!isIronUsed) {
    if (planned && OF_THE_DAY.some(has) && !has('new_base')) {
      notes.push({ code: 'under_left_out', gravity: 'note', product: planned.name });
    }
    return;
  }
  if (has('new_base')) return;
  const glide = layerAt(work, 'glide')?.product;
  const isFilmOver = has('hot_wax') && glide && isFilm(glide) && LIQUID.some(has);
  const product = planned ?? (isFilmOver ? request.softWax : undefined);
  if (product && isIroned(product)) {
    steps.push(...coatsOf(work, { key: 'under', product, coats: 1, isUnder: !isFilmOver }));
  }
}

/** The wax of the day as its form asks. */
function ofTheDay(work: Work): void {
  const { request, has, steps, notes } = work;
  if (!OF_THE_DAY.some(has)) return;
  const glide = layerAt(work, 'glide');
  if (!needs(work, glide, 'wax_of_the_day')) return;
  const { product, coats } = glide;
  if (LIQUID.some(has)) {
    const isThroughSheet = has('liquid_ironed');
    if (isThroughSheet && !isFilm(product)) {
      notes.push({ code: 'not_a_liquid', gravity: 'caution', product: product.name });
    } else {
      steps.push(
        ...liquidCoats(request, { key: 'glide', product, coats, isIroned: isThroughSheet }),
      );
    }
  } else if (isIroned(product)) {
    steps.push(...coatsOf(work, { key: 'glide', product, coats }));
  } else notes.push({ code: 'not_under_iron', gravity: 'caution', product: product.name });
}

/** Soft wax, hardener, underlayer and the wax of the day, each as its form asks. */
export function wax(work: Work): void {
  const { request, has, steps } = work;
  feed(work);
  hardCoats(work);
  const hardener = layerAt(work, 'edges')?.product;
  if (has('hardening') && needs(work, hardener, 'hardener')) {
    if (isFree(work, tooHotFor(request, hardener))) {
      steps.push(...highMeltCoat(request, { key: 'harden', product: hardener, isStrip: true }));
    }
  }
  under(work);
  ofTheDay(work);
}

/** A thick coat of soft wax that stays on over the summer. */
export function storage(work: Work): void {
  const { request, steps } = work;
  if (!needs(work, request.softWax, 'storage_wax')) return;
  const coat = ironedCoat(request, { key: 'store', product: request.softWax }).slice(0, 2);
  steps.push(...coat, {
    key: 'store.leave',
    kind: 'store',
    work: { code: 'leave_on', hasEdges: HAS_EDGES[request.ski.type] },
    figures: {},
    activeMin: minutesFor(request, 'store'),
  });
}
