import type { BookName } from '../../../core/book';
import { megabytes, plain } from '../../quantities';
import type { WordsAt } from '../../language';

export const settings: WordsAt<'screens/settings'> = {
  teamPart: {
    theBench: 'Benken',
    freshAir: 'Frisk luft',
    ventilated: 'Avtrekk',
    closedRoom: 'Lukket rom',
    basesMostly: 'De fleste sålene er',
    toolsThereAre: 'Verktøy dere har',
    theTeamsOwnWays: 'Slik arbeider teamet',
    methodsHint:
      'Gode smørere arbeider på ulike måter. Det du setter her, brukes for hvert valg og hver jobb.',
  },
  settingsScreen: {
    language: 'Språk',
    asTheBrowser: 'Som nettleseren',
    back: 'Tilbake til Frost Pick',
    asTheDevice: 'Som enheten',
    light: 'Lys',
    dark: 'Mørk',
    howShouldItRead: 'Innstillinger',
    unitsAndLightHereThe: 'Språk, enheter og farger for denne enheten, benken for teamet',
    thisDevice: 'Denne enheten',
    temperature: 'Temperatur',
    altitudeAndLength: 'Høyde og lengde',
    distance: 'Avstand',
    screen: 'Skjerm',
  },
  devices: {
    title: 'Enheter',
    hint: 'Nettbrett og telefoner arbeider med de samme dataene når de er paret med denne maskinen.',
    open: 'Legg til eller slett enheter',
  },
  copies: {
    title: 'Kopier av alle data',
    hint: 'Frost Pick tar en kopi hver dag og beholder fjorten. Det beholder også de siste fem du har tatt selv, og fem fra før importer, gjenopprettinger og oppgraderinger. Ta med deg en hjem av og til. For å gjenopprette en kopi: stopp Frost Pick og kjør npm run restore -- FIL.',
    copyNow: 'Kopier nå',
    copying: 'Kopierer…',
    copied: (name: string, bytes: number) =>
      `Kopiert og kontrollert: ${name} (${megabytes(bytes)}).`,
    line: (time: string, name: string, bytes: number) => `${time}: ${name}, ${megabytes(bytes)}`,
    failed: (detail: string) =>
      `Kopien lot seg ikke lage (${detail}). Frigjør plass, og prøv igjen.`,
  },
  hub: {
    title: 'Sentral for flere smørebuer',
    hint: 'En sentral holder flere smørebuer synkronisert. Den som driver den, gir hver smørebu adressen og en nøkkel. Uten forbindelse jobber hver smørebu for seg.',
    address: 'Adressen til sentralen',
    addressHint: 'For eksempel https://hub.example:3240',
    token: 'Nøkkelen til denne smørebua',
    join: 'Koble til sentralen',
    joining: 'Kobler til. En stor bok tar omtrent et minutt. Andre kan lagre igjen etterpå.',
    leave: 'Forlat sentralen',
    left: 'Denne smørebua har forlatt sentralen. Det som kom derfra, blir her.',
    now: 'Synkroniser nå',
    joined: (url: string) => `Koblet til: ${url}`,
    inStep: (url: string, time: string) => `Synkronisert med ${url}, sist ${time}`,
    came: (count: number) =>
      count === 0
        ? 'Synkronisert. Ikke noe nytt.'
        : count === 1
          ? 'Synkronisert. Én ny post.'
          : `Synkronisert. ${plain(count)} nye poster.`,
    decidedTitle: 'Endret i to smørebuer samtidig',
    decidedHint:
      'Alle smørebuer viser nå den samme verdien. Er den feil, skriv inn den riktige på nytt.',
    standsMine: (column: string, mine: string, theirs: string) =>
      `${column}: «${mine}» fra denne smørebua er beholdt, «${theirs}» er erstattet`,
    standsTheirs: (column: string, mine: string, theirs: string) =>
      `${column}: «${theirs}» fra den andre smørebua er beholdt, «${mine}» fra denne er erstattet`,
    decidedWith: (cabin: string, time: string) => `Med ${cabin}, ${time}`,
    saw: 'Sett',
    sawOf: (label: string) => `Sett: ${label}`,
    seen: 'Merket som sett.',
    twin: (time: string) =>
      `En annen datamaskin bruker nøkkelen til denne smørebua (sist ${time}). Ingenting er tapt. Be om en nøkkel til, og koble til igjen der.`,
    heldTitle: 'Ikke importert',
    heldHint:
      'Alt annet ble importert. Frost Pick prøver disse igjen når noe nytt kommer, og etter en oppgradering.',
    heldOf: (cabin: string, time: string) => `Fra ${cabin}, ${time}`,
    allOthers: 'de andre smørebuene',
    theHub: 'sentralen',
    held: (reason: string) =>
      reason === 'unreadable'
        ? 'Denne versjonen kan ikke lese den.'
        : reason === 'named'
          ? 'Den ble slettet der, men andre poster her bruker den.'
          : reason === 'picture'
            ? 'Bildet er ikke kommet ennå.'
            : 'Den viser til noe som ikke er kommet ennå.',
    removalsTitle: (cabin: string, count: number) =>
      count === 1
        ? `${cabin} slettet én post til. Slette den her også?`
        : `${cabin} slettet ${plain(count)} poster til. Slette dem her også?`,
    removalsHint: 'Opptil ti slettinger om dagen fra én smørebu trenger ingen bekreftelse.',
    removeToo: 'Slett her også',
    keepThem: 'Behold dem',
    removedToo: 'Slettet her også.',
    keptAll: 'Beholdt. De andre smørebuene får dem tilbake.',
    andMore: (count: number) => `og ${plain(count)} til`,
    wasRemoved: (isTaken: boolean) =>
      isTaken ? 'Slettet der og her' : 'Slettet i én smørebu, endret i den andre. Den er beholdt.',
    problem: (code: string) =>
      code === 'unreachable'
        ? 'Sentralen kan ikke nås. Endringene dine sendes når den kan nås igjen.'
        : code === 'not_let_in'
          ? 'Sentralen kjenner ikke denne nøkkelen. Be om en ny, og koble til igjen.'
          : code === 'older'
            ? 'Sentralen kjører en eldre versjon. Be den som driver den, om å oppgradere. Endringene dine sendes etterpå.'
            : code === 'full'
              ? 'Sentralen har ikke mer plass til denne smørebua. Spør den som driver den.'
              : 'Synkroniseringen mislyktes. Ingenting gikk tapt. Frost Pick prøver igjen.',
  },
  exchange: {
    progress: 'Framdrift',
    title: 'Eksporter og importer data',
    hint: 'En bok inneholder alle data fra en smørebu. Importer boken fra en annen smørebu for å slå dem sammen. Nye poster legges til, senere endringer brukes. Der begge er endret, velger du.',
    asJson: 'Alle data som JSON',
    asZip: 'Med bilder, som ZIP',
    file: 'Bok fra en annen smørebu (JSON eller ZIP)',
    choose: 'Velg en bok',
    reading: 'Leser boken…',
    cancel: 'Avbryt',
    takingIn: 'Importerer…',
    takeIn: 'Importer',
    nothingNew: 'Boken inneholder ikke noe som ikke alt er her.',
    done: (added: number, changed: number) =>
      `Importert: ${plain(added)} nye, ${plain(changed)} endret. Alle data ble kopiert først.`,
    noAnswer: 'Serveren svarte ikke. Velg boken igjen for å se om den ble importert.',
    whatChanges: 'Hva boken endrer her',
    kind: 'Poster',
    added: 'Nye',
    changed: 'Endret der',
    removed: 'Slettet der',
    kept: 'Endret her',
    sameInBoth: (count: number) => `${plain(count)} poster er like i begge.`,
    conflicts: 'Du velger',
    changesTitle: 'Oppdatert fra den andre smørebua',
    conflictsTitle: 'Endret i begge. Hvilken beholder du?',
    whichStands: (label: string) => `Hvilken ${label} beholder du?`,
    recordOf: (kind: string, label: string) => `${kind}: ${label}`,
    problem: (field: string, message: string) => `${field}: ${message}`,
    keepMine: 'Behold vår',
    takeTheirs: 'Bruk den andre smørebuas',
    allTheirs: 'Bruk den andre smørebuas for alle',
    fixed: (count: number) =>
      count === 1
        ? 'Én post kan ikke endres. Vår er beholdt.'
        : `${plain(count)} poster kan ikke endres. Våre er beholdt.`,
    /** Columns that no field has words for. */
    COLUMN: {
      segments: 'Løype',
      source: 'Kilde',
      created_at: 'Lagt til',
      removed_at: 'Slettet',
      withdrawn: 'Slettet',
      reading_id: 'Måling',
      outing_id: 'Økt',
      product_id: 'Produkt',
      product_name: 'Produkt',
      equivalent_temperature_c: 'Vokstemperatur',
      hardness: 'Hardhet',
      inputs: 'Hva det ble valgt ut fra',
      ledger: 'Grunner',
      ranking: 'Rangering',
      details: 'Detaljer',
      note: 'Notat',
      corrects_id: 'Retter',
      ski_id: 'Par',
      choice_id: 'Valg',
      sheet: 'Jobbark',
      started_at: 'Startet',
      ended_at: 'Ferdig',
      dropped_at: 'Avbrutt',
      due_at: 'Frist',
      least_at: 'Tidligste slutt',
      outcome: 'Resultat',
      skip_reason: 'Hvorfor hoppet over',
      set_c: 'Jern stilt på',
      grams: 'Gram',
      kind: 'Slag',
      cleared_at: 'Utbedret',
      cleared_by_job: 'Utbedret i jobb',
      content: 'Innhold',
      at: 'Tid',
      made_at: 'Laget',
      wish: 'Hva som ble planlagt',
      cabin: 'Folk og utstyr',
      time_zone: 'Tidssone',
      pairs: 'Par',
      tasks: 'Steg',
      left_out: 'Utelatt',
      lower_bound: 'Grense',
      is_moved: 'Flyttet for hånd',
      value: 'Verdi',
    },
    empty: 'ingenting',
    fromTo: (column: string, mine: string, theirs: string) => `${column}: ${mine} → ${theirs}`,
    withoutPicture: (count: number) =>
      `${count === 1 ? 'Ett bilde er' : `${plain(count)} bilder er`} utelatt fordi filen ikke har bilder. Eksporter en ZIP for å ta dem med.`,
    sameNames: (names: readonly string[]) =>
      `Disse navnene vil stå to ganger, fordi begge smørebuer har dem: ${names.join(', ')}.`,
    more: (count: number) => `og ${plain(count)} til`,
    KIND: {
      venue: 'Steder',
      course: 'Løyper',
      station: 'Værstasjoner',
      venue_station: 'Stedenes stasjoner',
      weather: 'Værtimer',
      outing: 'Økter',
      product: 'Produkter',
      stock_move: 'Beholdning',
      skier: 'Løpere',
      ski: 'Ski',
      reading: 'Målinger',
      photo: 'Snøbilder',
      choice: 'Valg',
      outcome: 'Resultater',
      job: 'Jobber',
      job_step: 'Jobbsteg',
      ski_event: 'Skihistorikk',
      finding: 'Merker på såler',
      ski_photo: 'Skibilder',
      glide_test: 'Tester',
      glide_run: 'Testkjøringer',
      grip_test: 'Festetester',
      grip_note: 'Notater om feste',
      track_event: 'Sporarbeid',
      starter: 'Startende',
      bench_plan: 'Planer',
      note: 'Notater',
      learner: 'Folk som øver',
      drill_answer: 'Øvingssvar',
      dispute: 'Omstridte svar',
      team_setting: 'Teaminnstillinger',
      signature: 'Enhetsnavn',
    } satisfies Record<BookName, string>,
    formatMustBe: 'Formatet må være json eller zip.',
    doMustBe: 'Si do=preview eller do=import.',
    incomplete: 'Boken nevner poster som verken er i den eller her. Ingenting ble endret.',
    namesMissing: 'En post nevner en annen som mangler.',
  },
};
