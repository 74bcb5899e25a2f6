export const productsFiles = {
  nothingWasTakenInFix: 'Nothing was imported. Fix these cells first.',
};

export const moveStock = {
  productGone: 'This product is not on the shelf. Choose another one.',
  notEnoughGrams: (left: number) => `There are only ${left} g. Correct the stock first.`,
};

export const saveProduct = {
  thisProductWasTakenOff: 'This product was deleted from the shelf in the meantime. Add it again.',
  nameTaken: (name: string) => `“${name}” is already on the shelf. Give this one another name.`,
  thatProductIsOffThe: 'That product was already deleted.',
};

export const coveragePart = {
  plainSnow: 'No additive asked for',
  lubricantSnow: 'Machine-made, dirty, static',
  repellentSnow: 'Wet, or hoar growing',
  bothSnow: 'Machine-made, hoar or wet',
  nothing: 'nothing',
  loss: 'Loss (%)',
  equivalentTemperature: (units: string) => `Equivalent temperature (${units})`,
  coverageLabel: (value: string) =>
    `Best expected loss of the shelf by equivalent temperature and snow. ${value}`,
  noHoles: 'No gaps.',
  holes: (words: string) => `Gaps: ${words}.`,
  whatTheShelfServes: 'What the shelf covers',
  noHolesEverywhereTheBest: (holePercent: number) =>
    `No gaps: there is always a wax that loses less than ${holePercent} %.`,
  gapsWhere: (holePercent: number, words: string) =>
    `Gaps, where even the best wax loses more than ${holePercent} %: ${words}.`,
  bestPurchase: 'The purchase that helps most here: a wax of ',
  withWord: (additives: string) => ` with ${additives}`,
  plain: ', plain',
  overHOfWeatherAt: (
    value: string,
    weatherHours: number,
    venueName: string,
    beforePercent: string,
    afterPercent: string,
  ) =>
    `${value}. Over ${weatherHours} daytime hours at ${venueName} it lowers the mean loss from ${beforePercent} to ${afterPercent} %.`,
  noPurchaseHelps: (venueName: string, weatherHours: number) =>
    `For the ${weatherHours} daytime hours at ${venueName} no single purchase would help.`,
  noRecordedWeather: (venueName: string) =>
    `There is no recorded weather at ${venueName} to judge a purchase by.`,
  asTable: 'The same as a table',
  coverageTable: 'Best expected loss in per cent, and which wax gives it',
  equivalent: (units: string) => `Equivalent (${units})`,
};

export const productForm = {
  name: 'Name',
  form: 'Form',
  additives: 'Additives',
  theLabelPrefers: 'The label prefers',
  openedOn: 'Opened on',
  change: (name: string) => `Change ${name}`,
  putAProductOnThe: 'Add a product',
  whatItIsFor: 'What it is for',
  newSnowColdEnd: 'New snow, cold end',
  labelColdEnd: 'Label, cold end',
  newSnowWarmEnd: 'New snow, warm end',
  labelWarmEnd: 'Label, warm end',
  oldSnowColdEnd: 'Old snow, cold end',
  oldSnowWarmEnd: 'Old snow, warm end',
  moreFields: 'Iron, container, price and colour',
  ironTemperature: 'Iron temperature',
  estimatedFromLabel: 'Leave empty to estimate it from the label',
  ironLimit: 'Iron limit',
  meltingPoint: 'Melting point',
  dryingTime: 'Drying time',
  emptyAsUsualForLiquids: 'Of a liquid. Leave empty if the label does not say',
  estimatedFromIron: 'Leave empty to estimate it from the iron',
  container: 'Container',
  priceOfAContainer: 'Price of a container',
  colourOfYourBlock: 'Colour of your block',
  putOnByNoneTicked: 'How it goes on (none ticked: as usual for its kind)',
  nothing: 'Nothing',
  saveTheChange: 'Save changes',
  putOnTheShelf: 'Add to shelf',
  leaveItAsItWas: 'Cancel',
};

export const stockPart = {
  bought: 'Bought',
  used: 'Used',
  weighedThisIsLeft: 'Weighed: this much is left',
  booked: (productId: string) => `Stock of ${productId} saved.`,
  stock: 'Stock',
  runsOut: (name: string, outingName: string, missingG: number) =>
    `${name} runs out at ${outingName}. About ${missingG} g are missing.`,
  product: 'Product',
  whatHappened: 'What happened',
  grams: 'Grams',
  bookIt: 'Save stock change',
  lastChanges: (count: number) => `The last ${count} stock changes`,
  stockMovesLatestFirst: 'Stock changes, latest first',
  offTheShelf: 'off the shelf',
  corrected: 'Corrected',
  when: 'When',
  productTitle: 'Product',
  what: 'What',
  gramsTitle: 'Grams',
};

export const shelfScreen = {
  about: (degrees: string) => `about ${degrees}`,
  grams: (grams: number) => `${grams} g`,
  product: 'Product',
  label: 'Label',
  hardness: 'Hardness',
  form: 'Form',
  additives: 'Additives',
  iron: 'Iron',
  left: 'Left',
  aPairCosts: 'A pair costs',
  change: 'Change',
  isOffTheShelf: (name: string) => `${name} was deleted.`,
  question: 'What is on the shelf?',
  onTheShelf: 'On the shelf',
  theShelfAsCsv: 'The shelf as CSV',
  show: 'Show',
  all: 'All',
  productsOnTheShelf: 'Products on the shelf',
  isChanged: (name: string) => `${name} was changed.`,
  takeProductsInFromA: 'Import products from a file',
  csvHint:
    'CSV with units in the header. Columns: name, label cold end [C], label warm end [C], role, form, additives. Separate additives with +. Up to 1000 rows and 1 MB.',
  csvFileOfProducts: 'CSV file of products',
  emptyShelf: 'The shelf is empty. Add the first wax below.',
  glideWaxAmongProducts: (glides: number, count: number) =>
    glides === 1
      ? `1 glide wax among ${count} products. `
      : `${glides} glide waxes among ${count} products. `,
  largestHole: (worst: string) => `Largest gap: ${worst[0]!.toLowerCase()}${worst.slice(1)}.`,
  noHoles: 'No gaps.',
  runsOut: (runningOut: string) => ` Runs out: ${runningOut}.`,
  notWeighed: 'not weighed',
  changeProduct: (name: string) => `Change ${name}`,
  takeOff: (name: string) => `Delete ${name}`,
  deleteProduct: 'Delete',
  whatToDoWith: (name: string) => `What to do with ${name}`,
  plain: 'plain',
};
export const blockGuess = {
  itSmears: 'It smears',
  deepGrooveNoEffort: 'Deep groove, no effort',
  grooveWithACurl: 'Groove with a curl',
  scratchWithCrumbs: 'Scratch with crumbs',
  chalkyLineOnly: 'Chalky line only',
  hardlyAMark: 'Hardly a mark',
  sticks: 'Sticks',
  dents: 'Dents',
  greasy: 'Greasy',
  dry: 'Dry',
  likeGlass: 'Like glass',
  withoutLabel: 'No label? Try a nail and a finger',
  aThumbnailDrawnOverIt: 'Scratch it with a thumbnail, at room temperature',
  pressFinger: 'Press a finger on it',
  hardnessAbout: 'Hardness about',
  labelIt: (hardnessSd: number, labelLowC: string) => `± ${hardnessSd}. Label it ${labelLowC}.`,
  takeTheseEnds: 'Use these ends',
};

export const starter = {
  usualLadder: 'Start with a usual ladder',
  typicalRanges:
    'Kinds as shops sell them, with typical ranges. Untick what you do not have, and change the ranges to those of your own labels.',
  glide: 'Glide',
  grip: 'Grip, for classic skis',
  kind: (name: string, range: string) => `${name}, ${range}`,
  typical: (name: string) => `${name} (typical)`,
  keepThese: 'Put these on the shelf',
};
