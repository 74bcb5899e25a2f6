export const keepNotes = {
  complaint: 'Complaint',
  complaintIsMissing: 'Say what is wrong.',
  thisOutingIsGoneChoose: 'This outing no longer exists. Choose another one.',
  thatWasTakenBackAlready: 'That was already removed.',
};

export const pocketChart = {
  halfWeight: 'half weight',
  fullWeight: 'full weight',
  fromTheHeelPlateForward: 'From the heel plate forward (cm)',
  gapMm: 'Gap (mm)',
  stickToCm: (startCm: number, endCm: number) => `stick ${startCm} to ${endCm} cm`,
  klisterToCm: (startCm: number, endCm: number) => `klister ${startCm} to ${endCm} cm`,
  profileOfTheSkiGrip: (startCm: number, endCm: number, value: string) =>
    `Profile of the ski: grip zone from ${startCm} to ${endCm} cm in front of the heel plate${value}.`,
  pocketMmHigh: (pocketMm: string) => `, pocket ${pocketMm} mm high`,
};

export const pocketPart = {
  notMeasured: 'Not measured',
  aFeelersTwoEnds: 'Feeler, two ends',
  gapsAlongTheSki: 'Gaps along the ski',
  tooSoftForThisSkier: 'Too soft for this skier',
  tooStiffForThisSkier: 'Too stiff for this skier',
  toCm: (startCm: number, endCm: number) => `${startCm} to ${endCm} cm`,
  ofTheWeight: (value: number) => `${value} % of the weight`,
  kg: (value: number) => `${value} kg`,
  fullWeightClosesItNowhere: 'Full weight does not close the pocket. ',
  fullWeightClosesItFrom: (stretches: string) => `Full weight closes it from ${stretches}. `,
  closeItAllOver: (where: string, load: string) => `${where}It takes ${load} to close all of it. `,
  thePocket: 'The pocket',
  roomForStickLayers: (roomLayers: number) => `Room for ${roomLayers} stick layers. `,
  howItWasMeasured: 'How it was measured',
  lengthOfTheSki: 'Length of the ski',
  heelPlateBehindTheBinding: 'Heel plate behind the binding pin',
  theZoneGoesAsFar: 'The zone reaches as far forward',
  feelerStopsBehindAt: 'Feeler stops at the back at',
  fromTheHeelPlate: 'From the heel plate',
  feelerStopsAheadAt: 'Feeler stops at the front at',
  weightOfTheSkier: 'Weight of the skier',
  withPackAsOnThe: 'With backpack, as on the day',
  measuredUnder: 'Measured under',
  emptyTheSkierStoodOn: 'Leave empty if the skier stood on it',
  keepThisFit: 'Save this fit',
  feelerOrPaperUnderThe:
    'Slide a feeler or paper under the ski on a flat board. Half weight: stand on both skis. Full weight: stand on one. Leave places empty that you did not measure.',
  place: (i: number) => `Place ${i}`,
  half: 'Half',
  full: 'Full',
  oneMorePlace: 'Add a place',
  rightForThisSkier: 'Right for this skier',
};

export const troublePart = {
  troubleOnSnow: 'Trouble on snow',
  whatDoesItDo: 'What does it do?',
  scrapeBareAndChooseAgain: 'Scrape bare and choose again',
  triedIt: 'I tried this',
  takeBack: 'Remove',
  patternedAndSkinBases: 'Patterned and skin bases',
};

export const gripScreen = {
  stick: 'Stick',
  klister: 'Klister',
  klisterUnderACoverOf: 'Klister with a layer of stick on top',
  whatGripsAndWhere: 'What grips, and where?',
  measureTheSnowFirst: 'Measure the snow first.',
  takeAReading: 'Take a reading',
  thereIsNoGripWax: 'There is no grip wax on the shelf.',
  putOneOnTheShelf: 'Add one to the shelf',
  over: (name: string) => ` over ${name}`,
  byTheSimpleRule: ' by the simple rule',
  fromToCmAheadOf: (
    startCm: number,
    endCm: number,
    value: string,
    temperatureC: string,
    value2: string,
  ) =>
    `, from ${startCm} to ${endCm} cm in front of the heel plate${value}. For ${value2} snow at ${temperatureC} along the course.`,
  holdsAbout: (kindReason: string, gripLayers: string, wearKm: string) =>
    `${kindReason} ${gripLayers} Holds about ${wearKm}.`,
  thisOutingIsNotClassic: 'This outing is not classic, so its skis have no grip zone.',
  over2: (mostShown: number) => `over ${mostShown} %`,
  theShelfForGrip: 'Grip waxes on the shelf',
  gripProductsByWhatSlipping: 'Grip waxes by expected loss from slipping and dragging',
  whyThisTemperature: 'Why this temperature',
  layer: 'layer',
  layers: 'layers',
  newWord: 'new',
  old: 'old',
  product: 'Product',
  slips: 'Slips',
  drags: 'Drags',
  why: 'Why',
};
