'use client';

import type { OwnIron, ShelfProduct } from '@/core/model';
import { useDeferredValue, useMemo } from 'react';
import { DomainError } from '@/core/errors';
import {
  fitContact,
  ironAdvice,
  ironPasses,
  presetOn,
  timedPasses,
  type Iron,
  type IronAdvice,
  type IronAnswer,
  type IronKind,
  type IronQuestion,
  type IronVerdict,
} from '@/core/iron';
import { ironTemperature, meltingPoint } from '@/core/shelf';
import { ironRequestSchema } from '@/formats/schemas/iron';
import { resolverFrom } from '@/formats/schemas/form-resolver';
import { validate } from '@/formats/schemas/validation';
import { useDraftedForm } from '@/ui/fields/use-drafted-form';
import { mistakeWords } from '@/words/told/mistake';
import type { Units } from '@/words/units';
import { useIronMap } from './use-iron-map';

export interface IronDraft {
  productId: string;
  /** A general kind, or `own:` and the name of one of the team's own. */
  kind: IronKind | `own:${string}`;
  setC: number | undefined;
  passS: number | undefined;
  passes: number | undefined;
  roomC: number | undefined;
  lengthCm: number | undefined;
  widthMm: number | undefined;
  filmMicrometre: number | undefined;
  /** What was seen, if anything: the trail after a pass. */
  seenPass: number | undefined;
  seenTrailCm: number | undefined;
}

/** The plate of a kind as it is held on this ski; one that was forgotten meanwhile is the house's usual. */
function plateOf({ kind, widthMm = 0 }: IronDraft, irons: readonly OwnIron[]): Omit<Iron, 'setC'> {
  const widthM = widthMm / 1000;
  if (!kind.startsWith('own:')) return presetOn(kind as IronKind, widthM);
  const own = irons.find((one) => `own:${one.name}` === kind);
  if (!own) return presetOn('heavy_digital', widthM);
  const { plateLengthM, plateWidthM, massKg, powerW, lagS } = own;
  return { plateLengthM, plateWidthM, massKg, powerW, lagS };
}

/** The question a draft stands for, as the schema and the core take it. */
function bodyOf(draft: IronDraft, product: ShelfProduct | undefined, irons: readonly OwnIron[]) {
  const ironC = product ? ironTemperature(product).value : undefined;
  const meltingC = product ? meltingPoint(product).value : undefined;
  const metres = (value: number | undefined, per: number) =>
    value === undefined ? undefined : value / per;
  return {
    wax: { meltingC, ironC },
    ski: {
      lengthM: metres(draft.lengthCm, 100),
      widthM: metres(draft.widthMm, 1000),
      startC: draft.roomC,
    },
    iron: { ...plateOf(draft, irons), setC: draft.setC },
    passS: draft.passS,
    passes: draft.passes,
    roomC: draft.roomC,
    filmMicrometre: draft.filmMicrometre,
  };
}

type Asked = { question: IronQuestion } | { problem: string };

function asked(
  draft: IronDraft,
  product: ShelfProduct | undefined,
  irons: readonly OwnIron[],
): Asked {
  const checked = validate(ironRequestSchema, bodyOf(draft, product, irons));
  if (!checked.ok) return { problem: checked.problems.map((one) => one.message).join(' ') };
  return { question: checked.value };
}

/** What the lab says, or why it cannot. */
type IronResult =
  | {
      question: IronQuestion;
      fit: ReturnType<typeof fitContact> | undefined;
      /** What the person's own setting gives. */
      own: IronAnswer;
      verdict: IronVerdict;
      /** What the advice gives; undefined without one. */
      advised: { question: IronQuestion; answer: IronAnswer } | undefined;
    }
  | { problem: string }
  | Pick<DomainError, 'mistake'>;

function advisedBy(question: IronQuestion, { setC, passes }: IronAdvice) {
  const at = { ...question, iron: { ...question.iron, setC } };
  return { question: at, answer: timedPasses(at, passes) };
}

function computed(question: IronQuestion, draft: IronDraft): IronResult {
  try {
    const { seenPass, seenTrailCm } = draft;
    const isSeen = seenPass !== undefined && seenTrailCm !== undefined && seenPass >= 1;
    const fit = isSeen
      ? fitContact(question, {
          pass: Math.min(12, Math.round(seenPass)),
          trailM: seenTrailCm / 100,
        })
      : undefined;
    const fitted = fit && !fit.isPinned ? { ...question, contact: fit.contact } : question;
    const verdict = ironAdvice(fitted);
    return {
      question: fitted,
      fit,
      own: ironPasses(fitted),
      verdict,
      advised: verdict.advice && advisedBy(fitted, verdict.advice),
    };
  } catch (error) {
    if (error instanceof DomainError) return { mistake: error.mistake };
    throw error;
  }
}

/** State of the Iron lab. */
export function useIron(
  products: readonly ShelfProduct[],
  startProductId: string | undefined,
  irons: readonly OwnIron[],
) {
  const first = products.find((one) => one.id === startProductId) ?? products[0];
  const start: IronDraft = {
    productId: first?.id ?? '',
    kind: 'heavy_digital',
    setC: first ? ironTemperature(first).value : 120,
    passS: 8,
    passes: 3,
    roomC: 15,
    lengthCm: 190,
    widthMm: 45,
    filmMicrometre: 40,
    seenPass: undefined,
    seenTrailCm: undefined,
  };
  const resolver = useMemo(
    () =>
      resolverFrom<IronDraft>((draft) => {
        const product = products.find((one) => one.id === draft.productId);
        const checked = validate(ironRequestSchema, bodyOf(draft, product, irons));
        if (checked.ok) return { ok: true, value: draft };
        const field = (name: string) =>
          ({ 'iron.setC': 'setC', 'ski.lengthM': 'lengthCm', 'ski.widthM': 'widthMm' })[name] ??
          name;
        return {
          ok: false,
          problems: checked.problems.map((one) => ({ ...one, field: field(one.field) })),
        };
      }),
    [products, irons],
  );
  const form = useDraftedForm('iron', start, resolver);
  const draft = form.values;
  const late = useDeferredValue(JSON.stringify(draft));
  const result = useMemo((): IronResult => {
    const settled = JSON.parse(late) as IronDraft;
    const product = products.find((one) => one.id === settled.productId);
    const question = asked(settled, product, irons);
    return 'problem' in question ? question : computed(question.question, settled);
  }, [late, products, irons]);
  const question = 'question' in result ? result.question : undefined;
  const map = useIronMap(question);
  const product = products.find((one) => one.id === draft.productId);
  return { form, draft, product, result, map };
}

export type IronState = ReturnType<typeof useIron>;

type NoResult = Exclude<IronResult, { question: IronQuestion }>;

/** Why there is no answer. */
export const problemOf = (result: NoResult, units: Units): string =>
  'problem' in result ? result.problem : mistakeWords(result, units);
