import { megabytes, plain } from '../../quantities';
import type { WordsAt } from '../../language';

export const host: WordsAt<'screens/host'> = {
  prepareData: {
    folderNotWritable: (folder: string) =>
      `Der Datenordner ${folder} lässt sich nicht beschreiben: einen anderen wählen mit --data ORDNER oder FROST_PICK_DATA.`,
    databaseNewer: (file: string) =>
      `Die Datenbank ${file} stammt von einem neueren Frost Pick: diese Version starten oder einen anderen Ordner wählen mit --data ORDNER.`,
    theDatabaseMustBeBrought: (file: string, detail: string) =>
      `Die Datenbank ${file} muss aktualisiert werden, aber für die Kopie fehlt der Platz (${detail}): Platz schaffen und neu starten.`,
    databaseNotUpgraded: (file: string, detail: string) =>
      `Die Datenbank ${file} ließ sich nicht aktualisieren und ist, wie sie war (${detail}): eine Kopie behalten und die Version starten, die sie schrieb, oder einen anderen Ordner wählen mit --data ORDNER.`,
    databaseUnusable: (file: string, detail: string) =>
      `Die Datenbank ${file} ist nicht benutzbar (${detail}): Platz schaffen, eine gute Kopie an ihre Stelle legen oder einen anderen Ordner wählen mit --data ORDNER.`,
    theDatabaseWasBroughtUp: (copy: string) =>
      `Die Datenbank wurde aktualisiert; wie sie war, liegt sie in ${copy}`,
    LOG: {
      log_missing: (file: string, detail: string) =>
        `In ${file} fehlen vielleicht die neuesten Einträge: das Protokoll ist nicht da. Zuletzt geschrieben wurde die Datei ${detail}. Gespeichert wird erst, wenn jemand in der App auf diesem Rechner entscheidet.`,
      log_damaged: (file: string, count: number) =>
        `Mindestens ${count === 1 ? 'eine gespeicherte Änderung' : `${plain(count)} gespeicherte Änderungen`} im Protokoll von ${file} sind nicht lesbar. Gespeichert wird erst, wenn jemand in der App auf diesem Rechner entscheidet.`,
      log_foreign: (file: string, detail: string) =>
        `Das Protokoll neben ${file} gehörte zu einer anderen Datenbank. Es bleibt als ${detail} erhalten. Gespeichert wird erst, wenn jemand in der App auf diesem Rechner entscheidet.`,
    },
    noDriver:
      'Der SQLite-Treiber lässt sich nicht laden. Den Ordner node_modules löschen und neu starten: er wird neu installiert.',
    couldNotStart: (value: string) =>
      `Frost Pick konnte nicht starten (${value}): einen anderen Ordner wählen mit --data ORDNER und dies melden.`,
  },
  computeWorker: {
    taskUnknown: (name: string) => `Die Aufgabe „${name}“ steht nicht in host/compute.worker.ts.`,
  },
  copies: {
    noCopy: (detail: string) =>
      `Die tägliche Kopie der Datenbank ließ sich nicht machen (${detail}): Platz schaffen. In einer Stunde folgt der nächste Versuch.`,
    nothingToCopy: (folder: string) =>
      `In ${folder} ist keine Datenbank. Sagen, wo die Daten liegen: -- --data ORDNER`,
    copied: (file: string, bytes: number) =>
      `Kopiert und geprüft: ${file} (${megabytes(bytes)}). Die letzten fünf von Hand gemachten Kopien werden behalten.`,
    whichCopy: (files: readonly string[]) =>
      files.length === 0
        ? 'Sagen, welche Kopie: npm run restore -- DATEI. Im Datenordner ist noch keine.'
        : `Sagen, welche Kopie: npm run restore -- DATEI. Die neuesten sind:
${files.slice(0, 5).join('\n')}`,
    restored: (copy: string, before: string | undefined) =>
      `${copy} ist jetzt die Datenbank.${before ? ` Was vorher da war, ist behalten: ${before}` : ''}`,
    REFUSED: {
      missing: (detail: string) => `Es gibt keine Datei ${detail}. Nichts wurde geändert.`,
      damaged: (detail: string) =>
        `Diese Kopie ist beschädigt (${detail}). Nichts wurde geändert. Eine andere nehmen.`,
      foreign: (detail: string) =>
        `${detail} ist keine Datenbank von Frost Pick. Nichts wurde geändert.`,
      newer: (detail: string) =>
        `Diese Kopie stammt von einer neueren Version von Frost Pick (${detail}). Nichts wurde geändert. Erst die App aktualisieren.`,
      no_room: (detail: string) =>
        `In ${detail} ist nicht genug Platz für diese Kopie und für eine von dem, was dort ist. Es wurde nichts geändert. Bitte Platz auf der Platte schaffen.`,
      in_use: (detail: string) =>
        `${detail} ist in Gebrauch. Nichts wurde geändert. Erst Frost Pick beenden, dann zurückholen.`,
    },
  },
};
