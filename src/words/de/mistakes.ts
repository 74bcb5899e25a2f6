import type { WordsAt } from '../language';
import { plain } from '../quantities';

const within = (low: number | undefined, high: number | undefined): string =>
  low !== undefined && high !== undefined
    ? `muss eine Zahl von ${plain(low)} bis ${plain(high)} sein`
    : low !== undefined
      ? `muss mindestens ${plain(low)} sein`
      : 'liegt außerhalb des Bereichs';

export const mistakes: WordsAt<'mistakes'> = {
  MISTAKE: {
    out_of_range: ({ low, high }) => `Dieser Wert ${within(low, high)}.`,
    empty_shelf: ({ kind }) =>
      kind === 'grip'
        ? 'Im Regal ist kein Steigwachs. Eine Dose oder einen Klister aufnehmen.'
        : 'Im Regal ist kein Gleitwachs. Mindestens eines aufnehmen.',
    too_few: ({ least }) => `Den Spalt an mindestens ${least} Stellen messen.`,
    gap_grows: ({ positionCm }) =>
      `Bei ${plain(positionCm)} cm wird der Spalt unter mehr Gewicht größer. Noch einmal messen.`,
    twice: ({ positionCm }) => `Die Stelle ${plain(positionCm)} cm ist zweimal da.`,
    weights_apart: ({ measuredKg, skierKg }) =>
      `Mit ${plain(measuredKg)} kg gemessen für einen Läufer von ${plain(skierKg)} kg. Das liegt zu weit auseinander: neu messen.`,
    zone_too_long: ({ endCm, skiLengthCm }, write) =>
      `Die Zone endet ${write.number(endCm)} cm vor der Fersenplatte. Dafür hat ein Ski von ${plain(skiLengthCm)} cm keinen Platz: Stellen prüfen.`,
    no_pocket:
      'Der Ski ist zu weich für diesen Läufer. Bei halbem Gewicht ist kein Platz für Steigwachs.',
    ends_swapped: 'Das vordere Ende liegt hinter dem hinteren. Bitte tauschen.',
    label_swapped: 'Das warme Ende eines Etiketts muss über dem kalten liegen.',
    melts_too_high: ({ meltingC, baseMostC }, write) =>
      `Ein Wachs, das bei ${write.temperature(meltingC, 0)} schmilzt, braucht einen heißeren Belag, als dieser verträgt (${write.temperature(baseMostC, 0)}). Kork oder Rolle nehmen.`,
    outside_weather: 'Eine Messung liegt außerhalb der Zeit, die das Wetter abdeckt.',
    no_weather: 'Es gibt noch kein Wetter.',
    low_above_high: 'Der tiefste Wert liegt über dem höchsten.',
    not_in_order: 'Die Zeiten müssen aufsteigen.',
    too_short: ({ leastHours }) => `Mindestens ${leastHours} Stunden Wetter angeben.`,
    weather_gap: ({ from, to, mostHours }) =>
      `Das Wetter hat eine Lücke von mehr als ${mostHours} h, von ${from} bis ${to}. Bitte füllen.`,
    not_a_number: 'Ein Wert des Fühlers ist keine Zahl.',
    bad_time: 'Das ist kein Datum mit Uhrzeit.',
    contradiction:
      'Nagel und Finger widersprechen sich. Den Block auf Raumtemperatur bringen und noch einmal prüfen.',
  },
  FAULT: {
    storage_full:
      'Der Datenträger ist voll: nichts gespeichert. Platz schaffen, dann noch einmal speichern. Das Eingegebene bleibt stehen.',
    storage_read_only:
      'Die Daten lassen sich nicht schreiben: nichts gespeichert. Dem Benutzer, unter dem Frost Pick läuft, Schreibrecht auf alle Dateien im Datenordner geben, dann neu starten.',
    storage_damaged:
      'Die Datenbankdatei ist beschädigt: nichts gespeichert. Frost Pick beenden und die Datei durch eine gute Kopie ersetzen. Was noch lesbar ist, wird gezeigt.',
    storage_busy:
      'Ein anderes Programm benutzt die Datenbank: nichts gespeichert. Dieses Programm schließen und noch einmal speichern.',
    storage_failed:
      'Der Datenträger meldet einen Fehler: nichts gespeichert. Datenträger und Datenordner prüfen, dann noch einmal speichern.',
    log_missing:
      'Die Datei frost-pick.db-wal fehlt, darum können die neuesten Einträge weg sein. Ansehen geht, gespeichert wird noch nichts. Am Hauptrechner ohne sie weitermachen oder eine Kopie zurückholen.',
    log_damaged:
      'Die Datei frost-pick.db-wal ist beschädigt, die neuesten Einträge sind nicht lesbar. Ansehen geht, gespeichert wird noch nichts. Am Hauptrechner ohne sie weitermachen oder eine Kopie zurückholen.',
    log_foreign:
      'Die Datei frost-pick.db-wal gehört zu einer anderen Datenbank und wurde beiseitegelegt. Ansehen geht, gespeichert wird noch nichts. Am Hauptrechner ohne sie weitermachen oder eine Kopie zurückholen.',
  },
  NO_ANSWER: {
    failed: 'Das ließ sich nicht berechnen.',
    broke: 'Die Berechnung ist abgebrochen. Die Seite neu laden.',
    too_slow: 'Die Berechnung hat zu lange gedauert und wurde beendet.',
  },
};
