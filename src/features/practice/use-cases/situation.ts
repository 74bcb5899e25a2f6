import {
  ironItem,
  lensView,
  orderItem,
  pickItem,
  seeItem,
  snowItem,
  testItem,
  type Drill,
  type DrillItem,
  type IronItem,
  type IronTopic,
  type LensView,
  type OrderTopic,
  type PickItem,
  type SeenMorning,
  type SnowTopic,
  type TestItem,
  type TestTopic,
} from '@/core/practice';
import type { Finding, Ski } from '@/core/ski';
import type { FindingKind } from '@/core/terms';
import type { FrostDatabase } from '@/data/database';
import { findReading } from '@/data/readings';
import { drillsScreenWords } from '@/words/screens/drills';
import { renderedSteps } from '@/words/rendered/sheet';
import { writerFor } from '@/words/write';
import type { Units } from '@/words/units';
import { snowOf } from './answer-drill';

/** A step of a sheet as it is put in order. */
export interface ShownStep {
  key: string;
  title: string;
}

/** What a person sees of a situation, not its truth; but marks are drawn in the page, so their kind goes along. */
export interface Situations {
  iron: IronItem;
  snow: { seen: Omit<SeenMorning, 'grains'>; lens: LensView };
  pick: PickItem & { isPast: boolean };
  order: { steps: ShownStep[] };
  see: { ski: Ski; findings: Finding[] };
  test: Pick<TestItem, 'runs'>;
}

export type Situation = { [D in Drill]: { drill: D; shown: Situations[D] } }[Drill];

/** Which item, and the reading of the past that stands for its snow. */
export type ItemRef = DrillItem & { pastId?: string };

/** The situation of an item that there is; undefined: its reading is gone. */
export async function situationOf(
  db: FrostDatabase,
  { drill, topic, seed, pastId }: ItemRef,
  units: Units,
): Promise<Situation | undefined> {
  switch (drill) {
    case 'iron':
      return { drill, shown: ironItem(topic as IronTopic, seed) };
    case 'snow': {
      const { grains, ...seen } = snowItem(topic as SnowTopic, seed).seen;
      return { drill, shown: { seen, lens: lensView(grains, seed) } };
    }
    case 'pick': {
      const reading = pastId === undefined ? undefined : await findReading(db, pastId);
      if (pastId !== undefined && !reading) return undefined;
      const item = pickItem(topic as SnowTopic, seed, reading && snowOf(reading));
      return { drill, shown: { ...item, isPast: reading !== undefined } };
    }
    case 'order': {
      const { names } = drillsScreenWords.order;
      const { steps } = orderItem(topic as OrderTopic, seed, names);
      const rendered = renderedSteps(steps, writerFor(units));
      return { drill, shown: { steps: rendered.map(({ key, title }) => ({ key, title })) } };
    }
    case 'see': {
      const { ski, findings } = seeItem(topic as FindingKind, seed);
      return { drill, shown: { ski, findings } };
    }
    case 'test':
      return { drill, shown: { runs: testItem(topic as TestTopic, seed).runs } };
  }
}
