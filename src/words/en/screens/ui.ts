export const answer = {
  noAnswer: 'Not saved: the server did not answer. What you typed is kept. Try again.',
};

export const late = {
  lost: 'The rest of this page could not be fetched. Reload the page when the host computer answers.',
};

export const outbox = {
  kept: 'Kept on this device. It is sent when the host computer answers.',
};

const writes = (count: number) => (count === 1 ? '1 record' : `${count} records`);

export const linkLine = {
  looksOnly: 'This device only looks: nothing you enter here is stored',
  lost: 'No connection to the host computer',
  turnedAway: 'This device is no longer paired. Pair it again to send its changes',
  waiting: (count: number) => `${writes(count)} waiting on this device`,
  refused: (count: number) => `${writes(count)} refused`,
  sent: (count: number) => `${writes(count)} sent`,
  look: 'Look',
  newer: 'A newer version of Frost Pick is running. Load it when you are done here.',
  load: 'Load it now',
};

export const clash = {
  empty: 'empty',
  changedByOthers: 'Someone else changed this in the meantime',
  theySet: (field: string, field2: string) => `${field}: they entered ${field2}.`,
  takeTheirs: 'Use theirs',
  keepMine: 'Keep mine',
};

export const positionField = {
  position: 'Position',
  suchAs: 'Such as 46.61 N 10.19 E, or 46°36′ N 10°11′ E',
  writeItAs: 'Write the position as 46.61 N 10.19 E, or 46°36′ N 10°11′ E.',
};

export const useTrack = {
  trackUnreadable: 'The track could not be read on this device. Reload the page and try again.',
  trackTooLarge: 'The track is larger than 30 MB. Record fewer points and try again.',
};

export const numberPad = {
  keysFor: (label: string) => `Keys for ${label}`,
  deleteLast: 'Delete the last digit',
  changeTheSign: 'Change the sign',
  decimalPoint: 'Decimal point',
};

export const numberField = {
  down: (label: string) => `${label} down`,
  up: (label: string) => `${label} up`,
};

export const sendPhoto = {
  photoWrongKind: 'Not sent: a photo must be a JPEG, PNG, WebP or HEIC.',
  photoTooLarge: 'Not sent: the photo is over 12 MB. Take a smaller one.',
  refusedByServer: 'The server did not accept the photo. Try again.',
};

export const shownRows = {
  showMoreOf: (left: number, count: number) => `Show ${left} more of ${count}`,
};

export const undoNotice = {
  undo: 'Undo',
  close: 'Close',
};

export const ledgerTable = {
  ledgerTitle: 'How the equivalent temperature adds up',
  equivalentTemperature: 'Equivalent temperature',
};

export const chart = {
  drawingTheChart: 'Drawing the chart…',
};

export const notchGauge = {
  hardnessOf100: (hardness: number) => `Hardness ${hardness} of 100`,
};

export const rankingList = {
  takeOne: 'Take one',
  showAll: (count: number) => `Show all ${count}`,
  take: (name: string) => `Take ${name}`,
  about: (seconds: string) => `${seconds}, `,
  best: (probabilityBest: string) => `best ${probabilityBest}`,
};

export const csvImport = {
  chooseFile: 'Choose a file',
  readingTheFile: 'Reading the file…',
  cancel: 'Cancel',
  takenIn: (count: number, what: 'ski' | 'reading' | 'product') =>
    `${count} ${what}${count === 1 ? '' : 's'} imported.`,
  faultsTitle: 'What to fix in the file',
  notImported: 'The file was not imported.',
  refusedByServer: 'The server did not accept the file. Nothing was imported. Try again.',
  line: 'Line',
  column: 'Column',
  whatIsWrong: 'What is wrong',
};

export const keys = {
  replan: 'Plan: plan again from now',
  newOuting: 'New outing',
  space: 'Space',
  nextStep: 'Next step of the job on the bench',
  stepBack: 'Back one step of the job',
  count: 'Count a stroke or a pass',
  ctrlEnter: 'Ctrl + Enter',
  save: 'Save the form or the choice',
  help: 'This list',
};
