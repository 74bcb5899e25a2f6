import type { WordsAt } from '../language';

export const shelf: WordsAt<'shelf'> = {
  SHELF_NOTE: {
    same_labels: ({ names }) =>
      `${names.join(' und ')} haben das gleiche Etikett. Eines genügt, vielleicht braucht es nicht beide.`,
    very_wide_label: ({ name, spanK }, write) =>
      `Das Etikett von ${name} reicht über ${write.difference(spanK, 0)}. Prüfen: Ein Wachs für jeden Tag ist an keinem das beste.`,
  },
};
