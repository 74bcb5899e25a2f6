import type { WordsAt } from '../../language';
import { plain } from '../../quantities';

export const outing: WordsAt<'screens/outing'> = {
  saveOuting: {
    thatVenueIsGoneChoose: 'Det stedet finnes ikke lenger. Velg et annet.',
  },
  newOutingScreen: {
    question: 'Hva skal skiene brukes til?',
    aNewOuting: 'En ny økt',
    startHereWhereAndWhen: 'Hvor og når går dere neste gang?',
    saving: 'Lagrer…',
    saveTheOuting: 'Lagre økta',
    back: 'Tilbake',
    theOuting: 'Økta',
    name: 'Navn',
    startOnTheVenuesClock: 'Start, stedets klokke',
    discipline: 'Disiplin',
    purpose: 'Formål',
    distance: 'Distanse',
    timeZone: 'Tidssone',
    startOn: 'Vanlige starttider',
    quickSnow: (snow: string) => `Snøen fra det hurtige svaret: ${snow}`,
    keepItAsAReading: 'Ta den som første måling',
    leaveItOut: 'Utelat den',
    preset: { tonight: 'I kveld 18:00', tomorrow: 'I morgen 9:00', saturday: 'Lørdag 9:00' },
  },
  placePart: {
    theVenue: 'Stedet',
    where: 'Hvor',
    anotherPlace: 'Nytt sted',
    nameOfThePlace: 'Navn på stedet',
    altitude: 'Høyde',
    ifYouKnowIt: 'Om du kjenner den. Ellers høyden til værstasjonen',
    orLeaveItEmpty: '46.61 N 10.19 E, eller la stå tomt: da er det ingen utsikt ennå',
    gpxFile: 'GPX-fil av løypa',
    fromATrack: 'Fra et GPX-spor',
    thisDevicesPosition: 'Enhetens posisjon',
    asking: 'Spør enheten…',
    positionRefused:
      'Nettleseren oppgir ikke posisjonen. Tillat det for denne siden, eller skriv den under.',
    positionUnknown: 'Denne enheten vet ikke hvor den er. Skriv posisjonen under.',
    trackWithoutAltitude:
      'Sporet har ingen høyde, så løypa er utelatt. Les det på nytt under Sted når høyden er kjent.',
    courseOf: (count: number) => `Løypa har ${plain(count)} deler fra sporet.`,
    withoutIt: 'Utelat den',
  },
};
