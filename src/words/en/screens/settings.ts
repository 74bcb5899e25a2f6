import type { BookName } from '../../../core/book';
import { megabytes } from '../../quantities';

export const teamPart = {
  theBench: 'The bench',
  freshAir: 'Fresh air',
  ventilated: 'Ventilated',
  closedRoom: 'Closed room',
  basesMostly: 'Most bases are',
  toolsThereAre: 'Tools you have',
  theTeamsOwnWays: 'How the team works',
  goodTechniciansDifferHereWhat:
    'Good technicians work in different ways. What you set here is used for every choice and job.',
};

export const settingsScreen = {
  language: 'Language',
  asTheBrowser: 'Same as browser',
  back: 'Back to Frost Pick',
  asTheDevice: 'Same as device',
  light: 'Light',
  dark: 'Dark',
  howShouldItRead: 'Settings',
  unitsAndLightHereThe: 'Language, units and colours for this device, the bench for the team',
  thisDevice: 'This device',
  temperature: 'Temperature',
  altitudeAndLength: 'Altitude and length',
  distance: 'Distance',
  screen: 'Screen',
};

export const devices = {
  title: 'Devices',
  hint: 'Tablets and phones work with the same data once they are paired with this computer.',
  open: 'Add or remove devices',
};

export const copies = {
  title: 'Copies of all data',
  hint: 'While Frost Pick runs, it makes a copy a day and keeps fourteen. It also keeps the last five made by hand, and the last five made before a merge, a restore or an upgrade. Take one away with you now and then. To bring one back, stop Frost Pick and run npm run restore -- FILE.',
  copyNow: 'Copy now',
  copying: 'Copying…',
  copied: (name: string, bytes: number) => `Copied and checked: ${name} (${megabytes(bytes)}).`,
  line: (time: string, name: string, bytes: number) => `${time}: ${name}, ${megabytes(bytes)}`,
  failed: (detail: string) =>
    `The copy could not be made (${detail}). Free some disk space, then try again.`,
};

export const hub = {
  title: 'Hub of several cabins',
  hint: 'A federation that has a hub gives each cabin its address and a token. While it can be reached, all cabins keep one book; without it each goes on with its own.',
  address: 'Address of the hub',
  addressHint: 'Such as https://hub.example:3240',
  token: 'Token of this cabin',
  join: 'Join the hub',
  leave: 'Leave the hub',
  left: 'This cabin has left the hub. What came from it stays here.',
  now: 'Exchange now',
  joined: (url: string) => `Joined: ${url}`,
  inStep: (url: string, time: string) => `In step with ${url}, last exchange on ${time}`,
  came: (count: number) =>
    count === 0
      ? 'In step. Nothing new from the others.'
      : count === 1
        ? 'In step. One record came from the others.'
        : `In step. ${count} records came from the others.`,
  decidedTitle: 'Changed in two cabins at once',
  decidedHint:
    'The same value stands in every book now. Where the other one was right, change it once more: the last change stands.',
  standsMine: (column: string, mine: string, theirs: string) =>
    `${column}: “${mine}” of this cabin stands, “${theirs}” gave way`,
  standsTheirs: (column: string, mine: string, theirs: string) =>
    `${column}: “${theirs}” of the other cabin stands, “${mine}” of this one gave way`,
  decidedWith: (cabin: string, time: string) => `With ${cabin}, ${time}`,
  saw: 'Seen',
  sawOf: (label: string) => `Seen: ${label}`,
  seen: 'Taken off the list.',
  twin: (time: string) =>
    `Another computer uses the token of this cabin (last seen ${time}). Nothing is lost, but ask for a token of its own and join there again.`,
  heldTitle: 'Not imported',
  heldHint:
    'Everything else was imported. Frost Pick tries these again when something new arrives and after an upgrade.',
  heldOf: (cabin: string, time: string) => `From ${cabin}, ${time}`,
  allOthers: 'the other cabins',
  theHub: 'the hub',
  held: (reason: string) =>
    reason === 'unreadable'
      ? 'This version cannot read it.'
      : reason === 'named'
        ? 'It was removed there, but other records here use it.'
        : reason === 'picture'
          ? 'Its picture has not arrived yet.'
          : 'It refers to something that has not arrived yet.',
  removalsTitle: (cabin: string, count: number) =>
    count === 1
      ? `${cabin} removed one more record. Remove it here too?`
      : `${cabin} removed ${count} more records. Remove them here too?`,
  removalsHint: 'Up to ten removals a day from one cabin need no confirmation.',
  removeToo: 'Remove here too',
  keepThem: 'Keep them',
  removedToo: 'Removed here too.',
  keptAll: 'Kept. The other cabins get them back.',
  andMore: (count: number) => `and ${count} more`,
  wasRemoved: (isTaken: boolean) =>
    isTaken
      ? 'Removed there, and here too'
      : 'Removed in one cabin and changed in the other: it stays',
  problem: (code: string) =>
    code === 'unreachable'
      ? 'The hub cannot be reached. What changes here is handed in when it can.'
      : code === 'not_let_in'
        ? 'The hub does not know this token. Ask for a new one and join again.'
        : code === 'older'
          ? 'The hub runs an older version. Ask who keeps it to upgrade it; what changes here is handed in then.'
          : code === 'full'
            ? 'The hub takes no more from this cabin: its share of the room is used up. Ask who keeps the hub.'
            : 'The exchange with the hub failed; nothing was lost. It is tried again.',
};

export const exchange = {
  progress: 'Progress',
  title: 'Hand data on and take them in',
  hint: 'A book holds all data of a cabin. Take in the book of another cabin and both become one: what is new is added, what was changed later is taken over, and you decide where both were changed.',
  asJson: 'All data as JSON',
  asZip: 'With photos, as ZIP',
  file: 'Book of another cabin (JSON or ZIP)',
  choose: 'Choose a book',
  reading: 'Reading the book…',
  cancel: 'Cancel',
  takingIn: 'Taking in…',
  takeIn: 'Take in',
  nothingNew: 'The book holds nothing that is not here already.',
  done: (added: number, changed: number) =>
    `Taken in: ${added} new, ${changed} changed. A copy of all data was made before.`,
  noAnswer:
    'The server did not answer. Nothing was taken in, or all of it: choose the book again to see.',
  whatChanges: 'What the book changes here',
  kind: 'Records',
  added: 'New',
  changed: 'Changed there',
  removed: 'Removed there',
  kept: 'Changed here',
  sameInBoth: (count: number) => `${count} records are the same in both.`,
  conflicts: 'To decide',
  changesTitle: 'Taken over, as it was changed later there',
  conflictsTitle: 'Changed in both: which one stands?',
  whichStands: (label: string) => `Which ${label} stands`,
  recordOf: (kind: string, label: string) => `${kind}: ${label}`,
  problem: (field: string, message: string) => `${field}: ${message}`,
  keepMine: 'Keep what is here',
  takeTheirs: 'Take what is there',
  allTheirs: 'Take what is there for all',
  fixed: (count: number) =>
    count === 1
      ? 'One record is written once and differs: what is here stays'
      : `${count} records are written once and differ: what is here stays`,
  column: (column: string) => column.replace(/_/g, ' '),
  empty: 'nothing',
  fromTo: (column: string, mine: string, theirs: string) => `${column}: ${mine} → ${theirs}`,
  withoutPicture: (count: number) =>
    `${count === 1 ? 'One photo is' : `${count} photos are`} left out, as this file has no pictures. Export a ZIP to take them along.`,
  sameNames: (names: readonly string[]) =>
    `These names will stand twice, as both cabins wrote them down for themselves: ${names.join(', ')}.`,
  more: (count: number) => `and ${count} more`,
  KIND: {
    venue: 'Venues',
    course: 'Courses',
    station: 'Weather stations',
    venue_station: 'Stations of venues',
    weather: 'Hours of weather',
    outing: 'Outings',
    product: 'Products',
    stock_move: 'Stock',
    skier: 'Skiers',
    ski: 'Skis',
    reading: 'Readings',
    photo: 'Photos of snow',
    choice: 'Choices',
    outcome: 'Outcomes',
    job: 'Jobs',
    job_step: 'Steps of jobs',
    ski_event: 'History of skis',
    finding: 'Marks on bases',
    ski_photo: 'Photos of skis',
    glide_test: 'Tests',
    glide_run: 'Runs of tests',
    grip_test: 'Grip tests',
    grip_note: 'Grip notes',
    track_event: 'Work on tracks',
    starter: 'Starters',
    bench_plan: 'Plans',
    note: 'Notes',
    learner: 'People who practise',
    drill_answer: 'Answers of practice',
    dispute: 'Disputed answers',
    team_setting: 'Settings of the team',
    signature: 'Names of the devices that wrote',
  } satisfies Record<BookName, string>,
  formatMustBe: 'Format must be json or zip.',
  doMustBe: 'Say do=preview or do=import.',
  incomplete: 'The book names records that are neither in it nor here. Nothing was changed.',
  namesMissing: 'A record names another one that is missing.',
};
