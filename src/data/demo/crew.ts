import type { Cabin, OutingToSave, Skier, Starter } from '../../core/model';
import { TYPES_FOR } from '../../core/ski';
import { DEMO_SKIS } from './skis';

const HOUR_MS = 3_600_000;
const WEIGHTS_KG: Readonly<Record<string, number>> = {
  Ilo: 74,
  Benna: 61,
  Korre: 79,
  Tivia: 58,
  Sarn: 83,
  Odemi: 66,
  Faru: 70,
  Wessa: 55,
  Jorin: 68,
  Pella: 49,
  Maro: 72,
  Dunai: 76,
  Ekko: 64,
  Liss: 57,
};

/** The made-up athletes, with what they weigh. */
export const DEMO_SKIERS: readonly Skier[] = Object.entries(WEIGHTS_KG).map(([name, weightKg]) => ({
  id: `demo-skier-${name.toLowerCase()}`,
  name,
  weightKg,
}));

/** Everybody who owns a pair for an outing is on its list. */
export const demoStarters = (outings: readonly OutingToSave[]): Starter[] =>
  outings.flatMap(({ id, discipline }) =>
    DEMO_SKIERS.filter(({ name }) =>
      DEMO_SKIS.some(({ owner, type }) => owner === name && TYPES_FOR[discipline].includes(type)),
    ).map(({ id: skierId }) => ({
      id: `${id}-${skierId}`,
      outingId: id,
      skierId,
      ...(id === 'demo-relay' && skierId === 'demo-skier-benna'
        ? { likesSkiId: 'demo-ski-benna-skate-2' }
        : {}),
    })),
  );

/** Three people before each start, two irons: who is in the cabin of the Lantern Weekend. */
export function demoCabin(outings: readonly OutingToSave[]): Cabin {
  const shift = (id: string, skills: string[], hours: readonly [before: number, until: number]) =>
    outings.map(({ startAt }) => ({
      id,
      skills,
      fromMs: Date.parse(startAt) - hours[0] * HOUR_MS,
      toMs: Date.parse(startAt) - hours[1] * HOUR_MS,
    }));
  return {
    people: [
      ...shift('Mirel', ['edges', 'structure', 'top'], [9, 0.5]),
      ...shift('Tarvo', ['edges'], [8, 1]),
      ...shift('Hedda', ['top'], [6, 0.5]),
    ].sort((a, b) => a.fromMs - b.fromMs || a.id.localeCompare(b.id)),
    irons: ['Iron 1', 'Iron 2'],
    vices: 3,
    brushStands: 2,
    coolingPlaces: 24,
  };
}
