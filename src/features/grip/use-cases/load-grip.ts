import type { GripNote, Outing } from '@/core/model';
import {
  gripGround,
  type FitInput,
  type GripGround,
  type GripProduct,
  type Tried,
} from '@/core/grip';
import { loadCourse } from '@/data/course';
import type { FrostDatabase } from '@/data/database';
import { listGripNotes } from '@/data/grip-notes';
import { listProducts } from '@/data/products';
import { listReadings } from '@/data/readings';
import { modelledCases } from '@/server/cases';

/** All that the Grip screen shows. */
export interface GripView extends GripGround {
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
  return {
    ...gripGround(ground?.cases, reading),
    products: products.filter((one) => ['grip_stick', 'klister', 'binder'].includes(one.role)),
    fit: fits.at(-1)?.content,
    tried,
  };
}
