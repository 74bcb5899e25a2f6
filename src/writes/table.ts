import type { WriteName } from '@/core/model';
import type { FrostDatabase } from '@/data/database';
import { dropDevice, renameDevice } from '@/features/devices/use-cases/change-devices';
import { keepGripTest, markGrip } from '@/features/test/use-cases/keep-grip-test';
import { addRun, beginTest, markRun } from '@/features/test/use-cases/keep-test';
import { keepFit, keepTried, takeNoteBack } from '@/features/grip/use-cases/keep-notes';
import { forgetIron, keepIron } from '@/features/iron/use-cases/own-irons';
import {
  forgetLearning,
  rememberLearning,
  setExcluded,
} from '@/features/learning/use-cases/change-learning';
import { sayOutcome, takeOutcomeBack } from '@/features/log/use-cases/say-outcome';
import { restoreChoice, withdrawChoice } from '@/features/log/use-cases/withdraw-choice';
import { moveNote, writeNote } from '@/features/log/use-cases/write-note';
import { saveNewOuting } from '@/features/outing/use-cases/save-outing';
import {
  addOwners,
  addStarter,
  changeSkier,
  changeStarter,
  putBack,
  takeOff,
} from '@/features/pairs/use-cases/change-starters';
import { saveChoice } from '@/features/pick/use-cases/save-choice';
import { keepPlan, moveStep, takePlanBack } from '@/features/plan/use-cases/keep-plan';
import { answerDrill } from '@/features/practice/use-cases/answer-drill';
import {
  deleteLearner,
  settle,
  writeDispute,
  writeLearner,
} from '@/features/practice/use-cases/people';
import { changeTeam } from '@/features/settings/use-cases/change-team';
import {
  answerRemovals,
  joinHub,
  leaveHub,
  sawDecision,
} from '@/features/settings/use-cases/link-hub';
import { moveStock } from '@/features/shelf/use-cases/move-stock';
import { saveProduct, takeOffShelf } from '@/features/shelf/use-cases/save-product';
import { clearMark, markBase } from '@/features/skis/use-cases/base-marks';
import { putBackOnRack, saveSki, takeOffRack } from '@/features/skis/use-cases/save-ski';
import { takeEventBack, writeEvent } from '@/features/skis/use-cases/ski-life';
import { saveReading } from '@/features/snow/use-cases/save-reading';
import { takeTrackEventBack, writeTrackEvent } from '@/features/snow/use-cases/track-work';
import {
  restoreReading,
  withdrawImport,
  withdrawReading,
} from '@/features/snow/use-cases/withdraw-reading';
import { saveCourse } from '@/features/venue/use-cases/save-course';
import { addStation, forgetWeather, saveVenueFacts } from '@/features/venue/use-cases/save-venue';
import { takeWeather, type WeatherInput } from '@/features/venue/use-cases/take-weather';
import { checkedId } from '@/formats/schemas/ids';
import { answered, type WireResult } from '@/formats/wire';
import { callersDatabase } from '@/server/callers-database';
import { nowIso, nowMs } from '@/server/clock';
import { door } from '@/server/door/door';
import { dropJob, moveJob, startJob } from '@/server/job/run-job';
import { keepBlocks } from '@/server/keep-blocks';
import { tickVisit } from '@/server/plan/tick-visit';
import { readersUnits } from '@/server/readers-units';
import { performWrite, writing, type Write, type WriteStamp } from '@/server/write';
import type { Units } from '@/words/units';

type Done<R> = Promise<WireResult<R>>;
/** What a client sends. Its types are a promise of our own screens: the use-cases check every value. */
type Unchecked = object;

/** Done in one transaction. */
const write =
  <R, I extends Unchecked = Unchecked>(
    work: (db: FrostDatabase, input: I, stamp: WriteStamp) => Done<R>,
  ) =>
  (name: WriteName, key: unknown, input: I): Done<R> =>
    performWrite(key, name, (db, stamp) => work(db, input, stamp));

/** The same for one thing, whose id is checked before. */
const writeOn = <R, I extends { id: string } = { id: string }>(
  work: (db: FrostDatabase, input: I, stamp: WriteStamp) => Done<R>,
) =>
  write<R, I>(async (db, input, stamp) => {
    const id = checkedId(input.id);
    return id.ok ? work(db, { ...input, id: id.value }, stamp) : id;
  });

interface Ahead {
  write: Write;
  nowMs: number;
  at: string;
  units: Units;
}

/** What is read, parsed or computed before its transaction begins. */
const writeAfter =
  <R, I extends Unchecked = Unchecked>(
    work: (db: FrostDatabase, input: I, ahead: Ahead) => Done<R>,
  ) =>
  (name: WriteName, key: unknown, input: I): Done<R> =>
    answered(async () => {
      const ahead = { write: writing(key, name), nowMs: nowMs(), at: nowIso() };
      return work(callersDatabase(), input, { ...ahead, units: await readersUnits() });
    });

/** Ended at an instant, or open again. */
type Marked = { id: string; isBack: boolean };
const endOf = ({ isBack }: Marked, { at }: WriteStamp) => (isBack === true ? null : at);

/** How each write of a screen is done; {@link WRITES} says what is known of it before. */
export const DO = {
  'choice.save': writeAfter(async (db, input, ahead) => {
    const saved = await saveChoice(db, input, ahead);
    return saved.ok ? { ok: true, value: { id: saved.value.id } } : saved;
  }),
  'choice.withdraw': writeOn((db, { id }, stamp) => withdrawChoice(db, id, stamp)),
  'choice.restore': writeOn((db, { id }, stamp) => restoreChoice(db, id, stamp)),
  'course.save': writeOn(
    (db, { id, segments, base }: { id: string; segments: unknown; base: unknown }) =>
      saveCourse(db, { venueId: id, segments, base }),
  ),
  'device.change': writeOn((db, { id, ...input }: { id: string; name: string; role: string }) =>
    renameDevice(db, id, input),
  ),
  'device.revoke': async (name: WriteName, key: unknown, input: { id: string }) => {
    const done = await writeOn((db, { id }, { at }) => dropDevice(db, id, at))(name, key, input);
    if (done.ok) await door().afterRevoking(input.id);
    return done;
  },
  'glide.begin': write(beginTest),
  'glide.run': write(addRun),
  'glide.mark': writeOn((db, input: Marked, stamp) => markRun(db, input.id, endOf(input, stamp))),
  'grip.test': write(keepGripTest),
  'grip.mark': writeOn((db, input: Marked, stamp) => markGrip(db, input.id, endOf(input, stamp))),
  'grip.fit': writeOn(
    (db, { id, skiId, fit }: { id: string; skiId?: string; fit: unknown }, stamp) =>
      keepFit(db, { outingId: id, skiId, input: fit, stamp }),
  ),
  'grip.tried': writeOn((db, { id, step }: { id: string; step: unknown }, stamp) =>
    keepTried(db, { outingId: id, input: step, stamp }),
  ),
  'grip.untry': writeOn((db, { id }) => takeNoteBack(db, id)),
  'hub.join': write(joinHub),
  'hub.leave': write(leaveHub),
  // Its id names a record and a field: longer than other ids.
  'hub.seen': write((db, { id }: { id: string }) => sawDecision(db, id)),
  'hub.removals': write(answerRemovals),
  'iron.keep': write(keepIron),
  'iron.forget': writeOn((db, { id }) => forgetIron(db, id)),
  'job.start': writeAfter(startJob),
  'job.move': write(moveJob),
  'job.drop': writeOn((db, { id, isDropped }: { id: string; isDropped: boolean }, stamp) =>
    dropJob(db, { jobId: id, isDropped: isDropped === true, nowMs: stamp.nowMs }),
  ),
  'job.tick': writeAfter(tickVisit),
  'learning.exclude': writeOn((db, { id, isExcluded }: { id: string; isExcluded: boolean }) =>
    setExcluded(db, id, isExcluded === true),
  ),
  'learning.forget': write((db, _, stamp) => forgetLearning(db, stamp)),
  'learning.remember': write((db, { sinceAt }: { sinceAt: string | null }) =>
    rememberLearning(db, sinceAt),
  ),
  'note.write': write(writeNote),
  'note.remove': writeOn((db, { id }, { at }) => moveNote(db, id, at)),
  'note.restore': writeOn((db, { id }) => moveNote(db, id, null)),
  'outcome.say': write(sayOutcome),
  'outcome.back': writeOn((db, { id }, stamp) => takeOutcomeBack(db, id, stamp)),
  'outing.save': write((db, input, stamp) => saveNewOuting(db, { input, stamp })),
  'venue.save': writeOn((db, input: { id: string; input: unknown; base: unknown }) =>
    saveVenueFacts(db, input),
  ),
  'plan.keep': writeAfter(keepPlan),
  'plan.move': write(moveStep),
  'plan.back': writeOn((db, { id }) => takePlanBack(db, id)),
  'practice.person': write(writeLearner),
  'practice.forget': writeOn((db, { id }) => deleteLearner(db, id)),
  'practice.answer': writeAfter(answerDrill),
  'practice.dispute': write(writeDispute),
  'practice.settle': writeOn((db, { id }, { at }) => settle(db, id, at)),
  'product.save': write((db, { input, base }: { input: unknown; base?: unknown }, { id }) =>
    saveProduct(db, { input, base, newId: id }),
  ),
  'product.remove': writeOn((db, { id }) => takeOffShelf(db, id)),
  'reading.save': write(
    (
      db,
      { ids, values }: { ids: { outingId: string; correctsId?: string }; values: unknown },
      stamp,
    ) => saveReading(db, { target: ids, input: values, stamp }),
  ),
  'reading.withdraw': writeOn((db, { id }, stamp) => withdrawReading(db, id, stamp)),
  'reading.restore': writeOn((db, { id }, stamp) => restoreReading(db, id, stamp)),
  'reading.import.undo': writeOn((db, { id }, stamp) => withdrawImport(db, id, stamp)),
  'shelf.start': write((db, { blocks }: { blocks: unknown }, { newId }) =>
    keepBlocks(db, blocks, newId),
  ),
  'ski.save': write((db, { input, base }: { input: unknown; base?: unknown }, { id }) =>
    saveSki(db, { input, base, newId: id }),
  ),
  'ski.remove': writeOn((db, { id }, { at }) => takeOffRack(db, id, at)),
  'ski.restore': writeOn((db, { id }) => putBackOnRack(db, id)),
  'ski.mark': write(markBase),
  'ski.clear': writeOn((db, { id, isBack }: Marked, { at }) =>
    clearMark(db, { id, isBack: isBack === true, at }),
  ),
  'ski.event': write(writeEvent),
  'ski.event.remove': writeOn((db, { id }) => takeEventBack(db, id)),
  'skier.change': writeOn((db, { id, ...change }: { id: string; weightKg: number | null }) =>
    changeSkier(db, id, change),
  ),
  'starter.add': write(addStarter),
  'starter.owners': writeOn((db, { id }, stamp) => addOwners(db, id, stamp)),
  'starter.change': writeOn((db, { id, change }: { id: string; change: unknown }) =>
    changeStarter(db, id, change),
  ),
  'starter.off': write((db, { ids }: { ids: readonly string[] }) => takeOff(db, ids)),
  'starter.back': write((db, { starters }: { starters: readonly unknown[] }) =>
    putBack(db, starters),
  ),
  'station.add': writeOn((db, { id, station }: { id: string; station: unknown }, stamp) =>
    addStation(db, { venueId: id, input: station, id: stamp.id }),
  ),
  'stock.move': write(moveStock),
  'team.change': write(changeTeam),
  'track.add': write((db, input, stamp) => writeTrackEvent(db, input, stamp.id)),
  'track.remove': writeOn((db, { id }) => takeTrackEventBack(db, id)),
  'weather.take': writeAfter(
    (db, { target, input }: { target: unknown; input: WeatherInput }, ahead) =>
      takeWeather(db, { target, input }, ahead),
  ),
  'weather.forget': writeOn((db, { id, takenInAt }: { id: string; takenInAt: string }) =>
    forgetWeather(db, id, takenInAt),
  ),
} satisfies Partial<Record<WriteName, unknown>>;

/** A write that a screen can ask for. */
export type Act = keyof typeof DO;
export type WriteInput<N extends Act> = Parameters<(typeof DO)[N]>[2];
export type WriteValue<N extends Act> =
  Awaited<ReturnType<(typeof DO)[N]>> extends WireResult<infer R> ? R : never;
