import type { WordsAt } from '../../language';

export const server: WordsAt<'screens/server'> = {
  deed: {
    theKeyMustBe8: 'Der Schlüssel muss aus 8 bis 64 Buchstaben, Ziffern, - oder _ bestehen.',
  },
  permission: {
    looksOnly: 'Dieses Gerät darf nur schauen. Am Hauptcomputer um das Recht zu arbeiten bitten.',
    atHostOnly: 'Das wird nur am Hauptcomputer entschieden: dort Geräte öffnen.',
  },
  reception: {
    title: 'Nicht gekoppelt',
    notPaired:
      'Dieses Gerät ist nicht mit Frost Pick gekoppelt. Erst koppeln, mit dem Code vom Hauptcomputer.',
    toPairing: 'Dieses Gerät koppeln',
    busyPage: 'Frost Pick hat gerade viel zu tun. Die Seite versucht es von selbst noch einmal.',
  },
  REFUSAL: {
    busy: 'Der Server ist gerade überlastet: in einer Sekunde noch einmal versuchen.',
    not_found: 'Diese Datei gibt es nicht.',
    failed: 'Die Anfrage ließ sich nicht beantworten: nichts gespeichert.',
    foreign_origin: 'Eine andere Website darf hier nicht schreiben.',
    invalid_path: 'Die Adresse ist nicht lesbar.',
    method_not_allowed: 'Diese Methode wird nicht beantwortet.',
    unknown_action: 'Diese Aktion ist nicht bekannt: die Seite neu laden.',
    unknown_host:
      'Dieser Name gehört nicht zu Frost Pick. Mit --host-name NAME starten, um unter einem anderen zu antworten.',
  },
};
