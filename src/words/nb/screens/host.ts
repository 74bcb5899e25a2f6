import { megabytes, plain } from '../../quantities';
import type { WordsAt } from '../../language';

export const host: WordsAt<'screens/host'> = {
  prepareData: {
    folderNotWritable: (folder: string) =>
      `Datamappen ${folder} kan ikke skrives: velg en annen med --data MAPPE eller FROST_PICK_DATA.`,
    databaseNewer: (file: string) =>
      `Databasen ${file} er skrevet av et nyere Frost Pick: start den versjonen, eller velg en annen mappe med --data MAPPE.`,
    theDatabaseMustBeBrought: (file: string, detail: string) =>
      `Databasen ${file} må bringes opp til dato, men det er ikke plass til kopien som tas av den (${detail}): frigjør plass og start igjen.`,
    databaseNotUpgraded: (file: string, detail: string) =>
      `Databasen ${file} lot seg ikke bringe opp til dato og er som den var (${detail}): ta vare på en kopi, og start versjonen som skrev den, eller velg en annen mappe med --data MAPPE.`,
    databaseUnusable: (file: string, detail: string) =>
      `Databasen ${file} kan ikke brukes (${detail}): frigjør plass, legg en god kopi i stedet, eller velg en annen mappe med --data MAPPE.`,
    theDatabaseWasBroughtUp: (copy: string) =>
      `Databasen ble brakt opp til dato; slik den var, ligger den i ${copy}`,
    LOG: {
      log_missing: (file: string, detail: string) =>
        `De nyeste oppføringene i ${file} kan mangle: loggen er ikke der. Filen ble sist skrevet ${detail}. Ingenting lagres før noen bestemmer i appen på denne maskinen.`,
      log_damaged: (file: string, count: number) =>
        `Minst ${count === 1 ? 'én lagret endring' : `${plain(count)} lagrede endringer`} i loggen til ${file} kan ikke leses. Ingenting lagres før noen bestemmer i appen på denne maskinen.`,
      log_foreign: (file: string, detail: string) =>
        `Loggen ved siden av ${file} hørte til en annen database. Den er beholdt som ${detail}. Ingenting lagres før noen bestemmer i appen på denne maskinen.`,
    },
    noDriver:
      'SQLite-driveren kan ikke lastes. Slett mappen node_modules og start på nytt: da installeres den igjen.',
    couldNotStart: (value: string) =>
      `Frost Pick kunne ikke starte (${value}): velg en annen mappe med --data MAPPE, og meld fra om dette.`,
  },
  computeWorker: {
    taskUnknown: (name: string) => `Oppgaven «${name}» står ikke i host/compute.worker.ts.`,
  },
  copies: {
    noCopy: (detail: string) =>
      `Den daglige kopien av databasen lot seg ikke lage (${detail}): frigjør plass. Det prøves igjen om en time.`,
    nothingToCopy: (folder: string) =>
      `Det er ingen database i ${folder}. Si hvor dataene er: -- --data MAPPE`,
    copied: (file: string, bytes: number) =>
      `Kopiert og kontrollert: ${file} (${megabytes(bytes)}). De siste fem kopiene som er tatt for hånd, beholdes.`,
    whichCopy: (files: readonly string[]) =>
      files.length === 0
        ? 'Si hvilken kopi: npm run restore -- FIL. Det er ingen i datamappen ennå.'
        : `Si hvilken kopi: npm run restore -- FIL. De nyeste er:
${files.slice(0, 5).join('\n')}`,
    restored: (copy: string, before: string | undefined) =>
      `${copy} er databasen nå.${before ? ` Det som var der før, er beholdt: ${before}` : ''}`,
    REFUSED: {
      missing: (detail: string) => `Det er ingen fil ${detail}. Ingenting ble endret.`,
      damaged: (detail: string) =>
        `Denne kopien er skadet (${detail}). Ingenting ble endret. Ta en annen.`,
      foreign: (detail: string) =>
        `${detail} er ingen database for Frost Pick. Ingenting ble endret.`,
      newer: (detail: string) =>
        `Denne kopien er skrevet av en nyere versjon av Frost Pick (${detail}). Ingenting ble endret. Oppdater appen først.`,
      no_room: (detail: string) =>
        `Det er ikke plass nok i ${detail} til denne kopien og til en av det som er der. Ingenting er endret. Frigjør diskplass.`,
      in_use: (detail: string) =>
        `${detail} er i bruk. Ingenting ble endret. Stopp Frost Pick først, og hent så tilbake.`,
    },
  },
};
