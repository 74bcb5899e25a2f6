import { WAIT_KINDS, type Step, type StepKind } from '../bench';

type OrderStep = Pick<Step, 'key' | 'kind'>;

/** What a wrong order does, and to whom. */
export const ORDER_FAULTS = {
  not_secured: 'person',
  heat_on_solvent: 'person',
  blunt_scraper: 'ski',
  clamp_shut: 'ski',
  dry_iron: 'ski',
  scraped_warm: 'ski',
  filings_in_wax: 'ski',
  brushed_wax: 'work',
  wait_for_nothing: 'work',
  wax_not_dry: 'work',
  never_ironed: 'work',
  covered_structure: 'work',
  soiled_skin: 'ski',
  soiled_grip: 'work',
  wrong_layer: 'work',
  not_worked_in: 'work',
  warm_scrape_late: 'work',
  washed_off: 'work',
  screws_late: 'ski',
  checked_early: 'work',
} as const satisfies Record<string, 'ski' | 'person' | 'work'>;
export type OrderFaultCode = keyof typeof ORDER_FAULTS;

/** What is wrong at a step as they stand. */
export interface OrderFault {
  code: OrderFaultCode;
  /** The step at which it hurts, and whom. */
  key: string;
  hurts: (typeof ORDER_FAULTS)[OrderFaultCode];
}

const HEAT: readonly StepKind[] = ['iron', 'dab', 'hot_box', 'repair'];
const SOLVENT: readonly StepKind[] = ['clean_liquid', 'liquid_on', 'skin'];
const GLIDE_WORK: readonly StepKind[] = ['wax_on', 'iron', 'scrape', 'scrape_warm', 'liquid_on'];
const ON_GRIP: readonly StepKind[] = ['grip_on', 'klister_on'];
const SOILS_SKIN: readonly StepKind[] = ['wax_on', 'liquid_on', 'iron', 'clean_liquid', 'top_on'];

/** The part of a sheet that a step belongs to: the first word of its key. */
export const partOf = ({ key }: Pick<OrderStep, 'key'>) => key.split('.')[0]!;

/** A rule of the bench: which steps, by where they stand, hurt. */
type Rule = (steps: readonly OrderStep[], at: number) => boolean;

const before = (steps: readonly OrderStep[], at: number, is: (step: OrderStep) => boolean) =>
  steps.slice(0, at).some(is);
const after = (steps: readonly OrderStep[], at: number, is: (step: OrderStep) => boolean) =>
  steps.slice(at + 1).some(is);
const named = (key: string) => (step: OrderStep) => step.key === key;
const ofKind =
  (...kinds: readonly StepKind[]) =>
  ({ kind }: OrderStep) =>
    kinds.includes(kind);

/** The last step before this one of some kinds; undefined: none. */
const lastOf = (steps: readonly OrderStep[], at: number, kinds: readonly StepKind[]) =>
  steps.slice(0, at).findLast(ofKind(...kinds));

/** Steps of the same coat. */
const sameCoat = (step: OrderStep) => (other: OrderStep) => partOf(other) === partOf(step);

/** Whether a film lies on the base that was put on and neither ironed nor worked off yet. */
const hasFilm: Rule = (steps, at) =>
  lastOf(steps, at, ['wax_on', 'liquid_on', 'scrape', 'brush', 'scrape_warm'])?.kind === 'wax_on' ||
  lastOf(steps, at, ['wax_on', 'liquid_on', 'scrape', 'scrape_warm'])?.kind === 'liquid_on' ||
  (steps[at]!.key.endsWith('second-iron') && before(steps, at, named(`${partOf(steps[at]!)}.on`)));

/** Soft wax that is scraped off warm is all off; along edges and groove it is not. */
const isHotScraped = ({ key }: OrderStep) => key.endsWith('scrape-warm');

/** A structure is opened while wax lies on it that was not scraped off. */
const opensOverWax: Rule = (steps, at) =>
  steps[at]!.kind === 'open_structure' &&
  steps.slice(0, at).findLast((one) => ofKind('wax_on', 'scrape')(one) || isHotScraped(one))
    ?.kind === 'wax_on';

/** A coat is brushed that is still to be scraped. */
const brushesUnscraped: Rule = (steps, at) => {
  const step = steps[at]!;
  if (step.kind !== 'brush' || step.key.endsWith('.up')) return false;
  const scrapesIt = (one: OrderStep) => one.kind === 'scrape' && sameCoat(step)(one);
  return after(steps, at, scrapesIt) && !before(steps, at, scrapesIt);
};

const RULES: Readonly<Record<OrderFaultCode, Rule>> = {
  not_secured: (steps, at) => after(steps, at, named('secure')),
  heat_on_solvent: (steps, at) =>
    HEAT.includes(steps[at]!.kind) &&
    SOLVENT.includes(lastOf(steps, at, [...SOLVENT, 'flash_off', 'dry'])?.kind ?? 'check'),
  blunt_scraper: (steps, at) =>
    ofKind('scrape', 'scrape_warm')(steps[at]!) && after(steps, at, ofKind('sharpen')),
  clamp_shut: (steps, at) => steps[at]!.kind === 'iron' && after(steps, at, ofKind('release')),
  dry_iron: (steps, at) => steps[at]!.kind === 'iron' && !hasFilm(steps, at),
  scraped_warm: (steps, at) =>
    steps[at]!.kind === 'scrape' && lastOf(steps, at, ['iron', 'cool', 'hot_box'])?.kind !== 'cool',
  filings_in_wax: (steps, at) =>
    ofKind('edge', 'repair')(steps[at]!) && before(steps, at, ofKind('wax_on', 'liquid_on')),
  brushed_wax: (steps, at) => opensOverWax(steps, at) || brushesUnscraped(steps, at),
  warm_scrape_late: (steps, at) =>
    steps[at]!.kind === 'scrape_warm' && lastOf(steps, at, ['iron', 'cool'])?.kind !== 'iron',
  washed_off: (steps, at) =>
    steps[at]!.kind === 'clean_liquid' && before(steps, at, ofKind('wax_on', 'liquid_on')),
  wait_for_nothing: (steps, at) => {
    const step = steps[at]!;
    if (!WAIT_KINDS.includes(step.kind) || step.kind === 'hot_box') return false;
    return !WAITS_FOR[step.kind]!(steps, at);
  },
  wax_not_dry: (steps, at) =>
    ofKind('cork', 'brush', 'iron', 'top_on')(steps[at]!) &&
    after(steps, at, (one) => one.kind === 'dry' && sameCoat(steps[at]!)(one)) &&
    before(steps, at, (one) => ofKind('liquid_on', 'top_on')(one) && sameCoat(steps[at]!)(one)),
  never_ironed: (steps, at) =>
    ofKind('scrape', 'cool')(steps[at]!) &&
    after(steps, at, (one) => one.kind === 'iron' && sameCoat(steps[at]!)(one)) &&
    !before(steps, at, (one) => one.kind === 'iron' && sameCoat(steps[at]!)(one)),
  covered_structure: (steps, at) =>
    (steps[at]!.kind === 'open_structure' && before(steps, at, ofKind('liquid_on'))) ||
    (steps[at]!.kind === 'rill' && after(steps, at, ofKind('scrape', 'brush', 'iron'))),
  soiled_skin: (steps, at) =>
    (SOILS_SKIN.includes(steps[at]!.kind) &&
      (after(steps, at, named('skin.cover')) || before(steps, at, named('skin.uncover')))) ||
    (steps[at]!.key === 'skin.care' && after(steps, at, named('skin.uncover'))),
  soiled_grip: (steps, at) =>
    (ON_GRIP.includes(steps[at]!.kind) &&
      after(steps, at, ofKind(...GLIDE_WORK, 'open_structure'))) ||
    (steps[at]!.key === 'grip.zone' && before(steps, at, ofKind(...GLIDE_WORK))),
  wrong_layer: (steps, at) => {
    const rank = layerOf(steps[at]!);
    return rank !== undefined && after(steps, at, (one) => (layerOf(one) ?? rank) < rank);
  },
  not_worked_in: (steps, at) =>
    steps[at]!.kind === 'cork' && !before(steps, at, putsOn(steps[at]!)),
  screws_late: (steps, at) =>
    steps[at]!.kind === 'iron' &&
    (after(steps, at, named('board.screws')) || before(steps, at, named('board.tighten'))),
  checked_early: (steps, at) => steps[at]!.kind === 'check' && at < steps.length - 1,
};

/** What a wait must follow. */
const WAITS_FOR: Partial<Record<StepKind, Rule>> = {
  flash_off: (steps, at) => before(steps, at, ofKind('clean_liquid', 'skin')),
  dry: (steps, at) =>
    before(steps, at, (one) => ofKind('liquid_on', 'top_on', 'skin', 'pattern')(one)),
  cool: (steps, at) => before(steps, at, ofKind('iron', 'klister_on', 'grip_on', 'hot_box', 'dab')),
};

/** Steps that put on what a step works in: of the same name but for its last word. */
const putsOn = (step: OrderStep) => (other: OrderStep) =>
  other.key === `${step.key.slice(0, step.key.lastIndexOf('.'))}.on`;

/** Coats from below: what was put on first lies lowest. */
const LAYERS = [
  'clean',
  'new-base',
  'hot-box',
  'harden',
  'under',
  'glide',
  'glide-1',
  'glide-2',
  'top',
];
function layerOf(step: OrderStep): number | undefined {
  if (!ofKind('wax_on', 'liquid_on', 'top_on')(step)) return undefined;
  const rank = LAYERS.indexOf(partOf(step));
  return rank < 0 ? undefined : rank;
}

/**
 * What would hurt the ski, the person or the work if steps were done in this order; nothing for every order that is
 * right, of which there are several. House rules of the bench, found without the code that builds sheets.
 */
export function orderFaults(steps: readonly OrderStep[]): OrderFault[] {
  const codes = Object.keys(RULES) as OrderFaultCode[];
  // Each once, where it hurts first.
  const found = codes.flatMap((code) => {
    const at = steps.findIndex((_, i) => RULES[code](steps, i));
    return at < 0 ? [] : [{ code, at }];
  });
  return found
    .sort((a, b) => a.at - b.at)
    .map(({ code, at }) => ({ code, key: steps[at]!.key, hurts: ORDER_FAULTS[code] }));
}
