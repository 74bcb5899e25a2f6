import { object } from 'yup';
import { ADDITIVES, FORMS } from '../../core/terms';
import { boundedNumber, oneOfWords, plainText } from './fields';
import { list } from './list';

/** A glide wax with its label; see GlideProduct in the core. */
export const glideProductSchema = object({
  id: plainText('Product id', 64).required('Product id is missing.'),
  name: plainText('Product name', 80).trim().required('Product name is missing.'),
  labelLowC: boundedNumber('Cold end of the label', -60, 30, '°C').required(
    'Cold end of the label is missing.',
  ),
  labelHighC: boundedNumber('Warm end of the label', -60, 30, '°C')
    .required('Warm end of the label is missing.')
    .test({
      name: 'ends-in-order',
      test(value) {
        const low = (this.parent as { labelLowC?: number }).labelLowC;
        if (typeof value !== 'number' || typeof low !== 'number' || value > low) return true;
        return this.createError({
          message:
            value === low
              ? 'The label needs a range: both ends are the same.'
              : `The label's ends are swapped: write ${value} as the cold end and ${low} as the warm end.`,
        });
      },
    }),
  additives: list(
    oneOfWords('Additive', ADDITIVES).required(`Additive must be one of ${ADDITIVES.join(', ')}.`),
  )
    .typeError('Additives must be a list.')
    .max(6, 'Up to 6 additives.')
    .required('Additives are missing: an empty list is a plain wax.'),
  form: oneOfWords('Form', FORMS).required('Form is missing.'),
}).typeError('A product must be an object.');
