import type { WordsAt } from '../../language';

export const server: WordsAt<'screens/server'> = {
  write: {
    unknown: 'Frost Pick kennt diese Änderung nicht. Lade die Seite neu.',
    keyMalformed: 'Der Schlüssel muss aus 8 bis 64 Buchstaben, Ziffern, - oder _ bestehen.',
  },
  permission: {
    looksOnly: 'Dieses Gerät darf nur schauen. Am Hauptcomputer unter Geräte arbeiten lassen.',
    atHostOnly: 'Nur der Hauptcomputer entscheidet das. Dort Geräte öffnen.',
  },
  reception: {
    title: 'Nicht gekoppelt',
    notPaired:
      'Dieses Gerät ist nicht mit Frost Pick gekoppelt. Erst koppeln, mit dem Code vom Hauptcomputer.',
    toPairing: 'Dieses Gerät koppeln',
    busyPage: 'Frost Pick ist ausgelastet. Die Seite versucht es von selbst noch einmal.',
  },
  REFUSAL: {
    busy: 'Der Server ist ausgelastet. In einer Sekunde noch einmal versuchen.',
    not_found: 'Diese Datei gibt es nicht.',
    failed: 'Die Anfrage ließ sich nicht beantworten. Nichts wurde gespeichert.',
    foreign_origin: 'Eine andere Website darf hier nicht schreiben.',
    invalid_path: 'Die Adresse ist nicht lesbar.',
    method_not_allowed: 'Diese Methode wird nicht beantwortet.',
    unknown_action: 'Diese Aktion ist nicht bekannt. Die Seite neu laden.',
    unknown_host: 'Frost Pick antwortet nicht auf diesen Namen. Mit --host-name NAME starten.',
  },
};
