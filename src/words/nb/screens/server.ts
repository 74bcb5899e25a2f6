import type { WordsAt } from '../../language';

export const server: WordsAt<'screens/server'> = {
  write: {
    unknown: 'Frost Pick kjenner ikke denne endringen. Last siden på nytt.',
    keyMalformed: 'Nøkkelen må være 8 til 64 bokstaver, sifre, - eller _.',
  },
  permission: {
    looksOnly: 'Denne enheten kan bare se. La den arbeide under Enheter på vertsmaskinen.',
    atHostOnly: 'Bare vertsmaskinen avgjør dette. Åpne Enheter der.',
  },
  reception: {
    title: 'Ikke paret',
    notPaired:
      'Denne enheten er ikke paret med Frost Pick. Par den først, med koden fra vertsmaskinen.',
    toPairing: 'Par denne enheten',
    busyPage: 'Frost Pick er opptatt. Siden prøver igjen av seg selv.',
  },
  REFUSAL: {
    busy: 'Serveren er opptatt. Prøv igjen om et sekund.',
    not_found: 'Filen finnes ikke.',
    failed: 'Forespørselen kunne ikke besvares. Ingenting ble lagret.',
    foreign_origin: 'Et annet nettsted får ikke skrive her.',
    invalid_path: 'Adressen kan ikke leses.',
    method_not_allowed: 'Denne metoden besvares ikke.',
    unknown_action: 'Denne handlingen er ikke kjent. Last siden på nytt.',
    unknown_host: 'Frost Pick svarer ikke på dette navnet. Start det med --host-name NAVN.',
  },
};
