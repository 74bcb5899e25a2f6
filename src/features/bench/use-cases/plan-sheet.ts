import {
  buildSheet,
  learnedMinutes,
  suggestProgrammes,
  type BenchProduct,
  type GripPlan,
  type JobSheet,
  type PlannedLayer,
  type SuggestedProgramme,
} from '@/core/bench';
import { structureWork } from '@/core/choice';
import { DomainError } from '@/core/errors';
import { chooseGrip, findFit, gripGround, type FitInput } from '@/core/grip';
import { ironTemperature } from '@/core/shelf';
import { careOf, GRIP_KIND, readLookOver, type LookOver, type Ski } from '@/core/ski';
import type { Choice } from '@/data/choices';
import { listChoices } from '@/data/choices';
import { loadCourse } from '@/data/course';
import type { FrostDatabase } from '@/data/database';
import { listGripNotes } from '@/data/grip-notes';
import { workedSteps } from '@/data/jobs';
import { findOuting, type Outing } from '@/data/outings';
import { listProducts, type ShelfProduct } from '@/data/products';
import { listReadings } from '@/data/readings';
import { listFindings, listSkiEvents } from '@/data/ski-events';
import { findSki } from '@/data/skis';
import { loadTeamSettings } from '@/data/team-settings';
import { sheetRequestSchema } from '@/formats/schemas/bench';
import { validate } from '@/formats/schemas/validation';
import { failed, invalidInput, type WireResult } from '@/formats/wire';
import { modelledCases } from '@/workers/server-cases';
import { ironSettings } from './iron-settings';

/** A sheet before it is started, with what was suggested and what it stands on. */
export interface PlannedSheet {
  sheet: JobSheet;
  suggested: SuggestedProgramme[];
  choiceId: string | undefined;
  choiceName: string | undefined;
  skiId: string;
  roomC: number;
}

const USUAL_ROOM_C = 15;

const asBench = (product: ShelfProduct): BenchProduct => ({
  id: product.id,
  name: product.name,
  role: product.role,
  form: product.form,
  additives: product.additives,
  applications: product.applications,
  ironC: product.applications.includes('iron') ? ironTemperature(product).value : undefined,
  ironLimitC: product.ironLimitC,
});

const withRole = (shelf: readonly ShelfProduct[], role: ShelfProduct['role']) => {
  const found = shelf.find((one) => one.role === role);
  return found && asBench(found);
};

/** Layers of the saved choice with their products as they stand on the shelf now. */
function layersOf(choice: Choice | undefined, shelf: readonly ShelfProduct[]): PlannedLayer[] {
  if (!choice) return [];
  const layers = choice.details?.layerPlan.layers ?? [
    { place: 'glide' as const, id: choice.productId, coats: 1 },
  ];
  return layers.flatMap(({ place, id, coats }) => {
    const product = shelf.find((one) => one.id === id);
    return product ? [{ place, product: asBench(product), coats }] : [];
  });
}

/** A grind is as asked within this, mm (house); coarser it cannot be made finer on the bench. */
const CLOSE_MM = 0.2;

const grindNote = ({ grindMm }: Ski, widthMm: number): string | undefined =>
  grindMm !== undefined && grindMm > widthMm + CLOSE_MM
    ? `The grind of ${grindMm} mm is coarser than the ${widthMm} mm the snow asks for: another ski would be quicker.`
    : undefined;

/** What this ski's own base asks for besides the choice: a soft wax where it is dry or burnt, hardener where burnt. */
function forThisBase(
  layers: PlannedLayer[],
  { baseState }: LookOver,
  shelf: readonly ShelfProduct[],
): PlannedLayer[] {
  const has = (place: PlannedLayer['place']) => layers.some((one) => one.place === place);
  const add = (place: PlannedLayer['place'], role: ShelfProduct['role']): PlannedLayer[] => {
    const product = withRole(shelf, role);
    return product && !has(place) ? [{ place, product, coats: 1 }] : [];
  };
  return [
    ...(baseState === 'burnt' || baseState === 'dry' ? add('conditioning', 'base') : []),
    ...(baseState === 'burnt' ? add('edges', 'hardener') : []),
    ...layers,
  ];
}

/** Grip for a ski that is waxed for it: zone from what was measured, wax from the snow there is. */
async function gripFor(
  db: FrostDatabase,
  ski: Ski,
  outing: Outing,
  shelf: readonly ShelfProduct[],
): Promise<GripPlan | undefined> {
  if (GRIP_KIND[ski.type] !== 'wax') return undefined;
  const [[reading], course, fits] = await Promise.all([
    listReadings(db, outing.id, 1),
    loadCourse(db, outing),
    listGripNotes<FitInput>(db, outing.id, 'fit'),
  ]);
  const ground = await modelledCases(course, outing, reading);
  const { snow, laterC } = gripGround(ground?.cases, reading);
  if (!snow) return undefined;
  try {
    const { zone } = findFit(fits.at(-1)?.content ?? { skiLengthCm: ski.lengthCm });
    const choice = chooseGrip(snow, outing, shelf, laterC);
    const byId = (id: string | undefined) => {
      const found = shelf.find((one) => one.id === id);
      return found && asBench(found);
    };
    const product = byId(choice.ranking[0]?.id);
    if (!product) return undefined;
    const stick = shelf.find((one) => one.role === 'grip_stick');
    return {
      kind: choice.kind,
      product,
      binder: choice.needsBinder ? byId(choice.binder?.id) : undefined,
      cover: choice.kind === 'klister_with_cover' && stick ? asBench(stick) : undefined,
      layers: choice.layers,
      startCm: zone.startCm,
      endCm: zone.endCm,
    };
  } catch (error) {
    if (error instanceof DomainError) return undefined;
    throw error;
  }
}

/** The job sheet for a ski on an outing: suggested programmes, or those a person asked for. */
export async function planSheet(
  db: FrostDatabase,
  input: unknown,
  nowMs: number,
): Promise<WireResult<PlannedSheet>> {
  const checked = validate(sheetRequestSchema, input);
  if (!checked.ok) return invalidInput(checked.problems);
  const { outingId, skiId, roomC = USUAL_ROOM_C } = checked.value;
  const [outing, ski] = await Promise.all([findOuting(db, outingId), findSki(db, skiId)]);
  if (!outing) return failed('not_found', 'This outing is gone: choose another.');
  if (!ski) return failed('not_found', 'This ski is gone: choose another.');
  const [[choice], shelf, findings, events, team, worked] = await Promise.all([
    listChoices(db, outingId, 1),
    listProducts(db),
    listFindings(db, skiId),
    listSkiEvents(db, skiId),
    loadTeamSettings(db),
    workedSteps(db),
  ]);
  const layers = forThisBase(layersOf(choice, shelf), readLookOver(findings, ski), shelf);
  const grip = await gripFor(db, ski, outing, shelf);
  const care = careOf(ski.type, events, findings, nowMs, outing.venue.latitude < 0);
  const { structure, structureWork: saved } = choice?.details ?? {};
  const work = structure && choice && structureWork(structure, choice.inputs.snow, ski.grindMm);
  const structureOfDay = work &&
    saved && {
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
    isSeasonOver: care.due.some((one) => one.startsWith('The season is over')),
    distanceKm: outing.distanceKm,
  });
  const sheet = buildSheet({
    ski,
    findings,
    programmes: checked.value.programmes ?? suggested.map((one) => one.key),
    layers,
    structure: structureOfDay,
    grip,
    softWax: withRole(shelf, 'base'),
    cleaner: withRole(shelf, 'cleaner'),
    skinCare: withRole(shelf, 'skin_care'),
    methods: team.methods,
    room: { roomC, isVentilated: team.ventilated },
    ironing: ironSettings(
      shelf.filter(
        (one) => one.role === 'base' || layers.some((layer) => layer.product.id === one.id),
      ),
      ski,
      team,
      roomC,
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
      skiId,
      roomC,
    },
  };
}
