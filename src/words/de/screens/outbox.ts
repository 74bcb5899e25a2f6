import type { WordsAt } from '../../language';
import { plain } from '../../quantities';

export const outbox: WordsAt<'screens/outbox'> = {
  outboxScreen: {
    title: 'Wartet auf diesem Gerät',
    answer: (waiting: number, refused: number) =>
      waiting + refused === 0
        ? 'Nichts wartet'
        : refused === 0
          ? `${plain(waiting)} zu senden`
          : waiting === 0
            ? `${plain(refused)} abgewiesen`
            : `${plain(waiting)} zu senden, ${plain(refused)} abgewiesen`,
    unread: 'Dieses Gerät wird geprüft',
    none: 'Dieser Browser speichert nichts, also kann hier nichts warten',
    hint: 'Änderungen, die ohne Verbindung zum Hauptcomputer entstehen, werden hier gespeichert und automatisch gesendet.',
    refusedHint:
      'Einige hat der Hauptcomputer abgewiesen. Berichtigen und noch einmal senden, oder löschen.',
    waits: 'wartet',
    again: 'Noch einmal senden',
    againOf: (label: string) => `Noch einmal senden: ${label}`,
    delete: 'Löschen',
    deleteOf: (label: string) => `Löschen: ${label}`,
    deleted: (label: string) => `Gelöscht: ${label}.`,
    details: 'Einzelheiten',
    detailsOf: (label: string) => `Einzelheiten: ${label}`,
    copy: 'Alles kopieren',
    copied: 'Kopiert.',
    back: 'Zurück zu Frost Pick',
  },
  offline: {
    title: 'Keine Verbindung',
    answer: 'Diese Seite ist nicht auf diesem Gerät',
    hint: 'Der Hauptcomputer ist nicht erreichbar. Zuvor geöffnete Seiten gehen weiter. Änderungen werden hier gespeichert und später gesendet.',
    quick: 'Eine schnelle Antwort holen',
    waiting: 'Änderungen, die auf diesem Gerät warten',
    again: 'Noch einmal versuchen',
  },
};
