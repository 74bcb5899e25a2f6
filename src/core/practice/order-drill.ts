import { buildSheet, type Programme, type SheetRequest, type Step } from '../bench';
import { QUICK } from '../quick/figures';
import { usualProduct, usualSki } from '../quick/usual';
import type { Discipline } from '../terms';
import { drawFor } from './draw';
import { PRACTICE } from './figures';
import { orderFaults, partOf, type OrderFault } from './order-rules';
import type { DrillMark } from './types';

/** What is waxed, in which order. */
export const ORDER_TOPICS = [
  'hot_wax',
  'clean',
  'edges',
  'liquid',
  'structure',
  'klister',
] as const;
export type OrderTopic = (typeof ORDER_TOPICS)[number];

/** What products of a sheet are called. */
export type OrderNames = Readonly<
  Record<'wax' | 'liquid' | 'soft' | 'cleaner' | 'klister', string>
>;

export interface OrderItem {
  /** In an order of chance. */
  steps: Step[];
  /** One that is right. */
  right: Step[];
}

interface Recipe {
  disciplines: readonly Discipline[];
  programmes: readonly Programme[];
  isLiquid?: boolean;
}

const RECIPES: Readonly<Record<OrderTopic, Recipe>> = {
  hot_wax: { disciplines: ['skate', 'alpine', 'snowboard'], programmes: ['hot_wax'] },
  clean: { disciplines: ['skate', 'touring'], programmes: ['clean_liquid', 'hot_wax'] },
  edges: { disciplines: ['alpine'], programmes: ['edges', 'hot_wax'] },
  liquid: { disciplines: ['skate', 'alpine'], programmes: ['liquid_ironed'], isLiquid: true },
  structure: { disciplines: ['skate'], programmes: ['hot_wax', 'structure'] },
  klister: { disciplines: ['classic'], programmes: ['liquid', 'klister'], isLiquid: true },
};

function requestOf(topic: OrderTopic, discipline: Discipline, names: OrderNames): SheetRequest {
  const { programmes, isLiquid } = RECIPES[topic];
  const [startCm, endCm] = QUICK.gripZoneCm;
  const ironC = PRACTICE.iron.ironC.middle;
  return {
    ski: usualSki(discipline),
    findings: [],
    programmes,
    layers: [
      {
        place: 'glide',
        product: isLiquid
          ? usualProduct(names.liquid, { ironC, form: 'liquid', applications: ['wipe', 'iron'] })
          : usualProduct(names.wax, { ironC }),
        coats: 1,
      },
    ],
    structure: { brush: 'steel', ...PRACTICE.order.structure },
    softWax: usualProduct(names.soft, { role: 'base', ironC: PRACTICE.iron.ironC.soft }),
    cleaner: usualProduct(names.cleaner, {
      role: 'cleaner',
      form: 'liquid',
      applications: ['wipe'],
    }),
    grip: {
      kind: 'klister',
      product: usualProduct(names.klister, {
        role: 'klister',
        form: 'tube',
        applications: ['cork'],
      }),
      layers: 1,
      startCm,
      endCm,
    },
    methods: {},
    room: { roomC: QUICK.roomC, isVentilated: true },
    ironing: {},
  };
}

/** Brushes after the first of a coat say nothing new about the order, and a long sheet fits no screen. */
const isShown = (step: Step, at: number, all: readonly Step[]) =>
  step.kind !== 'brush' ||
  all.findIndex((one) => one.kind === 'brush' && partOf(one) === partOf(step)) === at;

/** Steps of a real sheet for a topic and a seed, shuffled so that something is wrong. */
export function orderItem(topic: OrderTopic, seed: number, names: OrderNames): OrderItem {
  const draw = drawFor(topic, seed);
  const discipline = draw.one(RECIPES[topic].disciplines);
  const right = buildSheet(requestOf(topic, discipline, names)).steps.filter(isShown);
  let steps = draw.shuffled(right);
  while (orderFaults(steps).length === 0) steps = draw.shuffled(right);
  return { steps, right };
}

export interface OrderMark extends DrillMark {
  faults: OrderFault[];
}

/** What an order is worth: all of it without a fault, a fifth less for each. Keys that are not the item's: no order. */
export function markOrder(item: OrderItem, keys: readonly string[]): OrderMark | undefined {
  const byKey = new Map(item.steps.map((step) => [step.key, step]));
  const steps = keys.flatMap((key) => byKey.get(key) ?? []);
  if (steps.length !== item.steps.length || new Set(keys).size !== steps.length) return undefined;
  const faults = orderFaults(steps);
  return { faults, quality: Math.max(0, 1 - PRACTICE.order.faultWorth * faults.length) };
}
