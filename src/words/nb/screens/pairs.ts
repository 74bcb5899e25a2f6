import type { WordsAt } from '../../language';
import { plain } from '../../quantities';

export const pairs: WordsAt<'screens/pairs'> = {
  changeStarters: {
    outingGone: 'Denne økta finnes ikke lenger. Velg en annen.',
    skierGone: 'Denne løperen finnes ikke lenger. Legg til med navn.',
    starterGone: 'Denne løperen er alt tatt av listen.',
    pairGone: 'Dette paret er ikke i stativet lenger. Velg et annet.',
    isOnTheList: (name: string) => `${name} står alt på listen.`,
  },
  pairsScreen: {
    question: 'Hvilket par til hvem?',
    nobody: 'Ingen står på startlisten ennå',
    startHere: 'Sett løpere på listen. Hver får det paret som passer dagen best, med begrunnelse.',
    allHave: (count: number) =>
      count === 1 ? 'Løperen har et par' : `Alle ${plain(count)} har et par`,
    someHave: (count: number, all: number) => `${plain(count)} av ${plain(all)} har et par`,
    theDay: (width: string, ground: string) =>
      `Snøen trenger en struktur på ${width} og er ${ground}.`,
    noDay:
      'Snøen er ikke kjent ennå: ta en måling, eller velg voksen først. Til da rangeres parene uten slipet.',
    noTests: 'Poeng sammenligner par. De er ikke sekunder, og glidtester teller ikke her ennå.',
    list: 'Startliste',
    planTheBench: 'Planlegg benken',
    skis: 'Alle ski',
  },
  starterRow: {
    given: 'gitt for hånd',
    suggested: 'foreslått',
    noPair: 'Ingen par',
    toRack: 'Sett et par i stativet',
    noPairWhy: 'Ikke noe ledig par av riktig type i stativet er løperens eller teamets.',
    why: (text: string) => `Hvorfor: ${text}`,
    against: 'Imot: ',
    pair: (name: string) => `Par til ${name}`,
    asSuggested: (name: string) => `Som foreslått${name ? `: ${name}` : ''}`,
    option: (name: string, points: string) => `${name} (${points} poeng)`,
    whyThis: (name: string) => `Hvorfor dette paret til ${name}`,
    likes: (name: string) => `${name} ville tatt`,
    noWish: 'Ingen ønsker',
    weight: (name: string) => `Vekt på ${name}`,
    details: (name: string) => `Endre par, ønske eller vekt for ${name}`,
    menu: (name: string) => `Hva du vil gjøre med ${name}`,
    takeOff: 'Slett fra listen',
    takeOffWho: (name: string) => `Ta ${name} av listen`,
    takenOff: (name: string) => `${name} er tatt av listen.`,
    others: (text: string) => `Neste: ${text}`,
    saved: (name: string) => `Lagret for ${name}.`,
    sheet: 'Jobbark',
    saveWhy: 'Lagre',
  },
  addStarters: {
    title: 'Sett løpere på listen',
    name: 'Navn på løperen',
    weight: 'Vekt (valgfritt)',
    add: 'Legg til på listen',
    everybody: (type: string) => `Legg til alle som eier par til ${type}`,
    added: (count: number) =>
      count === 0
        ? 'Alle som eier et slikt par, står alt på listen.'
        : count === 1
          ? 'En løper lagt til.'
          : `${plain(count)} løpere lagt til.`,
  },
};
