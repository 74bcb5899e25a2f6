import type { WordsAt } from '../../language';
import { plain } from '../../quantities';

export const outing: WordsAt<'screens/outing'> = {
  saveOuting: {
    thatVenueIsGoneChoose: 'Diesen Ort gibt es nicht mehr. Einen anderen wählen.',
  },
  newOutingScreen: {
    question: 'Wofür sind die Ski?',
    aNewOuting: 'Ein neuer Einsatz',
    startHereWhereAndWhen: 'Wo und wann geht es als Nächstes auf den Schnee?',
    saving: 'Wird gespeichert…',
    saveTheOuting: 'Einsatz speichern',
    back: 'Zurück',
    theOuting: 'Der Einsatz',
    name: 'Name',
    startOnTheVenuesClock: 'Start, Ortszeit',
    discipline: 'Disziplin',
    purpose: 'Zweck',
    distance: 'Distanz',
    timeZone: 'Zeitzone',
    startOn: 'Übliche Startzeiten',
    quickSnow: (snow: string) => `Der Schnee der schnellen Antwort: ${snow}`,
    keepItAsAReading: 'Als erste Messung behalten',
    leaveItOut: 'Weglassen',
    preset: { tonight: 'Heute 18:00', tomorrow: 'Morgen 9:00', saturday: 'Samstag 9:00' },
  },
  placePart: {
    theVenue: 'Der Ort',
    where: 'Wo',
    anotherPlace: 'Neuer Ort',
    nameOfThePlace: 'Name des Orts',
    altitude: 'Höhe',
    ifYouKnowIt: 'Falls bekannt. Sonst die der Wetterstation',
    orLeaveItEmpty: '46.61 N 10.19 E oder leer lassen: dann gibt es noch keine Vorschau',
    gpxFile: 'GPX-Datei der Strecke',
    fromATrack: 'Aus einer GPX-Spur',
    thisDevicesPosition: 'Position dieses Geräts',
    asking: 'Das Gerät wird gefragt…',
    positionRefused:
      'Der Browser gibt die Position nicht. Für diese Seite erlauben oder unten eingeben.',
    positionUnknown: 'Dieses Gerät weiß nicht, wo es ist. Die Position unten eingeben.',
    trackWithoutAltitude:
      'Die Spur hat keine Höhe, ihre Strecke bleibt also weg. Unter Ort neu einlesen, sobald die Höhe bekannt ist.',
    courseOf: (count: number) => `Die Strecke hat ${plain(count)} Abschnitte aus der Spur.`,
    withoutIt: 'Weglassen',
  },
};
