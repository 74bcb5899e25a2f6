import type { WordsAt } from '../../language';
import { plain } from '../../quantities';

export const devices: WordsAt<'screens/devices'> = {
  ROLE: {
    works: 'Arbeider',
    looks: 'Bare ser',
  },
  devicesScreen: {
    title: 'Enheter',
    count: (devices: number) =>
      devices === 0
        ? 'Ingen enhet er paret ennå'
        : devices === 1
          ? '1 enhet er paret'
          : `${plain(devices)} enheter er paret`,
    hereAlone: 'Bare denne maskinen',
    howToOpen:
      'Frost Pick ble startet bare for denne maskinen. For å bruke det på nettbrett og telefoner: stopp det og kjør npm start -- --lan',
    decidedAtHost: 'Bare vertsmaskinen kan legge til eller slette enheter.',
    back: 'Tilbake til Frost Pick',
  },
  pairing: {
    triesTitle: 'Noen prøver å koble til',
    tryLine: (name: string, from: string, ago: string) => `«${name}» fra ${from}, ${ago}`,
    letIn: 'Slipp inn',
    letInOf: (name: string) => `Slipp inn ${name}`,
    invited: (name: string) => `Trykk Koble til på ${name} en gang til, innen fem minutter.`,
    title: 'Par en enhet',
    hint: 'Skann bildet med nettbrettet eller telefonen. Eller åpne adressen der og skriv koden. En kode virker én gang, i fem minutter.',
    mayDo: 'Hva enheten får gjøre',
    show: 'Vis en kode',
    another: 'Vis en ny kode',
    putAway: 'Skjul koden',
    qr: 'Adresse og kode som QR-kode',
    code: 'Kode',
    address: 'Adresse',
    left: (span: string, role: string) => `${role}. Utløper om ${span}.`,
    over: 'Koden er utløpt. Vis en ny.',
    paired: 'En enhet ble paret.',
  },
  list: {
    title: 'Parede enheter',
    none: 'Ingen enhet er paret.',
    seen: (role: string, when: string) => `${role} · sist sett ${when}`,
    never: (role: string) => `${role} · ikke sett ennå`,
    now: 'akkurat nå',
    ago: (span: string) => `for ${span} siden`,
    change: 'Endre',
    changeOf: (name: string) => `Endre ${name}`,
    save: 'Lagre',
    cancel: 'Avbryt',
    name: 'Navn',
    revoke: 'Slett',
    revokeOf: (name: string) => `Slett ${name}`,
    sure: (name: string) =>
      `${name} mister tilgangen med en gang. Par den på nytt for å bruke den igjen.`,
    keep: 'Behold',
    saved: (name: string) => `Lagret: ${name}.`,
    revoked: (name: string) => `Slettet: ${name}.`,
  },
  tokens: {
    title: 'Nøkler for skript',
    new: 'Et skript',
    hint: 'Et skript sender nøkkelen med hver forespørsel: Authorization: Bearer TOKEN.',
    name: 'Navn på skriptet',
    mayDo: 'Hva skriptet får gjøre',
    make: 'Lag en nøkkel',
    made: 'Kopier nøkkelen nå. Den vises bare én gang.',
    token: 'Nøkkel',
  },
  trust: {
    title: 'Stol på denne maskinen',
    why: 'Maskinen har laget sitt eget sertifikat, så nettleseren advarer ved første besøk. Installer sertifikatet én gang på hver enhet. Da forsvinner advarselen, og kamera, våken skjerm og arbeid uten nett er tillatt.',
    bounds: 'Sertifikatet gjelder bare adresser i private nett og navnene på denne maskinen.',
    download: 'Last ned sertifikatet',
    fingerprint: 'Fingeravtrykk (SHA-256)',
    compare:
      'Før du installerer det: sammenlign dette fingeravtrykket med det som står på vertsmaskinen under Enheter.',
    steps: [
      {
        kind: 'Nettbrett eller telefon med profiler',
        how: 'Last det ned, og åpne innstillingene på enheten: Profil lastet ned, Installer. Slå det så på under Generelt, Om, Sertifikattillit.',
      },
      {
        kind: 'Andre nettbrett og telefoner',
        how: 'Last det ned, åpne innstillingene på enheten, og søk etter «CA-sertifikat»: installer, og velg filen.',
      },
      {
        kind: 'Datamaskin',
        how: 'Last det ned, åpne filen, og legg det blant systemets klarerte rotsertifikater. En nettleser med eget lager tar det under Innstillinger, Sertifikater, Sertifiseringsinstanser.',
      },
    ],
  },
  pairScreen: {
    scanned: 'Koden er skannet. Gi enheten et navn.',
    title: 'Par denne enheten',
    answer: 'Skriv koden fra vertsmaskinen',
    code: 'Kode',
    codeHint: 'Åtte bokstaver og sifre. Åpne Enheter på vertsmaskinen og velg Vis en kode.',
    name: 'Navn på denne enheten',
    nameHint: 'Loggen viser dette navnet, for eksempel «Nettbrettet på benken».',
    pair: 'Par',
    NO: {
      wrong_code: 'Koden er feil eller utløpt. Sjekk den på vertsmaskinen.',
      too_many:
        'For mange feil koder. Åpne Enheter på vertsmaskinen. Vis en ny kode, eller slipp inn enheten.',
      no_name: 'Gi enheten et navn.',
      odd_name: 'Et navn kan ikke ha tegn som < eller >.',
      name_taken:
        'En annen enhet har dette navnet. Velg et annet, eller slett den enheten på vertsmaskinen.',
    },
  },
  changes: {
    nameTaken: 'En annen enhet eller nøkkel har allerede dette navnet.',
    noTry: 'Den enheten prøver ikke å koble seg til lenger.',
    gone: 'Denne enheten er ikke paret lenger.',
    role: 'Velg om enheten arbeider eller bare ser.',
  },
};
