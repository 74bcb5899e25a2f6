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
    goodTechniciansDifferHereWhat:
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
    open: 'Par og avvis enheter',
  },
  copies: {
    title: 'Kopier av alle data',
    hint: 'Mens Frost Pick kjører, tar det én kopi om dagen og beholder fjorten. Det beholder også de siste fem som er tatt for hånd, og de siste fem fra før en sammenslåing, gjenoppretting eller oppgradering. Ta med deg en kopi av og til. Slik henter du en tilbake: stopp Frost Pick og kjør npm run restore -- FIL.',
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
    hint: 'Et forbund som har en sentral, gir hver smørebu adressen og en nøkkel. Så lenge den er å nå, fører alle én bok; uten den fortsetter hver med sin.',
    address: 'Adressen til sentralen',
    addressHint: 'For eksempel https://hub.example:3240',
    token: 'Nøkkelen til denne smørebua',
    join: 'Koble til sentralen',
    leave: 'Forlat sentralen',
    left: 'Denne smørebua har forlatt sentralen. Det som kom derfra, blir her.',
    now: 'Utveksle nå',
    joined: (url: string) => `Koblet til: ${url}`,
    inStep: (url: string, time: string) => `I takt med ${url}, siste utveksling ${time}`,
    came: (count: number) =>
      count === 0
        ? 'I takt. Ikke noe nytt fra de andre.'
        : count === 1
          ? 'I takt. En post kom fra de andre.'
          : `I takt. ${plain(count)} poster kom fra de andre.`,
    decidedTitle: 'Endret i to smørebuer samtidig',
    decidedHint:
      'Den samme verdien står i alle bøker nå. Var den andre riktig, så endre den en gang til: den siste endringen står.',
    standsMine: (column: string, mine: string, theirs: string) =>
      `${column}: «${mine}» fra denne smørebua står, «${theirs}» vek`,
    standsTheirs: (column: string, mine: string, theirs: string) =>
      `${column}: «${theirs}» fra den andre smørebua står, «${mine}» fra denne vek`,
    decidedWith: (cabin: string, time: string) => `Med ${cabin}, ${time}`,
    saw: 'Sett',
    sawOf: (label: string) => `Sett: ${label}`,
    seen: 'Tatt av listen.',
    twin: (time: string) =>
      `En annen datamaskin bruker nøkkelen til denne smørebua (sist ${time}). Ingenting er tapt, men be om en egen nøkkel, og koble til igjen der.`,
    heldTitle: 'Ikke tatt inn',
    heldHint:
      'Alt annet ble tatt inn. Disse prøves igjen hver gang noe kommer, og etter en ny versjon.',
    heldOf: (cabin: string, time: string) => `Fra ${cabin}, ${time}`,
    allOthers: 'de andre smørebuene',
    theHub: 'sentralen',
    held: (reason: string) =>
      reason === 'unreadable'
        ? 'Denne versjonen kan ikke lese den.'
        : reason === 'named'
          ? 'Fjernet der, men andre poster her bruker den.'
          : reason === 'picture'
            ? 'Bildet er ikke kommet ennå.'
            : 'Den nevner noe som ikke er kommet ennå.',
    removalsTitle: (cabin: string, count: number) =>
      count === 1
        ? `${cabin} fjernet én post til. Skal den fjernes her også?`
        : `${cabin} fjernet ${plain(count)} poster til. Skal de fjernes her også?`,
    removalsHint: 'Ti om dagen fra én smørebu tas over uten å spørre.',
    removeToo: 'Fjern her også',
    keepThem: 'Behold dem',
    removedToo: 'Fjernet her også.',
    keptAll: 'Beholdt. De andre smørebuene får dem tilbake.',
    andMore: (count: number) => `og ${plain(count)} til`,
    wasRemoved: (isTaken: boolean) =>
      isTaken ? 'Fjernet der, og her også' : 'Fjernet i én smørebu, endret i den andre: den står',
    problem: (code: string) =>
      code === 'unreachable'
        ? 'Sentralen er ikke å nå. Det som endres her, leveres når den er det.'
        : code === 'not_let_in'
          ? 'Sentralen kjenner ikke denne nøkkelen. Be om en ny, og koble til igjen.'
          : code === 'older'
            ? 'Sentralen kjører en eldre versjon. Be om en ny; det som endres her, leveres da.'
            : code === 'full'
              ? 'Sentralen tar ikke imot mer fra denne smørebua: plassen er brukt opp. Spør den som driver den.'
              : 'Utvekslingen med sentralen mislyktes; ingenting gikk tapt. Det prøves igjen.',
  },
  exchange: {
    progress: 'Framdrift',
    title: 'Gi data videre, og ta dem inn',
    hint: 'En bok holder alle data fra en smørebu. Ta inn boken fra en annen smørebu, og begge blir én: det nye legges til, det som ble endret sist, overtas, og du avgjør der begge ble endret.',
    asJson: 'Alle data som JSON',
    asZip: 'Med bilder, som ZIP',
    file: 'Bok fra en annen smørebu (JSON eller ZIP)',
    choose: 'Velg en bok',
    reading: 'Leser boken…',
    cancel: 'Avbryt',
    takingIn: 'Tar inn…',
    takeIn: 'Ta inn',
    nothingNew: 'Boken inneholder ikke noe som ikke alt er her.',
    done: (added: number, changed: number) =>
      `Tatt inn: ${plain(added)} nye, ${plain(changed)} endret. En kopi av alle data ble tatt først.`,
    noAnswer: 'Serveren svarte ikke. Ingenting ble tatt inn, eller alt: velg boken igjen for å se.',
    whatChanges: 'Hva boken endrer her',
    kind: 'Poster',
    added: 'Nye',
    changed: 'Endret der',
    removed: 'Fjernet der',
    kept: 'Endret her',
    sameInBoth: (count: number) => `${plain(count)} poster er like i begge.`,
    conflicts: 'Å avgjøre',
    changesTitle: 'Overtatt, fordi det ble endret sist der',
    conflictsTitle: 'Endret i begge: hvilken står?',
    whichStands: (label: string) => `Hvilken ${label} som står`,
    recordOf: (kind: string, label: string) => `${kind}: ${label}`,
    problem: (field: string, message: string) => `${field}: ${message}`,
    keepMine: 'Behold det som er her',
    takeTheirs: 'Ta det som er der',
    allTheirs: 'Ta det som er der for alle',
    fixed: (count: number) =>
      count === 1
        ? 'En post skrives bare én gang og er ulik: det som er her, blir'
        : `${plain(count)} poster skrives bare én gang og er ulike: det som er her, blir`,
    column: (column: string) => column.replace(/_/g, ' '),
    empty: 'ingenting',
    fromTo: (column: string, mine: string, theirs: string) => `${column}: ${mine} → ${theirs}`,
    withoutPicture: (count: number) =>
      `${count === 1 ? 'Ett bilde er' : `${plain(count)} bilder er`} utelatt, for denne filen har ingen bilder. Eksporter en ZIP for å ta dem med.`,
    sameNames: (names: readonly string[]) =>
      `Disse navnene vil stå to ganger, fordi begge smørebuer skrev dem for seg: ${names.join(', ')}.`,
    more: (count: number) => `og ${plain(count)} til`,
    KIND: {
      venue: 'Steder',
      course: 'Løyper',
      station: 'Værstasjoner',
      venue_station: 'Stasjoner for steder',
      weather: 'Timer med vær',
      outing: 'Økter',
      product: 'Produkter',
      stock_move: 'Beholdning',
      skier: 'Løpere',
      ski: 'Ski',
      reading: 'Målinger',
      photo: 'Bilder av snø',
      choice: 'Valg',
      outcome: 'Resultater',
      job: 'Jobber',
      job_step: 'Steg i jobber',
      ski_event: 'Historikk for ski',
      finding: 'Merker på såler',
      ski_photo: 'Bilder av ski',
      glide_test: 'Tester',
      glide_run: 'Kjøringer i tester',
      grip_test: 'Festetester',
      grip_note: 'Notater om feste',
      track_event: 'Arbeid på spor',
      starter: 'Startende',
      bench_plan: 'Planer',
      note: 'Notater',
      learner: 'Folk som øver',
      drill_answer: 'Svar fra øving',
      dispute: 'Omstridte svar',
      team_setting: 'Innstillinger for teamet',
      signature: 'Navn på enhetene som skrev',
    } satisfies Record<BookName, string>,
    formatMustBe: 'Formatet må være json eller zip.',
    doMustBe: 'Si do=preview eller do=import.',
    incomplete: 'Boken nevner poster som verken er i den eller her. Ingenting ble endret.',
    namesMissing: 'En post nevner en annen som mangler.',
  },
};
