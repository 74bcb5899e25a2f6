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
    unread: 'Ser gjennom denne enheten',
    none: 'Denne nettleseren beholder ingenting, så ingenting kan vente her',
    hint: 'Endringer som gjøres mens vertsmaskinen ikke kan nås, lagres her og sendes automatisk.',
    refusedHint:
      'Vertsmaskinen avviste noen av dem. Rett det den sier, og send igjen, eller slett dem.',
    waits: 'venter',
    again: 'Send igjen',
    againOf: (label: string) => `Send igjen: ${label}`,
    delete: 'Slett',
    deleteOf: (label: string) => `Slett: ${label}`,
    deleted: (label: string) => `Slettet: ${label}.`,
    details: 'Detaljer',
    detailsOf: (label: string) => `Detaljer: ${label}`,
    copy: 'Kopier det som venter',
    copied: 'Kopiert.',
    back: 'Tilbake til Frost Pick',
  },
  offline: {
    title: 'Ingen forbindelse',
    answer: 'Denne siden ligger ikke på denne enheten',
    hint: 'Vertsmaskinen er ikke å nå. Sider som var åpne før, er beholdt her, og det du gjør på dem, beholdes og sendes senere.',
    quick: 'Ta et hurtig svar',
    waiting: 'Se hva som venter på denne enheten',
    again: 'Prøv igjen',
  },
};
