import type { WordsAt } from '../../language';
import { plain } from '../../quantities';

export const pairs: WordsAt<'screens/pairs'> = {
  changeStarters: {
    outingGone: 'Diesen Einsatz gibt es nicht mehr. Einen anderen wählen.',
    skierGone: 'Diesen Läufer gibt es nicht mehr. Mit Namen aufnehmen.',
    starterGone: 'Dieser Läufer ist schon von der Liste genommen.',
    pairGone: 'Dieses Paar ist nicht mehr im Ständer. Ein anderes wählen.',
    isOnTheList: (name: string) => `${name} steht schon auf der Liste.`,
  },
  pairsScreen: {
    question: 'Welches Paar für wen?',
    nobody: 'Noch niemand auf der Startliste',
    startHere:
      'Läufer auf die Liste setzen. Jeder bekommt das Paar, das am besten zum Tag passt, mit Begründung.',
    allHave: (count: number) =>
      count === 1 ? 'Der Läufer hat ein Paar' : `Alle ${plain(count)} haben ein Paar`,
    someHave: (count: number, all: number) => `${plain(count)} von ${plain(all)} haben ein Paar`,
    theDay: (width: string, ground: string) =>
      `Der Schnee braucht eine Struktur von ${width} und ist ${ground}.`,
    noDay:
      'Der Schnee ist noch nicht bekannt: erst messen oder das Wachs wählen. Bis dahin werden die Paare ohne Schliff gereiht.',
    noTests:
      'Punkte vergleichen Paare. Sie sind keine Sekunden, und Gleittests zählen hier noch nicht.',
    list: 'Startliste',
    planTheBench: 'Den Wachstisch planen',
    skis: 'Alle Ski',
  },
  starterRow: {
    given: 'von Hand gegeben',
    suggested: 'vorgeschlagen',
    noPair: 'Kein Paar',
    toRack: 'Ein Paar in den Ständer stellen',
    noPairWhy: 'Kein freies Paar der richtigen Art im Ständer gehört dem Läufer oder dem Team.',
    why: (text: string) => `Warum: ${text}`,
    against: 'Dagegen: ',
    pair: (name: string) => `Paar für ${name}`,
    asSuggested: (name: string) => `Wie vorgeschlagen${name ? `: ${name}` : ''}`,
    option: (name: string, points: string) => `${name} (${points} Punkte)`,
    whyThis: (name: string) => `Warum dieses Paar für ${name}`,
    likes: (name: string) => `${name} nähme`,
    noWish: 'Kein Wunsch',
    weight: (name: string) => `Gewicht von ${name}`,
    details: (name: string) => `Paar, Wunsch oder Gewicht von ${name} ändern`,
    menu: (name: string) => `Was mit ${name} geschehen soll`,
    takeOff: 'Von der Liste nehmen',
    takeOffWho: (name: string) => `${name} von der Liste nehmen`,
    takenOff: (name: string) => `${name} ist von der Liste.`,
    others: (text: string) => `Als Nächstes: ${text}`,
    saved: (name: string) => `Für ${name} gespeichert.`,
    sheet: 'Arbeitsblatt',
    saveWhy: 'Speichern',
  },
  addStarters: {
    title: 'Läufer auf die Liste setzen',
    name: 'Name des Läufers',
    weight: 'Gewicht (freiwillig)',
    add: 'Auf die Liste',
    everybody: (type: string) => `Alle Besitzer von Paaren aufnehmen (${type})`,
    added: (count: number) =>
      count === 0
        ? 'Alle Besitzer eines solchen Paars stehen schon auf der Liste.'
        : count === 1
          ? 'Ein Läufer aufgenommen.'
          : `${plain(count)} Läufer aufgenommen.`,
  },
};
