import { number, object, string } from 'yup';
import {
  APPLICATIONS,
  LABEL_PREFERENCES,
  PRODUCT_ROLES,
  STOCK_MOVE_KINDS,
  type ProductRole,
} from '../../core/terms';
import { list } from './list';
import { boundedNumber, calendarDay, oneOfWords, plainText } from './fields';
import { glideProductSchema } from './product';

/** Roles whose products stand for no temperature. */
export const UNLABELLED_ROLES: readonly ProductRole[] = ['cleaner', 'skin_care'];
const SWATCH = 'Colour must be six hexadecimal digits after #, such as #4f7ba0.';

/** A product of any role, as the shelf's form, its CSV and the actions take it. */
export const shelfProductSchema = glideProductSchema.concat(
  object({
    role: oneOfWords('Role', PRODUCT_ROLES).required('Role is missing.'),
    applications: list(oneOfWords('Way to put it on', APPLICATIONS).required())
      .typeError('Ways to put it on must be a list.')
      .max(APPLICATIONS.length)
      .required('Ways to put it on are missing.'),
    label2LowC: boundedNumber('Cold end for old snow', -60, 30, '°C'),
    label2HighC: boundedNumber('Warm end for old snow', -60, 30, '°C').test({
      name: 'old-snow-in-order',
      test(value) {
        const { label2LowC: low } = this.parent as { label2LowC?: number };
        if ((value === undefined) !== (low === undefined)) {
          return this.createError({ message: 'Give both ends for old snow, or neither.' });
        }
        if (value === undefined || low === undefined || value > low) return true;
        return this.createError({
          message: `The ends for old snow are swapped: write ${value} as the cold end and ${low} as the warm end.`,
        });
      },
    }),
    preference: oneOfWords('Preference', LABEL_PREFERENCES),
    ironC: boundedNumber('Iron temperature', 60, 200, '°C'),
    ironLimitC: boundedNumber('Iron limit', 60, 220, '°C').test({
      name: 'limit-above',
      test(value) {
        const { ironC } = this.parent as { ironC?: number };
        if (value === undefined || ironC === undefined || value >= ironC) return true;
        return this.createError({ message: 'The limit is below the iron temperature.' });
      },
    }),
    meltingC: boundedNumber('Melting point', 20, 160, '°C'),
    hardnessSd: boundedNumber('Spread of the hardness', 0, 50, ''),
    containerG: boundedNumber('Container', 1, 10_000, 'g'),
    price: boundedNumber('Price', 0, 100_000, ''),
    openedOn: calendarDay('Opened on'),
    swatch: string()
      .nullable()
      .matches(/^#[0-9a-f]{6}$/i, SWATCH),
  }),
);

/** A change of the grams on the shelf, as a person enters it: always a positive figure. */
export const stockMoveSchema = object({
  productId: plainText('Product', 64).required('Product is missing.'),
  kind: oneOfWords('Kind', STOCK_MOVE_KINDS).required('Say what happened.'),
  grams: number()
    .typeError('Grams must be a number.')
    .min(0, 'Grams may not be negative.')
    .max(100_000, 'That is over 100 kg.')
    .required('Grams are missing.'),
  note: plainText('Note', 200),
});
