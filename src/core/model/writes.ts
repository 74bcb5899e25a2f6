/** What is known of a write before it is done. */
export interface WriteFacts {
  /** What it changes: pages that show it are told. */
  kind: string;
  /** The snow of an outing depends on it: it is computed anew. */
  movesSnow?: true;
  /** A device out of reach keeps it and sends it later. */
  isOffline?: true;
  /** Only the host computer may. */
  isForHost?: true;
  /** Who only looks may ask too: it is answered, and nothing is kept. */
  isForLookers?: true;
}

/** Every write there is, by what is done: its name stands with its key in the book. */
export const WRITES = {
  'book.import': { kind: 'book', movesSnow: true },
  'choice.save': { kind: 'choice' },
  'choice.withdraw': { kind: 'choice' },
  'choice.restore': { kind: 'choice' },
  'course.save': { kind: 'course', movesSnow: true },
  'device.change': { kind: 'device', isForHost: true },
  'device.revoke': { kind: 'device', isForHost: true },
  'glide.begin': { kind: 'glide' },
  'glide.run': { kind: 'glide', isOffline: true },
  'glide.mark': { kind: 'glide' },
  'grip.test': { kind: 'grip' },
  'grip.mark': { kind: 'grip' },
  'grip.fit': { kind: 'grip' },
  'grip.tried': { kind: 'grip' },
  'grip.untry': { kind: 'grip' },
  'hub.join': { kind: 'hub', isForHost: true },
  'hub.leave': { kind: 'hub', isForHost: true },
  'hub.seen': { kind: 'hub' },
  'hub.removals': { kind: 'hub' },
  'iron.keep': { kind: 'iron' },
  'iron.forget': { kind: 'iron' },
  'job.start': { kind: 'job' },
  'job.move': { kind: 'job', isOffline: true },
  'job.drop': { kind: 'job' },
  'job.tick': { kind: 'job', isOffline: true },
  'learning.exclude': { kind: 'learning' },
  'learning.forget': { kind: 'learning' },
  'learning.remember': { kind: 'learning' },
  'note.write': { kind: 'note' },
  'note.remove': { kind: 'note' },
  'note.restore': { kind: 'note' },
  'outcome.say': { kind: 'outcome' },
  'outcome.back': { kind: 'outcome' },
  'outing.save': { kind: 'outing', movesSnow: true },
  'photo.keep': { kind: 'photo' },
  'photo.drop': { kind: 'photo' },
  'venue.save': { kind: 'venue', movesSnow: true },
  'plan.keep': { kind: 'plan' },
  'plan.move': { kind: 'plan' },
  'plan.back': { kind: 'plan' },
  'practice.person': { kind: 'practice' },
  'practice.forget': { kind: 'practice' },
  'practice.answer': { kind: 'practice', isForLookers: true },
  'practice.dispute': { kind: 'practice' },
  'practice.settle': { kind: 'practice' },
  'product.save': { kind: 'product' },
  'product.remove': { kind: 'product' },
  'products.import': { kind: 'product' },
  'reading.save': { kind: 'reading', movesSnow: true, isOffline: true },
  'reading.withdraw': { kind: 'reading', movesSnow: true },
  'reading.restore': { kind: 'reading', movesSnow: true },
  'reading.import.undo': { kind: 'reading', movesSnow: true },
  'readings.import': { kind: 'reading', movesSnow: true },
  'shelf.start': { kind: 'product' },
  'ski.save': { kind: 'ski' },
  'ski.remove': { kind: 'ski' },
  'ski.restore': { kind: 'ski' },
  'ski.mark': { kind: 'ski', isOffline: true },
  'ski.clear': { kind: 'ski' },
  'ski.event': { kind: 'ski', isOffline: true },
  'ski.event.remove': { kind: 'ski' },
  'ski.photo': { kind: 'ski' },
  'skis.import': { kind: 'ski' },
  'skier.change': { kind: 'starter' },
  'starter.add': { kind: 'starter' },
  'starter.owners': { kind: 'starter' },
  'starter.change': { kind: 'starter' },
  'starter.off': { kind: 'starter' },
  'starter.back': { kind: 'starter' },
  'station.add': { kind: 'station', movesSnow: true },
  'stock.move': { kind: 'product' },
  'team.change': { kind: 'team' },
  'track.add': { kind: 'track', movesSnow: true },
  'track.remove': { kind: 'track', movesSnow: true },
  'weather.take': { kind: 'weather', movesSnow: true },
  'weather.forget': { kind: 'weather', movesSnow: true },
} as const satisfies Record<string, WriteFacts>;

export type WriteName = keyof typeof WRITES;

/** Writes that a device out of reach keeps and sends later. */
export type OfflineWrite = {
  [N in WriteName]: (typeof WRITES)[N] extends { isOffline: true } ? N : never;
}[WriteName];

export const writeFacts = (name: WriteName): WriteFacts => WRITES[name];

export const OFFLINE_WRITES = (Object.keys(WRITES) as WriteName[]).filter(
  (name): name is OfflineWrite => writeFacts(name).isOffline === true,
);

/** What versions before called the writes that a device kept: some may still wait on one. */
export const ONCE_CALLED: Readonly<Record<string, OfflineWrite>> = {
  reading: 'reading.save',
  run: 'glide.run',
  mark: 'ski.mark',
  kilometres: 'ski.event',
  step: 'job.move',
  tick: 'job.tick',
};

export const nowCalled = (kind: string): OfflineWrite =>
  ONCE_CALLED[kind] ?? (kind as OfflineWrite);
