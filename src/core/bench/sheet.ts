import { GRIP_KIND, HAS_EDGES, isPair, readLookOver } from '../ski';
import {
  grinderStep,
  releaseStep,
  repairSteps,
  screwStep,
  secureStep,
  sharpenStep,
} from './base-work';
import { openStructure } from './brushing';
import { edgeSteps } from './edge-work';
import { clean, isFree, needs, storage, wax, type Work } from './glide-work';
import { HEAT, WAXED } from './programmes';
import { refusals, wrongTool } from './refusals';
import { topCoat } from './top-work';
import type { JobSheet, Programme, SheetRequest, Step } from './types';
import {
  checkStep,
  gripOffSteps,
  klisterSteps,
  patternSteps,
  rillSteps,
  skinCover,
  skinSteps,
  stickSteps,
  zoneReady,
} from './zone-work';

/** What stands before clean and wax: repair, edges, old grip wax. A ski for the shop gets no burning filler. */
function before({ request, has, steps }: Work): void {
  const isForShop = request.findings.some(
    ({ kind }) => kind === 'delamination' || kind === 'unflat',
  );
  if (has('snowboard')) steps.push(screwStep(request, true));
  if (!isForShop) steps.push(...repairSteps(request));
  steps.push(...edgeSteps(request, has('edges')));
  if (request.grip && (has('grip') || has('klister')))
    steps.push(...zoneReady(request, request.grip));
  if (has('storage') && GRIP_KIND[request.ski.type] === 'wax') steps.push(...gripOffSteps(request));
}

/** A top layer by the tool that was asked for. */
function top(work: Work): void {
  const { request, has, steps } = work;
  const isByRoller = has('top_roller');
  if (!isByRoller && !has('top_sponge')) return;
  const product = request.layers.find((one) => one.place === 'top')?.product;
  if (needs(work, product, 'top_layer') && isFree(work, wrongTool(product, isByRoller))) {
    steps.push(...topCoat(request, { key: 'top', product, isByRoller }));
  }
}

/** What stands after the wax is out: structure, top layer, grip. */
function last(work: Work): void {
  const { request, has, steps } = work;
  if (has('structure')) steps.push(...rillSteps(request));
  top(work);
  const { grip } = request;
  if ((has('grip') || has('klister')) && needs(work, grip, 'grip_wax')) {
    steps.push(...(has('klister') ? klisterSteps(request, grip) : stickSteps(request, grip)));
  }
  const liquid = request.layers.find((one) => one.product.form === 'liquid' && one.place !== 'top');
  if (has('pattern')) steps.push(...patternSteps(request, liquid?.product));
}

const SCRAPED: readonly Step['kind'][] = ['scrape', 'scrape_warm', 'remove_grip'];
const ON_A_SKIN: readonly Step['kind'][] = ['wax_on', 'liquid_on', 'clean_liquid', 'top_on'];

/** The steps put around the work: a sharp scraper, a covered skin, a clamp that is open before heat. */
function framed(request: SheetRequest, work: readonly Step[]): Step[] {
  const { ski } = request;
  const has = (kinds: readonly Step['kind'][]) => work.some(({ kind }) => kinds.includes(kind));
  const isCovered = GRIP_KIND[ski.type] === 'skin' && has(ON_A_SKIN);
  const isClamped = HAS_EDGES[ski.type] && isPair(ski);
  const firstHot = has(['iron']) && isClamped ? work.findIndex((one) => one.kind === 'wax_on') : -1;
  return [
    secureStep(request),
    ...(has(SCRAPED) ? [sharpenStep(request)] : []),
    ...(isCovered ? [skinCover(request, true)] : []),
    ...work.flatMap((step, i) => (i === firstHot ? [releaseStep(request), step] : [step])),
    ...(isCovered ? [skinCover(request, false)] : []),
  ];
}

/** The steps of the programmes that stand, in a legal order. */
function stepsFor(work: Work): Step[] {
  const { request, has, steps } = work;
  const isWaxed = WAXED.some(has);
  before(work);
  clean(work);
  if (isWaxed && !has('new_base') && !has('storage')) steps.push(openStructure(request));
  wax(work);
  if (has('storage')) storage(work);
  last(work);
  const all = framed(request, steps);
  if (has('skin') && needs(work, request.skinCare, 'skin_care')) {
    all.push(...skinSteps(request, request.skinCare));
  }
  if (has('snowboard')) all.push(screwStep(request, false));
  if (!has('storage')) all.push(checkStep(request));
  return all;
}

/**
 * The job sheet for a ski: its programmes composed in a legal order without repeats — repair, edges, clean, soft,
 * hardener, underlayer, wax of the day, structure, top layer, grip. What the shelf has not or the ski cannot take is left
 * out with a note; a base that is not flat goes to the grinder instead. Pure; a finding off the ski: DomainError.
 */
export function buildSheet(request: SheetRequest): JobSheet {
  const no = refusals(request);
  const programmes = [...new Set(request.programmes)].filter((key) => !no.has(key));
  const has = (key: Programme) => programmes.includes(key);
  const work: Work = { request, has, steps: [], notes: [] };
  for (const key of new Set(request.programmes)) {
    const why = no.get(key);
    if (why && !work.notes.some((note) => note.code === why.code)) work.notes.push(why);
  }
  work.notes.push(...readLookOver(request.findings, request.ski).shop);
  const isForGrinder =
    request.findings.some((one) => one.kind === 'unflat') && programmes.length === 0;
  if (request.structure?.note && !isForGrinder) work.notes.push(request.structure.note);
  if (!request.room.isVentilated && programmes.some((key) => HEAT.includes(key))) {
    work.notes.push({ code: 'no_ventilation', gravity: 'danger' });
  }
  const steps = isForGrinder ? [grinderStep(request)] : stepsFor(work);
  const sum = (value: (step: Step) => number) =>
    Math.round(steps.reduce((total, step) => total + value(step), 0));
  return {
    title: request.ski.name,
    pieces: isPair(request.ski) ? 2 : 1,
    programmes,
    steps,
    notes: work.notes,
    activeMin: sum((step) => step.activeMin),
    waitMin: sum((step) => step.waitMin ?? 0),
  };
}
