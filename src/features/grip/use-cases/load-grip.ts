import type { GripNote, Outing } from '@/core/model';
import {
  gripGround,
  type FitInput,
  type GripGround,
  type GripProduct,
  type Tried,
} from '@/core/grip';
import { GRIP_KIND, type Ski } from '@/core/ski';
import { loadCourse } from '@/data/course';
import type { FrostDatabase } from '@/data/database';
import { lastFitOf, listGripNotes } from '@/data/grip-notes';
import { listProducts } from '@/data/products';
import { listReadings } from '@/data/readings';
import { listSkis } from '@/data/skis';
import { modelledCases } from '@/server/cases';

/** A pair with a pocket. */
export type GripPair = Pick<Ski, 'id' | 'name' | 'owner' | 'lengthCm'>;

/** All that the Grip screen shows. */
export interface GripView extends GripGround {
  products: GripProduct[];
  fit: FitInput | undefined;
  /** Pairs that are waxed for grip, and which of them is looked at. */
  pairs: GripPair[];
  pair: GripPair | undefined;
  tried: GripNote<Tried>[];
}

/** Grip for an outing and a pair: snow from the outlook where there is one, else from the last reading. */
export async function loadGrip(
  db: FrostDatabase,
  outing: Outing,
  skiId?: string,
): Promise<GripView> {
  const skis = (await listSkis(db)).filter((one) => GRIP_KIND[one.type] === 'wax');
  const pair = skis.find((one) => one.id === skiId) ?? skis[0];
  const [[reading], course, products, fit, tried] = await Promise.all([
    listReadings(db, outing.id, 1),
    loadCourse(db, outing),
    listProducts(db),
    pair
      ? lastFitOf<FitInput>(db, pair.id)
      : listGripNotes<FitInput>(db, outing.id, 'fit').then((notes) => notes.at(-1)),
    listGripNotes<Tried>(db, outing.id, 'trouble'),
  ]);
  const ground = await modelledCases(db, { course, outing, reading });
  return {
    ...gripGround(ground?.cases, reading),
    products: products.filter((one) => ['grip_stick', 'klister', 'binder'].includes(one.role)),
    fit: fit?.content ?? (pair && { skiLengthCm: pair.lengthCm }),
    pairs: skis.map(({ id, name, owner, lengthCm }) => ({ id, name, owner, lengthCm })),
    pair,
    tried,
  };
}
