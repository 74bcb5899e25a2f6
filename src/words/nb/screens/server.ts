import type { WordsAt } from '../../language';

export const server: WordsAt<'screens/server'> = {
  deed: {
    theKeyMustBe8: 'Nøkkelen må være 8 til 64 bokstaver, sifre, - eller _.',
  },
  permission: {
    looksOnly: 'Denne enheten kan bare se. Be om rett til å arbeide ved vertsmaskinen.',
    atHostOnly: 'Dette avgjøres bare ved vertsmaskinen: åpne Enheter der.',
  },
  reception: {
    title: 'Ikke paret',
    notPaired:
      'Denne enheten er ikke paret med Frost Pick. Par den først, med koden fra vertsmaskinen.',
    toPairing: 'Par denne enheten',
    busyPage: 'Frost Pick har mye å gjøre akkurat nå. Siden prøver igjen av seg selv.',
  },
  REFUSAL: {
    busy: 'Serveren har for mye å gjøre akkurat nå: prøv igjen om et sekund.',
    not_found: 'Filen finnes ikke.',
    failed: 'Forespørselen kunne ikke besvares: ingenting ble lagret.',
    foreign_origin: 'Et annet nettsted får ikke skrive her.',
    invalid_path: 'Adressen kan ikke leses.',
    method_not_allowed: 'Denne metoden besvares ikke.',
    unknown_action: 'Denne handlingen er ikke kjent: last siden på nytt.',
    unknown_host:
      'Dette navnet hører ikke til Frost Pick. Start det med --host-name NAVN for å svare under et annet.',
  },
};
