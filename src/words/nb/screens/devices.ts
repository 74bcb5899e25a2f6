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
      'Frost Pick ble startet for denne maskinen alene. Vil du bruke det fra nettbrett og telefoner, stopp det og start med: npm start -- --lan',
    decidedAtHost: 'Enheter slippes inn og avvises bare på vertsmaskinen.',
    back: 'Tilbake til Frost Pick',
  },
  pairing: {
    triesTitle: 'Noen prøver å koble til',
    tryLine: (name: string, from: string, ago: string) => `«${name}» fra ${from}, ${ago}`,
    letIn: 'Slipp inn',
    letInOf: (name: string) => `Slipp inn ${name}`,
    invited: (name: string) => `Trykk Koble til på ${name} en gang til, innen fem minutter.`,
    title: 'Par en enhet',
    hint: 'Skann bildet med nettbrettet eller telefonen, eller åpne adressen der og skriv koden. En kode slipper inn én enhet og varer i fem minutter.',
    mayDo: 'Hva enheten får gjøre',
    show: 'Vis en kode',
    another: 'Vis en ny kode',
    putAway: 'Ta bort koden',
    qr: 'Adresse og kode som QR-bilde',
    code: 'Kode',
    address: 'Adresse',
    left: (span: string, role: string) => `${role}. Gyldig ${span} til.`,
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
    revoke: 'Avvis',
    revokeOf: (name: string) => `Avvis ${name}`,
    sure: (name: string) => `${name} avvises straks og må pares på nytt.`,
    keep: 'Behold',
    saved: (name: string) => `Lagret: ${name}.`,
    revoked: (name: string) => `${name} avvises fra nå av.`,
  },
  tokens: {
    title: 'Nøkler for skript',
    new: 'Et skript',
    hint: 'Et skript sender nøkkelen med hver forespørsel: Authorization: Bearer TOKEN.',
    name: 'Navn på skriptet',
    mayDo: 'Hva skriptet får gjøre',
    make: 'Lag en nøkkel',
    made: 'Kopier nøkkelen nå: den vises bare denne ene gangen.',
    token: 'Nøkkel',
  },
  trust: {
    title: 'Stol på denne maskinen',
    why: 'Forbindelsen er kryptert med et sertifikat som denne maskinen laget selv, så nettleseren advarer ved første besøk. Installer sertifikatet én gang på hver enhet, så forsvinner advarselen, og kamera, våken skjerm og arbeid uten forbindelse blir tillatt.',
    bounds:
      'Sertifikatet kan bare gå god for adresser i private nett og for navnene på denne maskinen, og ingenting annet.',
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
    scanned: 'Koden er skannet: gi enheten et navn',
    title: 'Par denne enheten',
    answer: 'Skriv koden fra vertsmaskinen',
    code: 'Kode',
    codeHint: 'Åtte bokstaver og sifre. På vertsmaskinen: Enheter, Vis en kode.',
    name: 'Navn på denne enheten',
    nameHint: 'Det står i loggen ved det som gjøres på den, for eksempel «Nettbrettet på benken».',
    pair: 'Par',
    NO: {
      wrong_code: 'Koden er ikke riktig, eller den er utløpt. Se på vertsmaskinen igjen.',
      too_many:
        'For mange feil koder. Vis en ny kode på vertsmaskinen, eller slipp enheten inn der: Enheter viser dette forsøket.',
      no_name: 'Gi enheten et navn.',
      odd_name: 'Navnet har tegn som et navn ikke kan ha, som < eller >.',
      name_taken:
        'En annen enhet har allerede dette navnet. Velg et annet, eller slett den enheten på vertsmaskinen.',
    },
  },
  changes: {
    nameTaken: 'En annen enhet eller nøkkel har allerede dette navnet.',
    noTry: 'Ingen prøver å koble seg til derfra lenger.',
    gone: 'Denne enheten er ikke paret lenger.',
    role: 'Si om enheten arbeider eller bare ser.',
  },
};
