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
      'Frost Pick wurde nur für diesen Computer gestartet. Um es von Tablets und Telefonen zu nutzen, beenden und starten mit: npm start -- --lan',
    decidedAtHost: 'Geräte werden nur am Hauptcomputer zugelassen und abgewiesen.',
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
    hint: 'Das Bild mit Tablet oder Telefon scannen oder dort die Adresse öffnen und den Code eingeben. Ein Code lässt ein Gerät ein und gilt fünf Minuten.',
    mayDo: 'Was das Gerät darf',
    show: 'Einen Code zeigen',
    another: 'Einen neuen Code zeigen',
    putAway: 'Den Code weglegen',
    qr: 'Adresse und Code als QR-Bild',
    code: 'Code',
    address: 'Adresse',
    left: (span: string, role: string) => `${role}. Gilt noch ${span}.`,
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
    revoke: 'Abweisen',
    revokeOf: (name: string) => `${name} abweisen`,
    sure: (name: string) => `${name} wird sofort abgewiesen und muss neu gekoppelt werden.`,
    keep: 'Behalten',
    saved: (name: string) => `Gespeichert: ${name}.`,
    revoked: (name: string) => `${name} wird ab jetzt abgewiesen.`,
  },
  tokens: {
    title: 'Schlüssel für Skripte',
    new: 'Ein Skript',
    hint: 'Ein Skript sendet seinen Schlüssel mit jeder Anfrage: Authorization: Bearer TOKEN.',
    name: 'Name des Skripts',
    mayDo: 'Was das Skript darf',
    make: 'Einen Schlüssel erzeugen',
    made: 'Den Schlüssel jetzt kopieren: er wird nur dieses eine Mal gezeigt.',
    token: 'Schlüssel',
  },
  trust: {
    title: 'Diesem Computer vertrauen',
    why: 'Die Verbindung ist mit einem Zertifikat verschlüsselt, das dieser Computer selbst gemacht hat, deshalb warnt der Browser beim ersten Besuch. Das Zertifikat einmal auf jedem Gerät installieren, dann verschwindet die Warnung, und Kamera, wacher Bildschirm und Arbeit ohne Verbindung sind erlaubt.',
    bounds:
      'Das Zertifikat kann nur für Adressen privater Netze und für die Namen dieses Computers bürgen, für nichts sonst.',
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
    scanned: 'Der Code ist gescannt: dem Gerät einen Namen geben',
    title: 'Dieses Gerät koppeln',
    answer: 'Den Code vom Hauptcomputer eingeben',
    code: 'Code',
    codeHint: 'Acht Buchstaben und Ziffern. Am Hauptcomputer: Geräte, Einen Code zeigen.',
    name: 'Name dieses Geräts',
    nameHint: 'Er steht im Logbuch bei dem, was damit gemacht wird, etwa „Tablet am Wachstisch“.',
    pair: 'Koppeln',
    NO: {
      wrong_code:
        'Der Code stimmt nicht oder ist abgelaufen. Noch einmal am Hauptcomputer nachsehen.',
      too_many:
        'Zu viele falsche Codes. Am Hauptrechner einen neuen Code zeigen oder dieses Gerät dort hereinlassen: Geräte zeigt den Versuch.',
      no_name: 'Dem Gerät einen Namen geben.',
      odd_name: 'Der Name enthält Zeichen, die hier nicht gehen, etwa < oder >.',
      name_taken:
        'Ein anderes Gerät heißt schon so. Einen anderen Namen wählen oder jenes Gerät am Hauptrechner löschen.',
    },
  },
  changes: {
    nameTaken: 'Ein anderes Gerät oder Token heißt schon so.',
    noTry: 'Von dort versucht niemand mehr zu koppeln.',
    gone: 'Dieses Gerät ist nicht mehr gekoppelt.',
    role: 'Sagen, ob das Gerät arbeitet oder nur schaut.',
  },
};
