import type { KeptEvent, KeptFinding } from '../../core/model';
import type { Finding, Ski, SkiEvent } from '../../core/ski';
import type { SkiType } from '../../core/terms';

/** The made-up athletes of the Oskra Basin club, with what they ski on. */
const ATHLETES: readonly (readonly [name: string, ...types: SkiType[]])[] = [
  ['Ilo', 'skate', 'skate', 'classic'],
  ['Benna', 'skate', 'skate', 'classic'],
  ['Korre', 'skate', 'classic'],
  ['Tivia', 'skate', 'skate'],
  ['Sarn', 'skate', 'classic', 'skin'],
  ['Odemi', 'skate', 'classic'],
  ['Faru', 'classic', 'patterned'],
  ['Wessa', 'alpine', 'alpine'],
  ['Jorin', 'alpine', 'alpine'],
  ['Pella', 'alpine'],
  ['Maro', 'alpine', 'snowboard'],
  ['Dunai', 'alpine', 'touring'],
  ['Ekko', 'classic', 'skate'],
  ['Liss', 'skate', 'classic'],
];
const LENGTH_CM: Readonly<Record<SkiType, number>> = {
  alpine: 172,
  skate: 187,
  classic: 202,
  patterned: 190,
  skin: 199,
  touring: 168,
  snowboard: 156,
};
const WAIST_MM: Readonly<Record<SkiType, number>> = {
  alpine: 67,
  skate: 44,
  classic: 44,
  patterned: 46,
  skin: 45,
  touring: 84,
  snowboard: 250,
};
const TYPE_NAMES: Readonly<Record<SkiType, string>> = {
  alpine: 'slalom',
  skate: 'skate',
  classic: 'classic',
  patterned: 'pattern',
  skin: 'skin',
  touring: 'touring',
  snowboard: 'board',
};
const GRINDS: readonly (readonly [mm: number, pattern: string])[] = [
  [0.3, 'linear'],
  [0.5, 'cross'],
  [0.75, 'linear'],
  [1, 'arrow'],
];
/** The weight that the pairs of each were picked for, kg. */
const FLEX_KG: Readonly<Record<string, number>> = {
  Ilo: 76,
  Benna: 62,
  Korre: 78,
  Tivia: 60,
  Sarn: 84,
  Odemi: 70,
  Faru: 72,
  Wessa: 55,
  Jorin: 68,
  Pella: 50,
  Maro: 72,
  Dunai: 76,
  Ekko: 64,
  Liss: 60,
};
const EDGED: readonly SkiType[] = ['alpine', 'touring', 'snowboard'];
const SPREAD_CM = 3;
const DAY_MS = 24 * 3_600_000;
const FIRST_DAYS_AGO = 40;

/** About thirty pairs, with names that say whose and which. */
export const DEMO_SKIS: readonly Ski[] = ATHLETES.flatMap(([owner, ...types], a) =>
  types.map((type, i): Ski => {
    const second = types.indexOf(type) < i;
    const [grindMm, grindPattern] = GRINDS[(a + i) % GRINDS.length]!;
    const hasEdges = EDGED.includes(type);
    return {
      id: `demo-ski-${owner.toLowerCase()}-${TYPE_NAMES[type]}${second ? '-2' : ''}`,
      name: `${owner} ${TYPE_NAMES[type]}${second ? ' 2' : ''}`,
      owner,
      type,
      lengthCm: LENGTH_CM[type] + SPREAD_CM * ((a % 4) - 2),
      waistMm: WAIST_MM[type],
      baseType: type === 'patterned' ? 'extruded' : 'sintered',
      grindMm: type === 'patterned' ? undefined : grindMm,
      grindPattern: type === 'patterned' ? undefined : grindPattern,
      // The second pair is a little softer: for loose snow.
      flexKg: hasEdges ? undefined : FLEX_KG[owner]! - (second ? 5 : 0),
      baseBevelDeg: hasEdges ? 1 : undefined,
      sideBevelDeg: hasEdges ? 2 : undefined,
      hasBrakes: type === 'alpine',
      purpose: second ? 'training' : 'race',
    };
  }),
);

/** What the last weeks did to them: a grind, coats, kilometres; the same for the same day. */
export function demoSkiEvents(nowMs: number): KeptEvent[] {
  const all: KeptEvent[] = [];
  for (const [i, ski] of DEMO_SKIS.entries()) {
    const add = (daysAgo: number, event: Omit<SkiEvent, 'atMs'>) =>
      all.push({
        ...event,
        id: `${ski.id}-event-${all.length}`,
        skiId: ski.id,
        atMs: nowMs - daysAgo * DAY_MS,
      });
    if (i % 3 === 0) add(FIRST_DAYS_AGO, { kind: 'ground' });
    add(FIRST_DAYS_AGO - 1, { kind: 'waxed', waxing: 'hot', coats: 4 });
    add(18 - (i % 5), { kind: 'kilometres', km: EDGED.includes(ski.type) ? 8 : 14 + 3 * (i % 6) });
    if (i % 4 !== 1) add(9 - (i % 3), { kind: 'waxed', waxing: 'hot', coats: 1 + (i % 2) });
    add(3 + (i % 4), {
      kind: 'kilometres',
      km: EDGED.includes(ski.type) ? 10 : 8 + 7 * (i % 5),
      snow: i % 2 === 0 ? 'machine_made_or_icy' : 'usual',
    });
  }
  return all;
}

const SEEN: readonly (readonly [skiId: string, ...Finding[]])[] = [
  [
    'demo-ski-ilo-skate',
    { kind: 'burn', positionCm: 88, side: 'left' },
    { kind: 'burn', positionCm: 104, side: 'right' },
    { kind: 'dirt', positionCm: 130, side: 'middle' },
  ],
  ['demo-ski-tivia-skate', { kind: 'dry', positionCm: 95, side: 'middle' }],
  [
    'demo-ski-wessa-slalom',
    { kind: 'burr', positionCm: 81, side: 'left' },
    { kind: 'gouge', positionCm: 60, side: 'middle' },
  ],
  ['demo-ski-maro-board', { kind: 'rust', positionCm: 40, side: 'right' }],
];

/** What was found on their bases. */
export const demoFindings = (nowMs: number): KeptFinding[] =>
  SEEN.flatMap(([skiId, ...findings]) =>
    findings.map((one, i) => ({
      ...one,
      id: `${skiId}-mark-${i}`,
      skiId,
      foundAt: new Date(nowMs - DAY_MS).toISOString(),
    })),
  );
