import type { ShelfNote } from '../../core/shelf';
import type { WordsFor } from '../say';

/** What a look along the labels of the shelf shows. */
export const SHELF_NOTE: WordsFor<ShelfNote> = {
  same_labels: ({ names }) =>
    `${names.join(' and ')} have the same label. Either will do, so you may not need both.`,
  very_wide_label: ({ name, spanK }, write) =>
    `The label of ${name} is ${write.difference(spanK, 0)} wide. Check it: a wax for every day is best on none.`,
};
