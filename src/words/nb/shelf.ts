import type { WordsAt } from '../language';

export const shelf: WordsAt<'shelf'> = {
  SHELF_NOTE: {
    same_labels: ({ names }) =>
      `${names.join(' og ')} har samme etikett. Begge duger, så du trenger kanskje ikke begge.`,
    very_wide_label: ({ name, spanK }, write) =>
      `Etiketten til ${name} spenner over ${write.difference(spanK, 0)}. Sjekk den: en voks for alle dager er best på ingen.`,
  },
};
