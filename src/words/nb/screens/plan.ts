import type { WordsAt } from '../../language';
import { plain } from '../../quantities';

const LISTED_PAIRS = 4;
interface SlackWords {
  minutes: number;
  what: string;
  clock: string;
  who?: string;
  share: string;
}

export const plan: WordsAt<'screens/plan'> = {
  planGround: {
    outingGone: 'Denne økta finnes ikke lenger. Velg en annen.',
    hasStarted: (name: string) => `${name} har startet. Fjern krysset.`,
    nothingToPlan: 'Ingen på disse øktene har et par ennå. Tildel par først.',
    nobodyDoes: (skill: string) =>
      `Ingen gjør ${skill.toLowerCase()}, og et ark trenger det. Kryss det av for noen.`,
  },
  keepPlan: {
    cannotStand: (pair: string, why: string) => `${pair}: ${why}`,
    anotherPlan: 'Det finnes en nyere plan. Flytt steget der.',
    past: 'Det som er gjort eller pågår, kan ikke flyttes.',
    tooOld: 'Det tok for lang tid å lage denne planen. Planlegg på nytt.',
  },
  tickVisit: {
    notInPlan: 'Dette paret er ikke med i planen. Planlegg på nytt.',
    notStarted: 'Dette paret er ikke begynt ennå.',
    sheetChanged:
      'Jobbarket for dette paret er endret siden planen. Planlegg på nytt, og kryss av.',
    isDone: 'Dette steget er alt gjort.',
    notDone: 'Dette steget er ikke gjort ennå.',
    notYet: 'Stegene før dette er ikke gjort ennå.',
  },
  loadPlan: {
    me: 'Meg',
    firstIron: 'Jern 1',
  },
  planScreen: {
    question: 'Hvem gjør hva, og når?',
    nobody: 'Ingen står på en startliste ennå',
    nobodyHint: 'Sett løpere på startlisten for denne økta først.',
    toPairs: 'Velg hvem som går på hva',
    notYet: (pairs: number) =>
      pairs === 1 ? 'Ett par å planlegge' : `${plain(pairs)} par å planlegge`,
    notYetHint: 'Se over hvem som er i smørebua, og lag planen.',
    allReady: (count: number, clock: string) =>
      count === 1 ? `Klart ${clock}` : `Alle ${plain(count)} klare innen ${clock}`,
    missStart: (missed: number, all: number) =>
      `${plain(missed)} av ${plain(all)} rekker ikke start`,
    someLate: (late: number, all: number) => `${plain(late)} av ${plain(all)} for sent`,
    byAtMost: (span: string) => `med inntil ${span}`,
    cannotBeReady: (count: number, all: number) =>
      count === all
        ? 'Ingen par kan bli klare'
        : `${plain(count)} av ${plain(all)} kan ikke bli klare`,
    leftOut: (pair: string, why: string) => `Ikke i planen: ${pair}. ${why}`,
    keptLeftOut: (count: number) =>
      count === 1 ? 'Ett par kan ikke bli klart.' : `${plain(count)} par kan ikke bli klare.`,
    withoutPair: (names: string) => `Uten par: ${names}.`,
    tight: (pair: string, ready: string, due: string) =>
      `${pair} har minst å gå på: nesten sikkert klart ${ready}, frist ${due}.`,
    inTime: (share: string) => `Det rekker det i ${share} av prøvene.`,
    slack: ({ minutes, what, clock, who, share }: SlackWords) =>
      `Ekstra tid hjelper mest før «${what}» (${clock}${who ? `, ${who}` : ''}). Med ${minutes} min der rekker det i ${share} av prøvene.`,
    noSlackHelps: 'Ekstra tid hjelper ikke. Start tidligere, gjør mindre, eller sett inn en til.',
    never: 'ingen tid i disse skiftene',
    noChoice: (names: string) =>
      `Det er ikke valgt voks for ${names}, så de arkene har ingen smøring ennå. Velg voks, og planlegg på nytt.`,
    planOf: (outings: string) => `For ${outings}.`,
    notOfThis: 'Denne planen er for andre økter. Kryss av denne under, og planlegg på nytt.',
    gapLate: (share: string) => `Høyst ${share} dårligere enn best mulige plan.`,
    gapTime: (share: string) => `Høyst ${share} lengre enn kortest mulige plan.`,
    best: 'Ingen plan kan bli kortere.',
    moved: 'Et steg ble flyttet for hånd.',
    madeAt: (time: string) => `Laget ${time}.`,
    make: 'Lag planen',
    again: 'Planlegg på nytt fra nå',
    enough: 'Bra nok, stopp',
    searching: (share: string) => `Leter etter en bedre plan: ${share}`,
    looking: 'Ser på ark og par…',
    helping: 'Leter etter det som ville hjelpe…',
    leaveOut: (what: string) => `Uten ${what}.`,
    mostCoats: (coats: number) =>
      coats === 1 ? 'Ett strøk av hver voks.' : `Høyst ${plain(coats)} strøk av hver voks.`,
    liquidFor: (product: string, pairs: readonly string[], percent: string) =>
      `${product} i stedet for varmsmøring på ${pairs.length <= LISTED_PAIRS ? pairs.join(', ') : `${pairs.length} par`}. Det taper inntil ${percent} % glid.`,
    planSo: 'Bruk dette',
    planSoWith: (what: string) => `Bruk dette: ${what}`,
    print: 'Skriv ut planen',
    csv: 'CSV',
    changed: {
      choice: (outing: string) =>
        `Voksen for ${outing} ble valgt etter denne planen. Planlegg på nytt for å få den med.`,
      start: (outing: string) => `Starten for ${outing} er flyttet. Planlegg på nytt.`,
      sheet: (pair: string) => `${pair} har et annet ark nå. Planlegg på nytt for å få det med.`,
    },
    behind: (count: number) =>
      count === 1
        ? 'Ett steg skulle ha startet nå. Planlegg på nytt (R).'
        : `${plain(count)} steg skulle ha startet nå. Planlegg på nytt (R).`,
    kept: (late: string) => `Planen er laget. ${late}`,
    keptAllReady: 'Alle par er klare i tide.',
    keptLate: (span: string) => `Det siste paret er ${span} for sent.`,
    takenBack: 'Den forrige planen er tilbake.',
    helps: 'Hva som ville hjelpe',
    helpsLate: (change: string, left: string) => `${change} ${left}`,
    helpsNone: 'Da er alle par klare i tide.',
    helpsSome: (minutes: string) => `Da er noen par fortsatt for sene, ${minutes} til sammen.`,
    helpsPairs: (count: number) =>
      count === 1
        ? 'Da er ett par fortsatt utelatt.'
        : `Da er ${plain(count)} par fortsatt utelatt.`,
  },
  board: {
    title: 'Tavla',
    overTime: 'Steg over tid',
    hint: 'Velg et steg for å følge paret eller flytte det. Med mus: dra det.',
    people: 'Hvem',
    row: (name: string) => `Stegene til ${name}`,
    now: 'nå',
    waits: 'Venter',
    waitsHint: (count: number) => (count === 1 ? '1 par venter' : `${plain(count)} par venter`),
    task: (what: string, pair: string, from: string, to: string) =>
      `${what}: ${pair}, ${from} til ${to}`,
    state: {
      ahead: '',
      running: 'pågår',
      waiting: 'gjort, venter',
      done: 'gjort',
    },
    pairs: (count: number) => `${plain(count)} par`,
    late: 'sent',
    chosen: (pair: string, skier: string) => `${pair} til ${skier}`,
    step: (what: string, from: string, to: string) => `${what}, ${from} til ${to}`,
    wait: (span: string) => `venter ${span}`,
    earlier: '5 min tidligere',
    later: '5 min senere',
    with: 'Gjøres av',
    close: 'Lukk',
    notMoved: (why: string) => `Ikke flyttet. ${why}`,
    movedTo: (what: string, pair: string, from: string) =>
      `${what} på ${pair} begynner nå ${from}.`,
    past: 'Det som er gjort eller pågår, kan ikke flyttes.',
  },
  peopleLists: {
    title: 'Neste for hver person',
    nothing: 'Ikke mer i dag.',
    workBlock: (name: string) => `Kjør bolken til ${name} på benken`,
    block: (from: string, what: string) => `${from} ${what}`,
    pairs: (count: number) => `${plain(count)} par`,
    ticked: (pair: string, what: string) => `${what} på ${pair} er gjort.`,
    unticked: (pair: string, what: string) => `${what} på ${pair} er åpent igjen.`,
    leaves: 'Går nå: planlegg på nytt',
    leavesWho: (name: string) => `${name} går nå: planlegg på nytt`,
    menu: (name: string) => `Hva du vil gjøre med ${name}`,
    calendar: 'Kalenderfil',
    calendarOf: (name: string) => `Kalenderfil for ${name}`,
  },
  pairsTable: {
    title: 'Etter par',
    caption: 'Parene i planen',
    pair: 'Par',
    skier: 'Til',
    outing: 'Økt',
    ready: 'Klart',
    sure: 'Nesten sikkert innen',
    due: 'Frist',
    stands: 'Framdrift',
    late: (span: string) => `${span} for sent`,
    before: (span: string) => `${span} før start`,
    done: 'ferdig',
    notStarted: 'ikke begynt',
    next: (what: string) => `neste: ${what}`,
  },
  cabinForm: {
    title: 'Økter, folk og utstyr',
    summary: (people: string, irons: number, [vices, stands]: readonly number[]) =>
      `${people}. Jern: ${plain(irons)}, skruestikker: ${vices}, børsteplasser: ${stands}. Endre`,
    liquidFor: (pairs: number) =>
      `Flytende i stedet for varmsmøring på ${pairs === 1 ? '1 par' : `${plain(pairs)} par`}`,
    saved: 'Utelatt for å spare tid',
    without: (programme: string) => `Uten «${programme}»`,
    outings: 'Økter',
    outing: (name: string, start: string, starters: number) =>
      `${name}, ${start}, ${starters === 1 ? '1 løper' : `${plain(starters)} løpere`}`,
    people: 'Folk',
    name: 'Navn',
    from: 'Fra',
    to: 'Til',
    skills: 'Kan',
    addPerson: 'Legg til en person eller et skift',
    removePerson: (name: string) => `Slett ${name || 'denne personen'}`,
    remove: 'Slett',
    irons: 'Jern, skilt med komma',
    vices: 'Skruestikker',
    brushStands: 'Børsteplasser',
    coolingPlaces: 'Kjøleplasser',
    opensAt: 'Smørebua åpner',
    closesAt: 'Smørebua stenger',
    readyMin: 'Klart før start',
    topHours: 'Topping tidligst, før start',
  },
  planFiles: {
    noPlan: 'Det er ingen plan ennå.',
    nobody: 'Ingen med det navnet er med i planen.',
  },
};
