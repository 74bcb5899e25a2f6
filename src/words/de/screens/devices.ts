import type { WordsAt } from '../../language';
import { plain } from '../../quantities';

export const devices: WordsAt<'screens/devices'> = {
  ROLE: {
    works: 'Arbeitet',
    looks: 'Schaut nur',
  },
  devicesScreen: {
    title: 'Geräte',
    count: (devices: number) =>
      devices === 0
        ? 'Noch kein Gerät ist gekoppelt'
        : devices === 1
          ? '1 Gerät ist gekoppelt'
          : `${plain(devices)} Geräte sind gekoppelt`,
    hereAlone: 'Nur dieser Computer',
    howToOpen:
      'Frost Pick wurde nur für diesen Computer gestartet. Um es von Tablets und Telefonen zu nutzen, es beenden und npm start -- --lan ausführen.',
    decidedAtHost: 'Nur am Hauptcomputer lassen sich Geräte hinzufügen oder löschen.',
    back: 'Zurück zu Frost Pick',
  },
  pairing: {
    triesTitle: 'Jemand möchte koppeln',
    tryLine: (name: string, from: string, ago: string) => `„${name}“ von ${from}, ${ago}`,
    letIn: 'Hereinlassen',
    letInOf: (name: string) => `${name} hereinlassen`,
    invited: (name: string) =>
      `Jetzt auf ${name} noch einmal Koppeln drücken, innerhalb von fünf Minuten.`,
    title: 'Ein Gerät koppeln',
    hint: 'Das Bild mit Tablet oder Telefon scannen. Oder dort die Adresse öffnen und den Code eingeben. Ein Code gilt einmal, fünf Minuten lang.',
    mayDo: 'Was das Gerät darf',
    show: 'Einen Code zeigen',
    another: 'Einen neuen Code zeigen',
    putAway: 'Code ausblenden',
    qr: 'Adresse und Code als QR-Code',
    code: 'Code',
    address: 'Adresse',
    left: (span: string, role: string) => `${role}. Läuft in ${span} ab.`,
    over: 'Der Code ist abgelaufen. Einen neuen zeigen.',
    paired: 'Ein Gerät wurde gekoppelt.',
  },
  list: {
    title: 'Gekoppelte Geräte',
    none: 'Kein Gerät ist gekoppelt.',
    seen: (role: string, when: string) => `${role} · zuletzt gesehen ${when}`,
    never: (role: string) => `${role} · noch nicht gesehen`,
    now: 'gerade eben',
    ago: (span: string) => `vor ${span}`,
    change: 'Ändern',
    changeOf: (name: string) => `${name} ändern`,
    save: 'Speichern',
    cancel: 'Abbrechen',
    name: 'Name',
    revoke: 'Löschen',
    revokeOf: (name: string) => `${name} löschen`,
    sure: (name: string) =>
      `${name} verliert sofort den Zugang. Für die weitere Nutzung neu koppeln.`,
    keep: 'Behalten',
    saved: (name: string) => `Gespeichert: ${name}.`,
    revoked: (name: string) => `Gelöscht: ${name}.`,
  },
  tokens: {
    title: 'Schlüssel für Skripte',
    new: 'Ein Skript',
    hint: 'Ein Skript sendet seinen Schlüssel mit jeder Anfrage: Authorization: Bearer TOKEN.',
    name: 'Name des Skripts',
    mayDo: 'Was das Skript darf',
    make: 'Einen Schlüssel erzeugen',
    made: 'Den Schlüssel jetzt kopieren. Er wird nur einmal gezeigt.',
    token: 'Schlüssel',
  },
  trust: {
    title: 'Diesem Computer vertrauen',
    why: 'Dieser Computer hat sein Zertifikat selbst erstellt, darum warnt der Browser beim ersten Besuch. Das Zertifikat einmal auf jedem Gerät installieren. Dann verschwindet die Warnung, und Kamera, wacher Bildschirm und Offline-Arbeit sind erlaubt.',
    bounds: 'Das Zertifikat gilt nur für Adressen privater Netze und die Namen dieses Computers.',
    download: 'Zertifikat herunterladen',
    fingerprint: 'Fingerabdruck (SHA-256)',
    compare:
      'Vor dem Installieren diesen Fingerabdruck mit dem auf dem Hauptcomputer unter Geräte vergleichen.',
    steps: [
      {
        kind: 'Tablet oder Telefon mit Profilen',
        how: 'Herunterladen, dann die Einstellungen des Geräts öffnen: Profil geladen, Installieren. Danach unter Allgemein, Info, Zertifikatsvertrauen einschalten.',
      },
      {
        kind: 'Andere Tablets und Telefone',
        how: 'Herunterladen, dann in den Einstellungen des Geräts nach „CA-Zertifikat“ suchen: installieren und die Datei wählen.',
      },
      {
        kind: 'Computer',
        how: 'Herunterladen, die Datei öffnen und in die vertrauenswürdigen Stammzertifikate des Systems legen. Ein Browser mit eigenem Speicher nimmt es unter Einstellungen, Zertifikate, Zertifizierungsstellen.',
      },
    ],
  },
  pairScreen: {
    scanned: 'Code gescannt. Dem Gerät einen Namen geben.',
    title: 'Dieses Gerät koppeln',
    answer: 'Den Code vom Hauptcomputer eingeben',
    code: 'Code',
    codeHint:
      'Acht Buchstaben und Ziffern. Am Hauptcomputer Geräte öffnen und „Einen Code zeigen“ wählen.',
    name: 'Name dieses Geräts',
    nameHint: 'Das Logbuch zeigt diesen Namen, etwa „Tablet am Wachstisch“.',
    pair: 'Koppeln',
    NO: {
      wrong_code: 'Der Code ist falsch oder abgelaufen. Am Hauptcomputer nachsehen.',
      too_many:
        'Zu viele falsche Codes. Am Hauptcomputer Geräte öffnen. Einen neuen Code zeigen oder dieses Gerät hereinlassen.',
      no_name: 'Dem Gerät einen Namen geben.',
      odd_name: 'Ein Name darf keine Zeichen wie < oder > enthalten.',
      name_taken:
        'Ein anderes Gerät heißt schon so. Einen anderen Namen wählen oder jenes Gerät am Hauptcomputer löschen.',
    },
  },
  changes: {
    nameTaken: 'Ein anderes Gerät oder ein Schlüssel heißt schon so.',
    noTry: 'Von dort versucht niemand mehr zu koppeln.',
    gone: 'Dieses Gerät ist nicht mehr gekoppelt.',
    role: 'Wählen, ob das Gerät arbeitet oder nur schaut.',
  },
};
