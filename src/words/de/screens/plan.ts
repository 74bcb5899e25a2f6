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
    outingGone: 'Diesen Einsatz gibt es nicht mehr. Einen anderen wählen.',
    hasStarted: (name: string) => `${name} hat begonnen. Weglassen.`,
    nothingToPlan:
      'Es gibt nichts zu planen: niemand in diesen Einsätzen hat ein Paar. Erst Paare geben.',
    nobodyDoes: (skill: string) =>
      `Ein Blatt braucht ${skill}, und niemand macht das. Bei jemandem ankreuzen.`,
  },
  keepPlan: {
    cannotStand: (pair: string, why: string) => `${pair}: ${why}`,
    anotherPlan: 'Inzwischen gilt ein anderer Plan. Ansehen und den Schritt dort verschieben.',
    past: 'Was erledigt ist oder läuft, lässt sich nicht verschieben.',
    tooOld: 'Dieser Plan hat zu lange gedauert. Neu planen.',
  },
  tickVisit: {
    notInPlan: 'Dieses Paar ist nicht im Plan. Neu planen.',
    notStarted: 'Dieses Paar ist noch nicht begonnen.',
    sheetChanged:
      'Das Arbeitsblatt dieses Paars hat sich seit dem Plan geändert. Neu planen, dann abhaken.',
    isDone: 'Dieser Schritt ist schon erledigt.',
    notDone: 'Dieser Schritt ist noch nicht erledigt.',
    notYet: 'Die Schritte davor sind noch nicht erledigt.',
  },
  loadPlan: {
    me: 'Ich',
    firstIron: 'Eisen 1',
  },
  planScreen: {
    question: 'Wer macht was, und wann?',
    nobody: 'Noch niemand auf einer Startliste',
    nobodyHint: 'Erst Läufer auf die Startliste dieses Einsatzes setzen.',
    toPairs: 'Wählen, wer worauf läuft',
    notYet: (pairs: number) =>
      pairs === 1 ? 'Ein Paar zu planen' : `${plain(pairs)} Paare zu planen`,
    notYetHint: 'Prüfen, wer in der Kabine ist, dann den Plan machen.',
    allReady: (count: number, clock: string) =>
      count === 1 ? `Fertig um ${clock}` : `Alle ${plain(count)} fertig bis ${clock}`,
    missStart: (missed: number, all: number) =>
      `${plain(missed)} von ${plain(all)} verpassen den Start`,
    someLate: (late: number, all: number) => `${plain(late)} von ${plain(all)} zu spät`,
    byAtMost: (span: string) => `um bis zu ${span}`,
    cannotBeReady: (count: number, all: number) =>
      count === all
        ? 'Kein Paar kann fertig werden'
        : `${plain(count)} von ${plain(all)} können nicht fertig werden`,
    leftOut: (pair: string, why: string) => `Nicht im Plan: ${pair}. ${why}`,
    keptLeftOut: (count: number) =>
      count === 1
        ? 'Ein Paar kann nicht fertig werden.'
        : `${plain(count)} Paare können nicht fertig werden.`,
    withoutPair: (names: string) => `Ohne Paar: ${names}.`,
    tight: (pair: string, ready: string, due: string) =>
      `Am knappsten ist ${pair}: fast sicher fertig bis ${ready}, fällig ${due}.`,
    inTime: (share: string) => `Es schafft es in ${share} der Probeläufe.`,
    slack: ({ minutes, what, clock, who, share }: SlackWords) =>
      `Reservezeit hilft am meisten vor „${what}“ (${clock}${who ? `, ${who}` : ''}). Mit ${minutes} min dort schafft es ${share} der Probeläufe.`,
    noSlackHelps: 'Reservezeit hilft nicht. Früher beginnen, weniger tun oder jemanden dazunehmen.',
    never: 'keine Zeit in diesen Schichten',
    noChoice: (names: string) =>
      `Für ${names} ist kein Wachs gewählt, darum fehlt dort das Wachsen. Das Wachs wählen, dann neu planen.`,
    planOf: (outings: string) => `Für ${outings}.`,
    notOfThis: 'Dieser Plan ist für andere Einsätze. Diesen unten ankreuzen und neu planen.',
    gapLate: (share: string) => `Höchstens ${share} schlechter als der bestmögliche Plan.`,
    gapTime: (share: string) => `Höchstens ${share} länger als der kürzestmögliche Plan.`,
    best: 'Kein Plan kann kürzer sein.',
    moved: 'Ein Schritt wurde von Hand verschoben.',
    madeAt: (time: string) => `Gemacht ${time}.`,
    make: 'Plan machen',
    again: 'Ab jetzt neu planen',
    enough: 'Gut genug, aufhören',
    searching: (share: string) => `Ein besserer Plan wird gesucht: ${share}`,
    looking: 'Blätter und Paare werden angesehen…',
    helping: 'Was helfen würde, wird gesucht…',
    leaveOut: (what: string) => `Ohne ${what}.`,
    mostCoats: (coats: number) =>
      coats === 1 ? 'Ein Auftrag je Wachs.' : `Höchstens ${plain(coats)} Aufträge je Wachs.`,
    liquidFor: (product: string, pairs: readonly string[], percent: string) =>
      `${product} statt Heißwachs für ${pairs.length <= LISTED_PAIRS ? pairs.join(', ') : `${pairs.length} Paare`}. Das verliert bis zu ${percent} % Gleiten.`,
    planSo: 'Das verwenden',
    planSoWith: (what: string) => `Das verwenden: ${what}`,
    print: 'Plan drucken',
    csv: 'CSV',
    changed: {
      choice: (outing: string) =>
        `Das Wachs für ${outing} wurde nach diesem Plan gewählt. Neu planen, um es aufzunehmen.`,
      start: (outing: string) => `Der Start von ${outing} hat sich verschoben. Neu planen.`,
      sheet: (pair: string) =>
        `${pair} hat jetzt ein anderes Blatt. Neu planen, um es aufzunehmen.`,
    },
    behind: (count: number) =>
      count === 1
        ? 'Ein Schritt hätte schon beginnen sollen. Neu planen (R).'
        : `${plain(count)} Schritte hätten schon beginnen sollen. Neu planen (R).`,
    kept: (late: string) => `Der Plan ist gemacht. ${late}`,
    keptAllReady: 'Alle Paare sind rechtzeitig fertig.',
    keptLate: (span: string) => `Das letzte Paar ist ${span} zu spät.`,
    takenBack: 'Der vorige Plan ist wieder da.',
    helps: 'Was helfen würde',
    helpsLate: (change: string, left: string) => `${change} ${left}`,
    helpsNone: 'Dann sind alle Paare rechtzeitig fertig.',
    helpsSome: (minutes: string) => `Dann sind noch Paare zu spät, zusammen ${minutes}.`,
    helpsPairs: (count: number) =>
      count === 1
        ? 'Dann bleibt noch ein Paar außen vor.'
        : `Dann bleiben noch ${plain(count)} Paare außen vor.`,
  },
  board: {
    title: 'Die Tafel',
    overTime: 'Schritte über die Zeit',
    hint: 'Einen Schritt wählen, um seinem Paar zu folgen oder ihn zu verschieben. Mit der Maus ziehen.',
    people: 'Wer',
    row: (name: string) => `Schritte von ${name}`,
    now: 'jetzt',
    waits: 'Wartet',
    waitsHint: (count: number) => (count === 1 ? '1 Paar wartet' : `${plain(count)} Paare warten`),
    task: (what: string, pair: string, from: string, to: string) =>
      `${what}: ${pair}, ${from} bis ${to}`,
    state: {
      ahead: '',
      running: 'läuft',
      waiting: 'erledigt, wartet',
      done: 'erledigt',
    },
    pairs: (count: number) => `${plain(count)} Paare`,
    late: 'zu spät',
    chosen: (pair: string, skier: string) => `${pair} für ${skier}`,
    step: (what: string, from: string, to: string) => `${what}, ${from} bis ${to}`,
    wait: (span: string) => `wartet ${span}`,
    earlier: '5 min früher',
    later: '5 min später',
    with: 'Macht',
    close: 'Schließen',
    notMoved: (why: string) => `Nicht verschoben. ${why}`,
    movedTo: (what: string, pair: string, from: string) =>
      `${what} von ${pair} beginnt jetzt um ${from}.`,
    past: 'Was erledigt ist oder läuft, lässt sich nicht verschieben.',
  },
  peopleLists: {
    title: 'Als Nächstes für jede Person',
    nothing: 'Heute nichts mehr.',
    workBlock: (name: string) => `Den Block von ${name} am Wachstisch abarbeiten`,
    block: (from: string, what: string) => `${from} ${what}`,
    pairs: (count: number) => `${plain(count)} Paare`,
    ticked: (pair: string, what: string) => `${what} von ${pair} ist erledigt.`,
    unticked: (pair: string, what: string) => `${what} von ${pair} ist wieder offen.`,
    leaves: 'Geht jetzt: neu planen',
    leavesWho: (name: string) => `${name} geht jetzt: neu planen`,
    menu: (name: string) => `Was mit ${name} geschehen soll`,
    calendar: 'Kalenderdatei',
    calendarOf: (name: string) => `Kalenderdatei von ${name}`,
  },
  pairsTable: {
    title: 'Nach Paar',
    caption: 'Paare des Plans',
    pair: 'Paar',
    skier: 'Für',
    outing: 'Einsatz',
    ready: 'Fertig',
    sure: 'Fast sicher bis',
    due: 'Fällig',
    stands: 'Stand',
    late: (span: string) => `${span} zu spät`,
    before: (span: string) => `${span} vor dem Start`,
    done: 'fertig',
    notStarted: 'nicht begonnen',
    next: (what: string) => `als Nächstes: ${what}`,
  },
  cabinForm: {
    title: 'Einsätze, Leute und Werkzeug',
    summary: (people: string, irons: number, [vices, stands]: readonly number[]) =>
      `${people}. Eisen: ${plain(irons)}, Spannvorrichtungen: ${vices}, Bürstplätze: ${stands}. Ändern`,
    liquidFor: (pairs: number) =>
      `Flüssig statt Heißwachs für ${pairs === 1 ? '1 Paar' : `${plain(pairs)} Paare`}`,
    saved: 'Weggelassen, um Zeit zu sparen',
    without: (programme: string) => `Ohne „${programme}“`,
    outings: 'Einsätze',
    outing: (name: string, start: string, starters: number) =>
      `${name}, ${start}, ${starters === 1 ? '1 Läufer' : `${plain(starters)} Läufer`}`,
    people: 'Leute',
    name: 'Name',
    from: 'Von',
    to: 'Bis',
    skills: 'Kann',
    addPerson: 'Eine Person oder Schicht aufnehmen',
    removePerson: (name: string) => `${name || 'diese Person'} löschen`,
    remove: 'Löschen',
    irons: 'Eisen, durch Kommas getrennt',
    vices: 'Spannvorrichtungen',
    brushStands: 'Bürstplätze',
    coolingPlaces: 'Kühlplätze',
    opensAt: 'Kabine öffnet',
    closesAt: 'Kabine schließt',
    readyMin: 'Fertig vor dem Start',
    topHours: 'Finish frühestens so lange vor dem Start',
  },
  planFiles: {
    noPlan: 'Es gibt noch keinen Plan.',
    nobody: 'Niemand dieses Namens ist im Plan.',
  },
};
