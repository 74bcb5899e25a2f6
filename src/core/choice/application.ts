import type { Application, BaseType, Form, Tool } from '../terms';
import { hasToLast, type GlideProduct, type OutingFacts } from '../wax';
import { CHOICE } from './figures';
import type { FormReason, FormWork } from './findings';

/** What the bench can do today. */
export interface Bench {
  hoursLeft: number;
  ventilated: boolean;
  tools: readonly Tool[];
  baseType: BaseType;
}

export interface FormAdvice {
  form: Form;
  how: FormWork;
  reasons: FormReason[];
}

const { hotWaxH: HOT_WAX_H, hardFrom: HARD_FROM } = CHOICE;

/** Without heat: a liquid where there is fresh air, else a block rubbed on. */
const cold = (bench: Bench, reason: FormReason): FormAdvice =>
  bench.ventilated
    ? { form: 'liquid', how: { code: 'liquid_cold' }, reasons: [reason] }
    : { form: 'block', how: { code: 'rub_and_cork' }, reasons: [reason, { code: 'no_fresh_air' }] };

/** The wax that is put on, where one is chosen: it comes in one form. */
export type FormProduct = Pick<GlideProduct, 'form'> & { applications?: readonly Application[] };

/** What the day wants put on: how hard a wax, and which one, if one is chosen. */
interface PutOn {
  hardness: number;
  product?: FormProduct;
}

/** Which form to put the wax on in, and how, from purpose, time, air, tools and the wax itself. */
export function formAdvice(bench: Bench, outing: OutingFacts, { hardness, product }: PutOn) {
  const wished = wishedForm(bench, outing, hardness);
  return product && product.form !== wished.form ? asItComes(product, bench, wished) : wished;
}

/** The form that the wax has, put on as near to what is wished as it goes. */
function asItComes(product: FormProduct, bench: Bench, wished: FormAdvice): FormAdvice {
  const { form, applications } = product;
  const isHeated = wished.how.code === 'block_and_iron' || wished.how.code === 'powder_and_iron';
  const mayBeIroned = isHeated && (applications?.includes('iron') ?? true);
  if (form === 'liquid' || form === 'paste') {
    const only: FormReason = { code: 'only_form' };
    const reasons: FormReason[] = bench.ventilated ? [only] : [only, { code: 'liquid_outside' }];
    return { form, how: { code: 'liquid_cold' }, reasons };
  }
  const kept = wished.reasons.filter(({ code }) => code !== 'hard_as_powder');
  const reasons: FormReason[] = kept.length > 0 ? kept : [{ code: 'only_form' }];
  if (!mayBeIroned || form === 'roller_block') {
    const why: FormReason[] = isHeated ? [{ code: 'only_form' }] : reasons;
    return { form, how: { code: 'rub_and_cork' }, reasons: why };
  }
  return {
    form,
    how: { code: form === 'powder' ? 'powder_and_iron' : 'block_and_iron' },
    reasons,
  };
}

/** The form that purpose, time, air and tools ask for, whatever is on the shelf. */
function wishedForm(bench: Bench, outing: OutingFacts, hardness: number): FormAdvice {
  const hasIron = bench.tools.includes('ski_iron') || bench.tools.includes('household_iron');
  if (!hasIron) return cold(bench, { code: 'no_iron' });
  if (!bench.ventilated) return cold(bench, { code: 'no_ventilation' });
  if (bench.hoursLeft < HOT_WAX_H) {
    return cold(bench, { code: 'too_little_time', leastHours: HOT_WAX_H });
  }
  const isShortFun = outing.purpose === 'recreation' && !hasToLast(outing.distanceKm);
  if (bench.baseType === 'extruded' && isShortFun) return cold(bench, { code: 'extruded_base' });
  if (outing.purpose === 'race' && hardness >= HARD_FROM) {
    return {
      form: 'powder',
      how: { code: 'powder_and_iron' },
      reasons: [{ code: 'hard_as_powder' }],
    };
  }
  return { form: 'block', how: { code: 'block_and_iron' }, reasons: [{ code: 'lasts_longest' }] };
}
