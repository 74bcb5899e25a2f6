import { typicalSnow } from '@/core/choice';
import type { GripProduct, Tried } from '@/core/grip';
import type { SnowConditions } from '@/core/wax';
import { loadCourse } from '@/data/course';
import type { FrostDatabase } from '@/data/database';
import { listGripNotes, type GripNote } from '@/data/grip-notes';
import type { Outing } from '@/data/outings';
import { listProducts } from '@/data/products';
import { listReadings } from '@/data/readings';
import { modelledCases } from '@/workers/server-cases';
import type { FitInput } from './find-fit';

/** All that the Grip screen shows. */
export interface GripView {
  /** The snow at the start; undefined with neither reading nor outlook. */
  snow: SnowConditions | undefined;
  /** Snow temperature at the end of the time on snow, °C; undefined without an outlook. */
  laterC: number | undefined;
  products: GripProduct[];
  fit: FitInput | undefined;
  tried: GripNote<Tried>[];
}

/** Grip for an outing: snow from the outlook where there is one, else from the last reading. */
export async function loadGrip(db: FrostDatabase, outing: Outing): Promise<GripView> {
  const [[reading], course, products, fits, tried] = await Promise.all([
    listReadings(db, outing.id, 1),
    loadCourse(db, outing),
    listProducts(db),
    listGripNotes<FitInput>(db, outing.id, 'fit'),
    listGripNotes<Tried>(db, outing.id, 'trouble'),
  ]);
  const ground = await modelledCases(course, outing, reading);
  const atStart = ground && { ...ground.cases, timesMs: ground.cases.timesMs.slice(0, 1) };
  const blockSize = ground ? ground.cases.segments.length * ground.cases.members : 0;
  const last = ground && ground.cases.timesMs.length > 1 ? ground.cases : undefined;
  const tail = last && {
    ...last,
    timesMs: last.timesMs.slice(-1),
    temperatureC: last.temperatureC.slice(-blockSize),
    humidity: last.humidity.slice(-blockSize),
    sharpness: last.sharpness.slice(-blockSize),
    wetness: last.wetness.slice(-blockSize),
  };
  const typical = atStart && typicalSnow(atStart);
  return {
    // What was seen of the grain says refrozen or not; the outlook knows sharpness alone.
    snow: typical ? { ...typical, grain: reading?.grain } : reading,
    laterC: tail && typicalSnow(tail).temperatureC,
    products: products.filter((one) => ['grip_stick', 'klister', 'binder'].includes(one.role)),
    fit: fits.at(-1)?.content,
    tried,
  };
}
