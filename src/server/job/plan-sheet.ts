import {
  isSouthern,
  type Choice,
  type Outing,
  type PlannedSheet,
  type ShelfProduct,
  type TeamSettings,
} from '@/core/model';
import { buildSheet, learnedMinutes, suggestProgrammes } from '@/core/bench';
import { structureWork } from '@/core/choice';
import { careOf, readLookOver } from '@/core/ski';
import { listChoices } from '@/data/choices';
import type { FrostDatabase } from '@/data/database';
import { workedSteps } from '@/data/jobs';
import { findOuting } from '@/data/outings';
import { listProducts } from '@/data/products';
import { listFindings, listSkiEvents } from '@/data/ski-events';
import { findSki } from '@/data/skis';
import { loadTeamSettings } from '@/data/team-settings';
import { sheetRequestSchema } from '@/formats/schemas/bench';
import { validate } from '@/formats/schemas/validation';
import { failed, invalidInput, type WireResult } from '@/formats/wire';
import { ironSettings } from './iron-settings';
import {
  baseLiquidOf,
  forThisBase,
  grindNote,
  gripFor,
  gripSnow,
  layersOf,
  softWaxOf,
  withRole,
} from './sheet-parts';
import { lessByPlan, type SheetAsked } from './asked';
import { liquidInstead } from './without-iron';
import { benchScreenWords } from '@/words/screens/bench';

const WORDS = benchScreenWords.planSheet;

const USUAL_ROOM_C = 15;

/** What all sheets of an outing stand on: loaded once for however many skis. */
export interface SheetGround {
  outing: Outing;
  choice: Choice | undefined;
  shelf: ShelfProduct[];
  team: TeamSettings;
  minutes: ReturnType<typeof learnedMinutes>;
  snowOfOuting: () => ReturnType<typeof gripSnow>;
}

/** Loads what the sheets of an outing stand on. */
export async function sheetGround(db: FrostDatabase, outing: Outing): Promise<SheetGround> {
  const [[choice], shelf, team, worked] = await Promise.all([
    listChoices(db, outing.id, 1),
    listProducts(db),
    loadTeamSettings(db),
    workedSteps(db),
  ]);
  let snow: ReturnType<typeof gripSnow> | undefined;
  const snowOfOuting = () => (snow ??= gripSnow(db, outing));
  return { outing, choice, shelf, team, minutes: learnedMinutes(worked), snowOfOuting };
}

/**
 * The job sheet for a ski on an outing: suggested programmes, or those a person asked for; with less on it where the
 * plan in force saves time so.
 */
export async function planSheet(
  db: FrostDatabase,
  input: unknown,
  nowMs: number,
): Promise<WireResult<PlannedSheet>> {
  const checked = validate(sheetRequestSchema, input);
  if (!checked.ok) return invalidInput(checked.problems);
  const { outingId, ...asked } = checked.value;
  const outing = await findOuting(db, outingId);
  if (!outing) return failed('not_found', WORDS.thisOutingIsGoneChoose);
  const [ground, less] = await Promise.all([
    sheetGround(db, outing),
    lessByPlan(db, { outingId, skiId: asked.skiId }),
  ]);
  const leaveOut = asked.programmes ? undefined : less?.leaveOut;
  const made = await sheetOn(db, { ground, asked: { ...less, leaveOut, ...asked } }, nowMs);
  return made.ok && less ? { ...made, value: { ...made.value, isShortened: true } } : made;
}

/** One sheet on what all sheets of its outing stand on. */
export async function sheetOn(
  db: FrostDatabase,
  { ground, asked }: { ground: SheetGround; asked: SheetAsked },
  nowMs: number,
): Promise<WireResult<PlannedSheet>> {
  const { skiId, leaveOut = [], mostCoats, isLiquid, roomC = USUAL_ROOM_C } = asked;
  const [ski, findings, events] = await Promise.all([
    findSki(db, skiId),
    listFindings(db, skiId),
    listSkiEvents(db, skiId),
  ]);
  if (!ski) return failed('not_found', WORDS.thisSkiIsGoneChoose);
  const { outing, choice, shelf, team, minutes, snowOfOuting } = ground;
  const chosen = layersOf(choice, shelf);
  const liquid = liquidInstead(chosen, { choice, shelf });
  const wished = isLiquid && liquid ? liquid.layers : chosen;
  const layers = forThisBase(wished, readLookOver(findings, ski), shelf).map((layer) => ({
    ...layer,
    coats: Math.min(layer.coats, mostCoats ?? Infinity),
  }));
  const grip = await gripFor(db, { ski, outing, shelf, snowOfOuting });
  const care = careOf(ski.type, { events, findings, nowMs, isSouthern: isSouthern(outing.venue) });
  const structure = choice?.details?.structure;
  const work = structure && structureWork(structure, choice.inputs.snow, ski.grindMm);
  const structureOfDay = work && {
    brush: work.brush,
    rillPasses: work.rillPasses,
    widthMm: structure.widthMm,
    note: grindNote(ski, structure.widthMm),
  };
  const suggested = suggestProgrammes({
    ski,
    findings,
    layers,
    structure: structureOfDay,
    grip,
    isVentilated: team.ventilated,
    hasIron: team.tools.includes('ski_iron') || team.tools.includes('household_iron'),
    isFreshGrind: (care.lastGroundMs ?? -1) > (care.lastWaxedMs ?? 0),
    isSeasonOver: care.isSeasonOver,
    distanceKm: outing.distanceKm,
  });
  const sheet = buildSheet({
    ski,
    findings,
    programmes: (asked.programmes ?? suggested.map((one) => one.key)).filter(
      (programme) => !leaveOut.includes(programme),
    ),
    layers,
    structure: structureOfDay,
    grip,
    softWax: softWaxOf(shelf),
    baseLiquid: baseLiquidOf(shelf),
    cleaner: withRole(shelf, 'cleaner'),
    skinCare: withRole(shelf, 'skin_care'),
    methods: team.methods,
    room: { roomC, isVentilated: team.ventilated },
    ironing: await ironSettings(
      shelf.filter(
        (one) => one.role === 'base' || layers.some((layer) => layer.product.id === one.id),
      ),
      { ski, team, roomC },
    ),
    minutes,
  });
  return {
    ok: true,
    value: {
      sheet,
      suggested,
      choiceId: choice?.id,
      choiceName: choice?.productName,
      outingId: outing.id,
      skiId,
      roomC,
      coats: Math.max(0, ...layers.map(({ coats }) => coats)),
      ...(liquid && !isLiquid
        ? { liquid: { product: liquid.product, lossPercent: liquid.lossPercent } }
        : {}),
    },
  };
}
