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
    methodsHint:
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
    open: 'Geräte hinzufügen oder löschen',
  },
  copies: {
    title: 'Kopien aller Daten',
    hint: 'Frost Pick macht jeden Tag eine Kopie und behält vierzehn. Dazu behält es die letzten fünf selbst gemachten und fünf von vor Importen, Wiederherstellungen und Upgrades. Ab und zu eine mit nach Hause nehmen. Zum Wiederherstellen Frost Pick beenden und npm run restore -- DATEI ausführen.',
    copyNow: 'Jetzt kopieren',
    copying: 'Wird kopiert…',
    copied: (name: string, bytes: number) => `Kopiert und geprüft: ${name} (${megabytes(bytes)}).`,
    line: (time: string, name: string, bytes: number) => `${time}: ${name}, ${megabytes(bytes)}`,
    failed: (detail: string) =>
      `Die Kopie ließ sich nicht machen (${detail}). Platz schaffen, dann noch einmal versuchen.`,
  },
  hub: {
    title: 'Zentrale für mehrere Kabinen',
    hint: 'Eine Zentrale hält mehrere Kabinen synchron. Wer sie betreibt, gibt jeder Kabine die Adresse und einen Schlüssel. Ohne Verbindung arbeitet jede Kabine für sich.',
    address: 'Adresse der Zentrale',
    addressHint: 'Etwa https://hub.example:3240',
    token: 'Schlüssel dieser Kabine',
    join: 'Der Zentrale beitreten',
    joining:
      'Tritt bei. Ein großes Buch braucht etwa eine Minute. Danach können andere wieder speichern.',
    leave: 'Die Zentrale verlassen',
    left: 'Diese Kabine hat die Zentrale verlassen. Was von ihr kam, bleibt hier.',
    now: 'Jetzt synchronisieren',
    joined: (url: string) => `Beigetreten: ${url}`,
    inStep: (url: string, time: string) => `Synchron mit ${url}, zuletzt ${time}`,
    came: (count: number) =>
      count === 0
        ? 'Synchron. Nichts Neues.'
        : count === 1
          ? 'Synchron. Ein neuer Datensatz.'
          : `Synchron. ${plain(count)} neue Datensätze.`,
    decidedTitle: 'In zwei Kabinen zugleich geändert',
    decidedHint:
      'Alle Kabinen zeigen jetzt denselben Wert. Ist er falsch, den richtigen noch einmal eingeben.',
    standsMine: (column: string, mine: string, theirs: string) =>
      `${column}: „${mine}“ dieser Kabine bleibt, „${theirs}“ wurde ersetzt`,
    standsTheirs: (column: string, mine: string, theirs: string) =>
      `${column}: „${theirs}“ der anderen Kabine bleibt, „${mine}“ dieser wurde ersetzt`,
    decidedWith: (cabin: string, time: string) => `Mit ${cabin}, ${time}`,
    saw: 'Gesehen',
    sawOf: (label: string) => `Gesehen: ${label}`,
    seen: 'Als gesehen markiert.',
    twin: (time: string) =>
      `Ein anderer Rechner nutzt den Schlüssel dieser Kabine (zuletzt ${time}). Nichts ging verloren. Einen zweiten Schlüssel anfordern und dort neu beitreten.`,
    heldTitle: 'Nicht importiert',
    heldHint:
      'Alles andere wurde importiert. Frost Pick versucht es erneut, wenn Neues kommt und nach einem Upgrade.',
    heldOf: (cabin: string, time: string) => `Von ${cabin}, ${time}`,
    allOthers: 'den anderen Kabinen',
    theHub: 'der Zentrale',
    held: (reason: string) =>
      reason === 'unreadable'
        ? 'Diese Version kann es nicht lesen.'
        : reason === 'named'
          ? 'Dort gelöscht, aber andere Datensätze hier brauchen es.'
          : reason === 'picture'
            ? 'Das Bild ist noch nicht da.'
            : 'Es verweist auf etwas, das noch fehlt.',
    removalsTitle: (cabin: string, count: number) =>
      count === 1
        ? `${cabin} hat einen weiteren Datensatz gelöscht. Hier auch löschen?`
        : `${cabin} hat ${plain(count)} weitere Datensätze gelöscht. Hier auch löschen?`,
    removalsHint: 'Bis zu zehn Löschungen am Tag je Kabine gelten ohne Rückfrage.',
    removeToo: 'Hier auch löschen',
    keepThem: 'Behalten',
    removedToo: 'Hier auch gelöscht.',
    keptAll: 'Behalten. Die anderen Kabinen bekommen sie zurück.',
    andMore: (count: number) => `und ${plain(count)} weitere`,
    wasRemoved: (isTaken: boolean) =>
      isTaken
        ? 'Dort und hier gelöscht'
        : 'In einer Kabine gelöscht, in der anderen geändert. Es bleibt.',
    problem: (code: string) =>
      code === 'unreachable'
        ? 'Die Zentrale ist nicht erreichbar. Deine Änderungen werden gesendet, sobald sie es ist.'
        : code === 'not_let_in'
          ? 'Die Zentrale kennt diesen Schlüssel nicht. Einen neuen anfordern und neu beitreten.'
          : code === 'older'
            ? 'Auf der Zentrale läuft eine ältere Version. Den Betreiber um ein Upgrade bitten. Deine Änderungen werden danach gesendet.'
            : code === 'full'
              ? 'Die Zentrale hat keinen Platz mehr für diese Kabine. Beim Betreiber nachfragen.'
              : 'Die Synchronisierung ist fehlgeschlagen. Nichts ging verloren. Frost Pick versucht es erneut.',
  },
  exchange: {
    progress: 'Fortschritt',
    title: 'Daten exportieren und importieren',
    hint: 'Ein Buch enthält alle Daten einer Kabine. Das Buch einer anderen Kabine importieren, um beide zu vereinen. Neues kommt dazu, spätere Änderungen gelten. Wo sich beide änderten, entscheidest du.',
    asJson: 'Alle Daten als JSON',
    asZip: 'Mit Fotos, als ZIP',
    file: 'Buch einer anderen Kabine (JSON oder ZIP)',
    choose: 'Ein Buch wählen',
    reading: 'Buch wird gelesen…',
    cancel: 'Abbrechen',
    takingIn: 'Wird importiert…',
    takeIn: 'Importieren',
    nothingNew: 'Das Buch enthält nichts, was nicht schon hier ist.',
    done: (added: number, changed: number) =>
      `Importiert: ${plain(added)} neu, ${plain(changed)} geändert. Vorher wurden alle Daten kopiert.`,
    noAnswer:
      'Der Server hat nicht geantwortet. Das Buch noch einmal wählen, um zu sehen, ob es importiert wurde.',
    whatChanges: 'Was das Buch hier ändert',
    kind: 'Datensätze',
    added: 'Neu',
    changed: 'Dort geändert',
    removed: 'Dort gelöscht',
    kept: 'Hier geändert',
    sameInBoth: (count: number) => `${plain(count)} Datensätze sind in beiden gleich.`,
    conflicts: 'Zu entscheiden',
    changesTitle: 'Von der anderen Kabine aktualisiert',
    conflictsTitle: 'In beiden geändert. Was behältst du?',
    whichStands: (label: string) => `Was behältst du: ${label}`,
    recordOf: (kind: string, label: string) => `${kind}: ${label}`,
    problem: (field: string, message: string) => `${field}: ${message}`,
    keepMine: 'Unseres behalten',
    takeTheirs: 'Das der anderen Kabine nehmen',
    allTheirs: 'Für alle das der anderen Kabine nehmen',
    fixed: (count: number) =>
      count === 1
        ? 'Ein Datensatz ist unveränderlich. Unserer bleibt.'
        : `${plain(count)} Datensätze sind unveränderlich. Unsere bleiben.`,
    /** Columns that no field has words for. */
    COLUMN: {
      segments: 'Strecke',
      source: 'Quelle',
      created_at: 'Hinzugefügt',
      removed_at: 'Gelöscht',
      withdrawn: 'Gelöscht',
      reading_id: 'Messung',
      outing_id: 'Einsatz',
      product_id: 'Produkt',
      product_name: 'Produkt',
      equivalent_temperature_c: 'Wachstemperatur',
      hardness: 'Härte',
      inputs: 'Woraus gewählt wurde',
      ledger: 'Gründe',
      ranking: 'Rangliste',
      details: 'Einzelheiten',
      note: 'Notiz',
      corrects_id: 'Berichtigt',
      ski_id: 'Paar',
      choice_id: 'Wahl',
      sheet: 'Arbeitsblatt',
      started_at: 'Begonnen',
      ended_at: 'Fertig',
      dropped_at: 'Abgebrochen',
      due_at: 'Fällig',
      least_at: 'Frühestes Ende',
      outcome: 'Ergebnis',
      skip_reason: 'Warum ausgelassen',
      set_c: 'Eisen eingestellt auf',
      grams: 'Gramm',
      kind: 'Art',
      cleared_at: 'Behoben',
      cleared_by_job: 'Behoben in Arbeit',
      content: 'Inhalt',
      at: 'Zeit',
      made_at: 'Erstellt',
      wish: 'Was geplant wurde',
      cabin: 'Leute und Werkzeug',
      time_zone: 'Zeitzone',
      pairs: 'Paare',
      tasks: 'Schritte',
      left_out: 'Weggelassen',
      lower_bound: 'Schranke',
      is_moved: 'Von Hand verschoben',
      value: 'Wert',
    },
    empty: 'nichts',
    fromTo: (column: string, mine: string, theirs: string) => `${column}: ${mine} → ${theirs}`,
    withoutPicture: (count: number) =>
      `${count === 1 ? 'Ein Foto wird' : `${plain(count)} Fotos werden`} weggelassen, da diese Datei keine Bilder hat. Als ZIP exportieren, um sie mitzunehmen.`,
    sameNames: (names: readonly string[]) =>
      `Diese Namen gibt es dann zweimal, weil beide Kabinen sie haben: ${names.join(', ')}.`,
    more: (count: number) => `und ${plain(count)} weitere`,
    KIND: {
      venue: 'Orte',
      course: 'Strecken',
      station: 'Wetterstationen',
      venue_station: 'Ortsstationen',
      weather: 'Wetterstunden',
      outing: 'Einsätze',
      product: 'Produkte',
      stock_move: 'Bestand',
      skier: 'Läufer',
      ski: 'Ski',
      reading: 'Messungen',
      photo: 'Schneefotos',
      choice: 'Wahlen',
      outcome: 'Ergebnisse',
      job: 'Arbeiten',
      job_step: 'Arbeitsschritte',
      ski_event: 'Skiverlauf',
      finding: 'Schäden am Belag',
      ski_photo: 'Skifotos',
      glide_test: 'Tests',
      glide_run: 'Testfahrten',
      grip_test: 'Steigtests',
      grip_note: 'Steigwachsnotizen',
      track_event: 'Spurarbeit',
      starter: 'Starter',
      bench_plan: 'Pläne',
      note: 'Notizen',
      learner: 'Lernende',
      drill_answer: 'Übungsantworten',
      dispute: 'Bestrittene Antworten',
      team_setting: 'Teameinstellungen',
      signature: 'Gerätenamen',
    } satisfies Record<BookName, string>,
    formatMustBe: 'Das Format muss json oder zip sein.',
    doMustBe: 'do=preview oder do=import angeben.',
    incomplete: 'Das Buch nennt Datensätze, die weder darin noch hier sind. Nichts wurde geändert.',
    namesMissing: 'Ein Datensatz nennt einen anderen, der fehlt.',
  },
};
