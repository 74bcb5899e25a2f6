import { megabytes } from '../../quantities';

export const prepareData = {
  folderNotWritable: (folder: string) =>
    `The data folder ${folder} cannot be written. Choose another with --data FOLDER or FROST_PICK_DATA.`,
  databaseNewer: (file: string) =>
    `The database ${file} was written by a newer Frost Pick. Start that version, or choose another folder with --data FOLDER.`,
  theDatabaseMustBeBrought: (file: string, detail: string) =>
    `The database ${file} needs an upgrade, but there is no room for a copy first (${detail}). Free some disk space and start again.`,
  databaseNotUpgraded: (file: string, detail: string) =>
    `The database ${file} could not be upgraded and was not changed (${detail}). Start the version that wrote it, or choose another folder with --data FOLDER.`,
  databaseUnusable: (file: string, detail: string) =>
    `The database ${file} cannot be used (${detail}). Free some disk space, restore a copy, or choose another folder with --data FOLDER.`,
  theDatabaseWasBroughtUp: (copy: string) =>
    `The database was upgraded. A copy from before is in ${copy}`,
  LOG: {
    log_missing: (file: string, detail: string) =>
      `The newest entries in ${file} may be missing: its log is not there. The file was written last at ${detail}. Nothing is saved until somebody decides in the app on this computer.`,
    log_damaged: (file: string, count: number) =>
      `At least ${count === 1 ? '1 saved change' : `${count} saved changes`} cannot be read in the log of ${file}. Nothing is saved until somebody decides in the app on this computer.`,
    log_foreign: (file: string, detail: string) =>
      `The log beside ${file} belonged to another database. It is kept as ${detail}. Nothing is saved until somebody decides in the app on this computer.`,
  },
  noDriver:
    'The SQLite driver cannot be loaded. Delete the folder node_modules and start again. It is then installed again.',
  couldNotStart: (value: string) =>
    `Frost Pick could not start (${value}). Choose another folder with --data FOLDER, and report this.`,
};

export const computeWorker = {
  taskUnknown: (name: string) => `The task “${name}” is not listed in host/compute.worker.ts.`,
};

export const copies = {
  noCopy: (detail: string) =>
    `The daily copy of the database could not be made (${detail}). Free some disk space. Frost Pick tries again in an hour.`,
  nothingToCopy: (folder: string) =>
    `There is no database in ${folder}. Say where the data are: -- --data FOLDER`,
  copied: (file: string, bytes: number) =>
    `Copied and checked: ${file} (${megabytes(bytes)}). The last five copies made by hand are kept.`,
  whichCopy: (files: readonly string[]) =>
    files.length === 0
      ? 'Say which copy: npm run restore -- FILE. There is none in the folder of the data yet.'
      : `Say which copy: npm run restore -- FILE. The newest are:\n${files.slice(0, 5).join('\n')}`,
  restored: (copy: string, before: string | undefined) =>
    `${copy} is the database now.${before ? ` What was there before is kept: ${before}` : ''}`,
  REFUSED: {
    missing: (detail: string) => `There is no file ${detail}. Nothing was changed.`,
    damaged: (detail: string) =>
      `This copy is damaged (${detail}). Nothing was changed. Take another one.`,
    foreign: (detail: string) => `${detail} is not a database of Frost Pick. Nothing was changed.`,
    newer: (detail: string) =>
      `This copy was written by a newer version of Frost Pick (${detail}). Nothing was changed. Bring the app up to date first.`,
    no_room: (detail: string) =>
      `There is not enough room in ${detail} for a safe restore. Nothing was changed. Free some disk space.`,
    in_use: (detail: string) =>
      `${detail} is in use. Nothing was changed. Stop Frost Pick first, then restore.`,
  },
};
