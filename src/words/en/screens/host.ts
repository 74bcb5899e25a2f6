export const prepareData = {
  theDataFolderCannotBe: (folder: string) =>
    `The data folder ${folder} cannot be written: choose another with --data FOLDER or FROST_PICK_DATA.`,
  theDatabaseWasWrittenBy: (file: string) =>
    `The database ${file} was written by a newer Frost Pick: start that version, or choose another folder with --data FOLDER.`,
  theDatabaseMustBeBrought: (file: string, detail: string) =>
    `The database ${file} must be brought up to date, but there is no room for the copy that is kept of it (${detail}): free some disk space and start again.`,
  theDatabaseCouldNotBe: (file: string, detail: string) =>
    `The database ${file} could not be brought up to date and is as it was (${detail}): keep a copy of it, and start the version that wrote it or choose another folder with --data FOLDER.`,
  theDatabaseCannotBeUsed: (file: string, detail: string) =>
    `The database ${file} cannot be used (${detail}): free some disk space or put a good copy of it in its place, or choose another folder with --data FOLDER.`,
  theDatabaseWasBroughtUp: (copy: string) =>
    `The database was brought up to date; as it was it is kept in ${copy}`,
  frostPickCouldNotStart: (value: string) =>
    `Frost Pick could not start (${value}): choose another folder with --data FOLDER, and report this.`,
};

export const computeWorker = {
  theTaskIsNotListed: (name: string) =>
    `The task “${name}” is not listed in host/compute.worker.ts.`,
};
