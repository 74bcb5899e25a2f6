import type { WordsAt } from '../../language';
import { plain } from '../../quantities';

export const outbox: WordsAt<'screens/outbox'> = {
  outboxScreen: {
    title: 'Venter på denne enheten',
    answer: (waiting: number, refused: number) =>
      waiting + refused === 0
        ? 'Ingenting venter'
        : refused === 0
          ? `${plain(waiting)} skal sendes`
          : waiting === 0
            ? `${plain(refused)} avvist`
            : `${plain(waiting)} skal sendes, ${plain(refused)} avvist`,
    unread: 'Sjekker denne enheten',
    none: 'Denne nettleseren lagrer ingenting, så ingenting kan vente her',
    hint: 'Endringer som gjøres mens vertsmaskinen ikke kan nås, lagres her og sendes automatisk.',
    refusedHint: 'Vertsmaskinen avviste noen av dem. Rett dem og send igjen, eller slett dem.',
    waits: 'venter',
    again: 'Send igjen',
    againOf: (label: string) => `Send igjen: ${label}`,
    delete: 'Slett',
    deleteOf: (label: string) => `Slett: ${label}`,
    deleted: (label: string) => `Slettet: ${label}.`,
    details: 'Detaljer',
    detailsOf: (label: string) => `Detaljer: ${label}`,
    copy: 'Kopier alt',
    copied: 'Kopiert.',
    back: 'Tilbake til Frost Pick',
  },
  offline: {
    title: 'Ingen forbindelse',
    answer: 'Denne siden ligger ikke på denne enheten',
    hint: 'Vertsmaskinen kan ikke nås. Sider du har åpnet før, virker fortsatt. Endringer lagres her og sendes senere.',
    quick: 'Få et raskt svar',
    waiting: 'Endringer som venter på denne enheten',
    again: 'Prøv igjen',
  },
};
