export const skisFiles = {
  nothingWasTakenInFix: 'Nothing was imported. Fix these cells first.',
};

export const skiPhotos = {
  choosePhoto: 'Choose a photo',
  skiUnknown: 'There is no such ski.',
  photoUnknown: 'There is no such photo.',
  sending: 'Sending…',
  photos: 'Photos',
  addAPhoto: 'Add a photo',
  photo: (i: number) => `Photo ${i}`,
};

export const baseMarks = {
  thisSkiIsGoneChoose: 'This ski no longer exists. Choose another one.',
  beyondTail: (lengthCm: number) =>
    `The ski is ${lengthCm} cm long. This place is beyond its tail.`,
};

export const saveSki = {
  thisPairWasTakenOff:
    'This pair was deleted from the rack in the meantime. Put it back first, then save again.',
  nameTaken: (name: string) => `“${name}” is already on the rack. Give this one another name.`,
  thatPairIsOffThe: 'That pair was already deleted.',
  onRackAlready: 'That pair is already on the rack.',
};

export const skiLife = {
  thisSkiIsGone: 'This ski no longer exists.',
  thatEventWasTakenBack: 'That event was already deleted.',
};

export const labelsSheet = {
  whichSkiIsIt: 'Which ski is it?',
  of: (count: number, all: number) => `${count} of ${all}`,
  labelsToPrint: (value: string | number) => `${value} labels to print and stick on`,
  print: 'Print',
  backToTheSkis: 'Back to the skis',
  nextLabels: 'Next labels',
  thatIsThisMachineAlone: 'This address works on this machine alone: no other device can open it.',
  printThemFromTheAddress: 'Every device that reaches this address can open them.',
  theyLeadTo: (origin: string, value: string) => `They open ${origin}. ${value}`,
  qrLabelOf: (name: string) => `QR label of ${name}`,
  cm: (skitypeword: string, lengthCm: number) => `${skitypeword}, ${lengthCm} cm`,
};

export const skiForm = {
  flexFor: 'Flex for a skier of',
  nameOfThePair: 'Name of the pair',
  owner: 'Owner',
  base: 'Base',
  pattern: 'Pattern',
  groundOn: 'Ground on',
  brakes: 'Brakes',
  purpose: 'Purpose',
  note: 'Note',
  type: 'Type',
  length: 'Length',
  waist: 'Waist',
  grindEdgesAndNote: 'Grind, edges and note',
  grindWidth: 'Grind, width of the lines',
  baseBevelLabel: 'Base bevel',
  sideBevelLabel: 'Side bevel',
  none: 'None',
  saving: 'Saving…',
  saveTheChanges: 'Save changes',
  putOnTheRack: 'Add to rack',
  savingNow: 'Saving',
};

export const skisScreen = {
  whatIsDueFirst: 'Most urgent first',
  name: 'Name',
  owner: 'Owner',
  leastWaxFirst: 'Least wax first',
  length: 'Length',
  pair: 'Pair',
  type: 'Type',
  grind: 'Grind',
  waxReserve: 'Wax reserve',
  dueAndWhatWasSeen: 'Care and marks',
  bench: 'Bench',
  oneMark: 'One mark on the base.',
  marksOnTheBase: (count: number) => `${count} marks on the base.`,
  whichSkisWantWork: 'Which skis need work?',
  theRackIsEmpty: 'The rack is empty.',
  noneIsDue: 'None are due',
  ofAreDue: (count: number, count2: number) => `${count} of ${count2} are due`,
  first: (name: string, due: string) => `First ${name}: ${due}`,
  onTheRack: 'On the rack',
  labelsToPrint: 'Labels to print',
  csv: 'CSV',
  find: 'Find by name, owner or note',
  allTypes: 'All types',
  forThisOuting: 'For this outing',
  order: 'Order',
  noneMatches: 'No ski on the rack matches.',
  skisOnTheRack: 'Skis on the rack',
  cm: (lengthCm: number) => `${lengthCm} cm`,
  mm: (grindMm: number, grindPattern: string) => `${grindMm} mm ${grindPattern}`,
  sheet: 'Sheet',
  putAPairOrA: 'Add a pair or a board',
  manyAtOnce: 'Import many',
  csvHint:
    'A CSV file with name, type, length [cm] and waist [mm]. Download the CSV of the rack to see all columns.',
  importCsv: 'Skis from a CSV file',
  summary: (skitypeword: string, lengthCm: number, due: string, marks: string) =>
    `${skitypeword}, ${lengthCm} cm. ${due} ${marks}`,
};

export const scanLabel = {
  scan: 'Scan a label',
  hint: 'Point the camera at the label on the ski.',
  picture: 'What the camera sees',
  close: 'Close the camera',
  noLabel: 'This code is not a label of a ski.',
  noCamera:
    'The camera cannot be used. Allow it for this page. On other devices, trust the certificate first.',
};

export const eventsPart = {
  eventOf: (what: string) => `Life of a ski: ${what}`,
  kilometres: (km: number) => `${km} km`,
  itsLife: 'History',
  whatHappened: 'What happened',
  howFar: 'Distance',
  onWhat: 'Snow',
  how: 'How',
  hoursInTheBox: 'Hours in the box',
  coatsLabel: 'Coats',
  note: 'Note',
  writeItDown: 'Add to history',
  takenBack: (removed: string) => `${removed}: deleted.`,
  nothingIsWrittenDownYet: 'Nothing yet.',
  byAJobOfThe: ', from a job',
  takeBack: (event: string) => `Delete: ${event}`,
  deleteEvent: 'Delete',
};

export const baseMap = {
  baseMapLabel: (name: string, count: number) =>
    `Base of ${name} with ${count} marks. You can also mark a place with the fields below.`,
  tip: 'tip',
  tailCm: 'tail (cm)',
};

export const lookOverPart = {
  markOf: (mark: string, ski: string) => `Mark on ${ski}: ${mark}`,
  aShopsWork: 'For a shop',
  repairFirst: 'Repair first',
  thenTheEdges: 'Then the edges',
  thenClean: 'Then clean',
  thenWax: 'Then wax',
  placeMissing: 'Tap a place on the base first, or enter it in cm from the tip.',
  lookItOver: 'Check the base',
  whatWasSeen: 'What you see',
  fromTheTip: 'From the tip',
  sideHint: 'Side, seen with base up and tip away from you',
  markIt: 'Add mark',
  cleared: (words: string) => `${words}: deleted.`,
  nothingIsMarkedTheBase: 'No marks. The base is in use and sound.',
  onePlace: 'one place',
  places: (places: number) => `${places} places`,
  atCm: (findingword: string, positionCm: number, sideword: string) =>
    `${findingword} at ${positionCm} cm, ${sideword}`,
  clear: (words: string) => `Delete ${words}`,
};

export const skiScreen = {
  cm: (lengthCm: number) => `${lengthCm} cm`,
  waistMm: (waistMm: number) => `waist ${waistMm} mm`,
  grindMm: (grindMm: number, grindPattern: string) => `grind ${grindMm} mm ${grindPattern}`,
  edgesBaseSide: (baseBevelDeg: number, sideBevelDeg: number) =>
    `edges ${baseBevelDeg}° base, ${sideBevelDeg}° side`,
  of: (owner: string) => `of ${owner}`,
  waxReserve: (value: number) => `Wax reserve ${value} %`,
  stored: 'Stored. ',
  waxIsInKmSince: (kmSinceWax: number) => `Waxed: ${kmSinceWax} km since the last coat.`,
  isOffTheRackIts: (name: string) => `${name} was deleted. Its history is kept.`,
  makeTheJobSheet: 'Make the job sheet',
  allSkis: 'All skis',
  itsLabel: 'Label',
  scannedOnATabletIn: 'Scan it with a tablet in the same network to open this page.',
  qrLabelOf: (name: string) => `QR label of ${name}`,
  thePairItself: 'This pair',
  changeIt: 'Change',
  takeOffTheRack: 'Delete from rack',
};
