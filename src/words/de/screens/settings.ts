import type { BookName } from '../../../core/book';
import { megabytes, plain } from '../../quantities';
import type { WordsAt } from '../../language';

export const settings: WordsAt<'screens/settings'> = {
  teamPart: {
    theBench: 'Der Wachstisch',
    freshAir: 'Frischluft',
    ventilated: 'Gelüftet',
    closedRoom: 'Geschlossener Raum',
    basesMostly: 'Die meisten Beläge sind',
    toolsThereAre: 'Vorhandene Werkzeuge',
    theTeamsOwnWays: 'Wie das Team arbeitet',
    goodTechniciansDifferHereWhat:
      'Gute Techniker arbeiten verschieden. Was hier steht, gilt für jede Wahl und jede Arbeit.',
  },
  settingsScreen: {
    language: 'Sprache',
    asTheBrowser: 'Wie der Browser',
    back: 'Zurück zu Frost Pick',
    asTheDevice: 'Wie das Gerät',
    light: 'Hell',
    dark: 'Dunkel',
    howShouldItRead: 'Einstellungen',
    unitsAndLightHereThe:
      'Sprache, Einheiten und Farben für dieses Gerät, der Wachstisch fürs Team',
    thisDevice: 'Dieses Gerät',
    temperature: 'Temperatur',
    altitudeAndLength: 'Höhe und Länge',
    distance: 'Entfernung',
    screen: 'Bildschirm',
  },
  devices: {
    title: 'Geräte',
    hint: 'Tablets und Telefone arbeiten mit denselben Daten, sobald sie mit diesem Computer gekoppelt sind.',
    open: 'Geräte koppeln und abweisen',
  },
  copies: {
    title: 'Kopien aller Daten',
    hint: 'Solange Frost Pick läuft, macht es jeden Tag eine Kopie und behält vierzehn. Dazu behält es die letzten fünf von Hand gemachten und die letzten fünf von vor einem Abgleich, einer Wiederherstellung oder einem Upgrade. Ab und zu eine davon mitnehmen. Zum Zurückholen Frost Pick beenden und npm run restore -- DATEI ausführen.',
    copyNow: 'Jetzt kopieren',
    copying: 'Wird kopiert…',
    copied: (name: string, bytes: number) => `Kopiert und geprüft: ${name} (${megabytes(bytes)}).`,
    line: (time: string, name: string, bytes: number) => `${time}: ${name}, ${megabytes(bytes)}`,
    failed: (detail: string) =>
      `Die Kopie ließ sich nicht machen (${detail}). Platz schaffen, dann noch einmal versuchen.`,
  },
  hub: {
    title: 'Zentrale mehrerer Kabinen',
    hint: 'Ein Verband mit einer Zentrale gibt jeder Kabine deren Adresse und einen Schlüssel. Solange sie erreichbar ist, führen alle ein Buch; ohne sie macht jede mit dem eigenen weiter.',
    address: 'Adresse der Zentrale',
    addressHint: 'Etwa https://hub.example:3240',
    token: 'Schlüssel dieser Kabine',
    join: 'Der Zentrale beitreten',
    leave: 'Die Zentrale verlassen',
    left: 'Diese Kabine hat die Zentrale verlassen. Was von ihr kam, bleibt hier.',
    now: 'Jetzt austauschen',
    joined: (url: string) => `Beigetreten: ${url}`,
    inStep: (url: string, time: string) => `Im Gleichstand mit ${url}, letzter Austausch ${time}`,
    came: (count: number) =>
      count === 0
        ? 'Im Gleichstand. Nichts Neues von den anderen.'
        : count === 1
          ? 'Im Gleichstand. Ein Datensatz kam von den anderen.'
          : `Im Gleichstand. ${plain(count)} Datensätze kamen von den anderen.`,
    decidedTitle: 'In zwei Kabinen zugleich geändert',
    decidedHint:
      'In jedem Buch steht jetzt derselbe Wert. War der andere richtig, noch einmal ändern: die letzte Änderung gilt.',
    standsMine: (column: string, mine: string, theirs: string) =>
      `${column}: „${mine}“ dieser Kabine gilt, „${theirs}“ ist gewichen`,
    standsTheirs: (column: string, mine: string, theirs: string) =>
      `${column}: „${theirs}“ der anderen Kabine gilt, „${mine}“ dieser ist gewichen`,
    decidedWith: (cabin: string, time: string) => `Mit ${cabin}, ${time}`,
    saw: 'Gesehen',
    sawOf: (label: string) => `Gesehen: ${label}`,
    seen: 'Von der Liste genommen.',
    twin: (time: string) =>
      `Ein anderer Rechner nutzt den Schlüssel dieser Kabine (zuletzt ${time}). Nichts ging verloren, aber dort einen eigenen Schlüssel erbitten und neu beitreten.`,
    heldTitle: 'Nicht übernommen',
    heldHint:
      'Alles andere wurde übernommen. Diese werden wieder versucht, sobald etwas kommt, und nach einer neuen Version.',
    heldOf: (cabin: string, time: string) => `Von ${cabin}, ${time}`,
    allOthers: 'den anderen Kabinen',
    theHub: 'der Zentrale',
    held: (reason: string) =>
      reason === 'unreadable'
        ? 'Diese Version kann es nicht lesen.'
        : reason === 'named'
          ? 'Dort entfernt, aber anderes hier braucht es noch.'
          : reason === 'picture'
            ? 'Das Bild ist noch nicht da.'
            : 'Es nennt etwas, das noch nicht da ist.',
    removalsTitle: (cabin: string, count: number) =>
      count === 1
        ? `${cabin} hat einen weiteren Datensatz entfernt. Hier auch entfernen?`
        : `${cabin} hat ${plain(count)} weitere Datensätze entfernt. Hier auch entfernen?`,
    removalsHint: 'Zehn am Tag von einer Kabine werden ohne Frage übernommen.',
    removeToo: 'Hier auch entfernen',
    keepThem: 'Behalten',
    removedToo: 'Hier auch entfernt.',
    keptAll: 'Behalten. Die anderen Kabinen bekommen sie zurück.',
    andMore: (count: number) => `und ${plain(count)} weitere`,
    wasRemoved: (isTaken: boolean) =>
      isTaken
        ? 'Dort entfernt, und hier auch'
        : 'In einer Kabine entfernt, in der anderen geändert: es bleibt',
    problem: (code: string) =>
      code === 'unreachable'
        ? 'Die Zentrale ist nicht erreichbar. Was sich hier ändert, folgt, sobald sie es ist.'
        : code === 'not_let_in'
          ? 'Die Zentrale kennt diesen Schlüssel nicht. Einen neuen erbitten und neu beitreten.'
          : code === 'older'
            ? 'Die Zentrale läuft mit einer älteren Version. Um eine neue bitten; was sich hier ändert, folgt dann.'
            : code === 'full'
              ? 'Die Zentrale nimmt von dieser Kabine nichts mehr an: ihr Platz ist voll. Dort nachfragen.'
              : 'Der Austausch mit der Zentrale misslang; nichts ging verloren. Es folgt ein neuer Versuch.',
  },
  exchange: {
    progress: 'Fortschritt',
    title: 'Daten weitergeben und übernehmen',
    hint: 'Ein Buch enthält alle Daten einer Kabine. Übernimmt man das Buch einer anderen, werden beide eins: Neues kommt dazu, später Geändertes wird übernommen, und wo beide geändert wurden, entscheidest du.',
    asJson: 'Alle Daten als JSON',
    asZip: 'Mit Fotos, als ZIP',
    file: 'Buch einer anderen Kabine (JSON oder ZIP)',
    choose: 'Ein Buch wählen',
    reading: 'Buch wird gelesen…',
    cancel: 'Abbrechen',
    takingIn: 'Wird übernommen…',
    takeIn: 'Übernehmen',
    nothingNew: 'Das Buch enthält nichts, was nicht schon hier ist.',
    done: (added: number, changed: number) =>
      `Übernommen: ${plain(added)} neu, ${plain(changed)} geändert. Vorher wurde eine Kopie aller Daten gemacht.`,
    noAnswer:
      'Der Server hat nicht geantwortet. Nichts wurde übernommen oder alles: das Buch noch einmal wählen, um es zu sehen.',
    whatChanges: 'Was das Buch hier ändert',
    kind: 'Datensätze',
    added: 'Neu',
    changed: 'Dort geändert',
    removed: 'Dort entfernt',
    kept: 'Hier geändert',
    sameInBoth: (count: number) => `${plain(count)} Datensätze sind in beiden gleich.`,
    conflicts: 'Zu entscheiden',
    changesTitle: 'Übernommen, da dort später geändert',
    conflictsTitle: 'In beiden geändert: welches gilt?',
    whichStands: (label: string) => `Was gilt: ${label}`,
    recordOf: (kind: string, label: string) => `${kind}: ${label}`,
    problem: (field: string, message: string) => `${field}: ${message}`,
    keepMine: 'Behalten, was hier ist',
    takeTheirs: 'Nehmen, was dort ist',
    allTheirs: 'Für alle nehmen, was dort ist',
    fixed: (count: number) =>
      count === 1
        ? 'Ein Datensatz wird nur einmal geschrieben und weicht ab: was hier ist, bleibt'
        : `${plain(count)} Datensätze werden nur einmal geschrieben und weichen ab: was hier ist, bleibt`,
    column: (column: string) => column.replace(/_/g, ' '),
    empty: 'nichts',
    fromTo: (column: string, mine: string, theirs: string) => `${column}: ${mine} → ${theirs}`,
    withoutPicture: (count: number) =>
      `${count === 1 ? 'Ein Foto wird' : `${plain(count)} Fotos werden`} weggelassen, da diese Datei keine Bilder hat. Als ZIP ausgeben, um sie mitzunehmen.`,
    sameNames: (names: readonly string[]) =>
      `Diese Namen stehen dann zweimal da, weil beide Kabinen sie für sich notierten: ${names.join(', ')}.`,
    more: (count: number) => `und ${plain(count)} weitere`,
    KIND: {
      venue: 'Orte',
      course: 'Strecken',
      station: 'Wetterstationen',
      venue_station: 'Stationen der Orte',
      weather: 'Wetterstunden',
      outing: 'Einsätze',
      product: 'Produkte',
      stock_move: 'Bestand',
      skier: 'Läufer',
      ski: 'Ski',
      reading: 'Messungen',
      photo: 'Fotos vom Schnee',
      choice: 'Wahlen',
      outcome: 'Ergebnisse',
      job: 'Arbeiten',
      job_step: 'Schritte der Arbeiten',
      ski_event: 'Geschichte der Ski',
      finding: 'Zeichen auf Belägen',
      ski_photo: 'Fotos der Ski',
      glide_test: 'Tests',
      glide_run: 'Fahrten der Tests',
      grip_test: 'Steigtests',
      grip_note: 'Notizen zum Steigwachs',
      track_event: 'Arbeit an Spuren',
      starter: 'Starter',
      bench_plan: 'Pläne',
      note: 'Notizen',
      learner: 'Leute, die üben',
      drill_answer: 'Antworten vom Üben',
      dispute: 'Bestrittene Antworten',
      team_setting: 'Einstellungen des Teams',
      signature: 'Namen der schreibenden Geräte',
    } satisfies Record<BookName, string>,
    formatMustBe: 'Das Format muss json oder zip sein.',
    doMustBe: 'do=preview oder do=import angeben.',
    incomplete: 'Das Buch nennt Datensätze, die weder darin noch hier sind. Nichts wurde geändert.',
    namesMissing: 'Ein Datensatz nennt einen anderen, der fehlt.',
  },
};
