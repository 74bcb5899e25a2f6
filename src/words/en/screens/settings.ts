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
  methodsHint:
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
  open: 'Add or delete devices',
};

export const copies = {
  title: 'Copies of all data',
  hint: 'Frost Pick makes a copy every day and keeps fourteen. It also keeps five made by hand, and five made before imports, restores and upgrades. Take one home now and then. To restore one, stop Frost Pick and run npm run restore -- FILE.',
  copyNow: 'Copy now',
  copying: 'Copying…',
  copied: (name: string, bytes: number) => `Copied and checked: ${name} (${megabytes(bytes)}).`,
  line: (time: string, name: string, bytes: number) => `${time}: ${name}, ${megabytes(bytes)}`,
  failed: (detail: string) =>
    `The copy could not be made (${detail}). Free some disk space, then try again.`,
};

export const hub = {
  title: 'Hub for several cabins',
  hint: 'A hub keeps several cabins in sync. Whoever runs it gives each cabin the address and a token. Without a connection each cabin works on its own.',
  address: 'Address of the hub',
  addressHint: 'Such as https://hub.example:3240',
  token: 'Token of this cabin',
  join: 'Join the hub',
  joining: 'Joining. A large book takes about a minute. Others can save again after that.',
  leave: 'Leave the hub',
  left: 'This cabin has left the hub. What came from it stays here.',
  now: 'Sync now',
  joined: (url: string) => `Joined: ${url}`,
  inStep: (url: string, time: string) => `In sync with ${url}, last synced ${time}`,
  came: (count: number) =>
    count === 0
      ? 'In sync. Nothing new.'
      : count === 1
        ? 'In sync. One new record.'
        : `In sync. ${count} new records.`,
  decidedTitle: 'Changed in two cabins at once',
  decidedHint: 'All cabins show the same value now. If it is wrong, enter the right one again.',
  standsMine: (column: string, mine: string, theirs: string) =>
    `${column}: “${mine}” of this cabin is kept, “${theirs}” was replaced`,
  standsTheirs: (column: string, mine: string, theirs: string) =>
    `${column}: “${theirs}” of the other cabin is kept, “${mine}” of this one was replaced`,
  decidedWith: (cabin: string, time: string) => `With ${cabin}, ${time}`,
  saw: 'Seen',
  sawOf: (label: string) => `Seen: ${label}`,
  seen: 'Marked as seen.',
  twin: (time: string) =>
    `Another computer uses the token of this cabin (last seen ${time}). Nothing is lost. Ask for a second token and join again there.`,
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
        ? 'It was deleted there, but other records here use it.'
        : reason === 'picture'
          ? 'Its picture has not arrived yet.'
          : 'It refers to something that has not arrived yet.',
  removalsTitle: (cabin: string, count: number) =>
    count === 1
      ? `${cabin} deleted one more record. Delete it here too?`
      : `${cabin} deleted ${count} more records. Delete them here too?`,
  removalsHint: 'Up to ten deletions a day from one cabin need no confirmation.',
  removeToo: 'Delete here too',
  keepThem: 'Keep them',
  removedToo: 'Deleted here too.',
  keptAll: 'Kept. The other cabins get them back.',
  andMore: (count: number) => `and ${count} more`,
  wasRemoved: (isTaken: boolean) =>
    isTaken ? 'Deleted there and here' : 'Deleted in one cabin, changed in the other. It is kept.',
  problem: (code: string) =>
    code === 'unreachable'
      ? 'The hub cannot be reached. Your changes are sent when it can.'
      : code === 'not_let_in'
        ? 'The hub does not know this token. Ask for a new one and join again.'
        : code === 'older'
          ? 'The hub runs an older version. Ask whoever runs it to upgrade. Your changes are sent after that.'
          : code === 'full'
            ? 'The hub has no more room for this cabin. Ask whoever runs it.'
            : 'The sync failed. Nothing was lost. Frost Pick tries again.',
};

export const exchange = {
  progress: 'Progress',
  title: 'Export and import data',
  hint: 'A book holds all data of a cabin. Import another cabin’s book to combine both. New records are added, later changes are used. Where both changed, you decide.',
  asJson: 'All data as JSON',
  asZip: 'With photos, as ZIP',
  file: 'Book of another cabin (JSON or ZIP)',
  choose: 'Choose a book',
  reading: 'Reading the book…',
  cancel: 'Cancel',
  takingIn: 'Importing…',
  takeIn: 'Import',
  nothingNew: 'The book holds nothing that is not here already.',
  done: (added: number, changed: number) =>
    `Imported: ${added} new, ${changed} changed. All data were copied first.`,
  noAnswer: 'The server did not answer. Choose the book again to see whether it was imported.',
  whatChanges: 'What the book changes here',
  kind: 'Records',
  added: 'New',
  changed: 'Changed there',
  removed: 'Deleted there',
  kept: 'Changed here',
  sameInBoth: (count: number) => `${count} records are the same in both.`,
  conflicts: 'To decide',
  changesTitle: 'Updated from the other cabin',
  conflictsTitle: 'Changed in both. Which do you keep?',
  whichStands: (label: string) => `Which ${label} do you keep?`,
  recordOf: (kind: string, label: string) => `${kind}: ${label}`,
  problem: (field: string, message: string) => `${field}: ${message}`,
  keepMine: 'Keep this cabin’s',
  takeTheirs: 'Use the other cabin’s',
  allTheirs: 'Use the other cabin’s for all',
  fixed: (count: number) =>
    count === 1
      ? 'One record cannot change. Yours is kept.'
      : `${count} records cannot change. Yours are kept.`,
  /** Columns that no field has words for. */
  COLUMN: {
    segments: 'Course',
    source: 'Source',
    created_at: 'Added',
    removed_at: 'Deleted',
    withdrawn: 'Deleted',
    reading_id: 'Reading',
    outing_id: 'Outing',
    product_id: 'Product',
    product_name: 'Product',
    equivalent_temperature_c: 'Wax temperature',
    hardness: 'Hardness',
    inputs: 'What it was chosen from',
    ledger: 'Reasons',
    ranking: 'Ranking',
    details: 'Details',
    note: 'Note',
    corrects_id: 'Corrects',
    ski_id: 'Pair',
    choice_id: 'Choice',
    sheet: 'Sheet',
    started_at: 'Started',
    ended_at: 'Finished',
    dropped_at: 'Cancelled',
    due_at: 'Due',
    least_at: 'Earliest end',
    outcome: 'Result',
    skip_reason: 'Why skipped',
    set_c: 'Iron set to',
    grams: 'Grams',
    kind: 'Kind',
    cleared_at: 'Repaired',
    cleared_by_job: 'Repaired by job',
    content: 'Content',
    at: 'Time',
    made_at: 'Made',
    wish: 'What was planned',
    cabin: 'People and tools',
    time_zone: 'Time zone',
    pairs: 'Pairs',
    tasks: 'Steps',
    left_out: 'Left out',
    lower_bound: 'Bound',
    is_moved: 'Moved by hand',
    value: 'Value',
  } as Readonly<Record<string, string>>,
  empty: 'nothing',
  fromTo: (column: string, mine: string, theirs: string) => `${column}: ${mine} → ${theirs}`,
  withoutPicture: (count: number) =>
    `${count === 1 ? 'One photo is' : `${count} photos are`} left out because this file has no pictures. Export a ZIP to include them.`,
  sameNames: (names: readonly string[]) =>
    `These names will appear twice, because both cabins added them: ${names.join(', ')}.`,
  more: (count: number) => `and ${count} more`,
  KIND: {
    venue: 'Venues',
    course: 'Courses',
    station: 'Weather stations',
    venue_station: 'Venue stations',
    weather: 'Weather hours',
    outing: 'Outings',
    product: 'Products',
    stock_move: 'Stock',
    skier: 'Skiers',
    ski: 'Skis',
    reading: 'Readings',
    photo: 'Snow photos',
    choice: 'Choices',
    outcome: 'Outcomes',
    job: 'Jobs',
    job_step: 'Job steps',
    ski_event: 'Ski history',
    finding: 'Marks on bases',
    ski_photo: 'Ski photos',
    glide_test: 'Tests',
    glide_run: 'Test runs',
    grip_test: 'Grip tests',
    grip_note: 'Grip notes',
    track_event: 'Track work',
    starter: 'Starters',
    bench_plan: 'Plans',
    note: 'Notes',
    learner: 'Learners',
    drill_answer: 'Practice answers',
    dispute: 'Disputed answers',
    team_setting: 'Team settings',
    signature: 'Device names',
  } satisfies Record<BookName, string>,
  formatMustBe: 'Format must be json or zip.',
  doMustBe: 'Say do=preview or do=import.',
  incomplete: 'The book names records that are neither in it nor here. Nothing was changed.',
  namesMissing: 'A record names another one that is missing.',
};
