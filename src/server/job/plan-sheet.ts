import { isSouthern, type PlannedSheet } from '@/core/model';
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
  layersOf,
  softWaxOf,
  withRole,
} from './sheet-parts';
import { words } from '@/words';

const WORDS = words.screens.bench.planSheet;

const USUAL_ROOM_C = 15;

/** The job sheet for a ski on an outing: suggested programmes, or those a person asked for. */
export async function planSheet(
  db: FrostDatabase,
  input: unknown,
  nowMs: number,
): Promise<WireResult<PlannedSheet>> {
  const checked = validate(sheetRequestSchema, input);
  if (!checked.ok) return invalidInput(checked.problems);
  const { outingId, skiId, leaveOut = [], mostCoats, roomC = USUAL_ROOM_C } = checked.value;
  const [outing, ski] = await Promise.all([findOuting(db, outingId), findSki(db, skiId)]);
  if (!outing) return failed('not_found', WORDS.thisOutingIsGoneChoose);
  if (!ski) return failed('not_found', WORDS.thisSkiIsGoneChoose);
  const [[choice], shelf, findings, events, team, worked] = await Promise.all([
    listChoices(db, outingId, 1),
    listProducts(db),
    listFindings(db, skiId),
    listSkiEvents(db, skiId),
    loadTeamSettings(db),
    workedSteps(db),
  ]);
  const chosen = layersOf(choice, shelf);
  const layers = forThisBase(chosen, readLookOver(findings, ski), shelf).map((layer) => ({
    ...layer,
    coats: Math.min(layer.coats, mostCoats ?? Infinity),
  }));
  const grip = await gripFor(db, { ski, outing, shelf });
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
    programmes: (checked.value.programmes ?? suggested.map((one) => one.key)).filter(
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
    minutes: learnedMinutes(worked),
  });
  return {
    ok: true,
    value: {
      sheet,
      suggested,
      choiceId: choice?.id,
      choiceName: choice?.productName,
      outingId,
      skiId,
      roomC,
      coats: Math.max(0, ...layers.map(({ coats }) => coats)),
    },
  };
}
