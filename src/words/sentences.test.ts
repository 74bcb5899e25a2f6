import { readdirSync } from 'node:fs';
import path from 'node:path';
import { beforeAll, describe, expect, it } from 'vitest';
import { PROGRAMMES, type JobSheet } from '@/core/bench';
import { casesFromReading, choose, formAdvice, structureWork } from '@/core/choice';
import { chooseGrip, COMPLAINTS, troubleStep, type GripProduct, type Tried } from '@/core/grip';
import { IRON_KINDS, ironAdvice, ironPasses, presetOn, type IronQuestion } from '@/core/iron';
import { rankPairs, SNOW_GROUNDS } from '@/core/pairs';
import type { PlanRule, RemedyChange } from '@/core/plan';
import { GRAINS, ORIGINS, TOOLS, WETNESSES } from '@/core/terms';
import type { OutingFacts, SnowConditions } from '@/core/wax';
import { DEMO_SHELF } from '@/data/demo/shelf';
import { listSkis } from '@/data/skis';
import { planSheet } from '@/server/job/plan-sheet';
import { inLanguage } from '@/server/language';
import { CALM_SNOW } from '../../tests/unit/fixtures';
import { temporaryDatabase } from '../../tests/unit/temporary-database';
import { choiceWords } from './areas/choice';
import { ironWords } from './areas/iron';
import { mistakesWords } from './areas/mistakes';
import { pairsWords } from './areas/pairs';
import { planWords } from './areas/plan';
import { say } from './say';
import {
  answerSentence,
  choiceDetails,
  renderedForm,
  renderedLines,
  renderedRanking,
} from './rendered/choice';
import { renderedGrip, renderedTrouble } from './rendered/grip';
import { renderedSheet } from './rendered/sheet';
import { layOutLocales } from './locales';
import { DEFAULT_UNITS } from './units';
import { writerFor } from './write';

beforeAll(layOutLocales);

const CELSIUS = writerFor(DEFAULT_UNITS);
const FAHRENHEIT = writerFor({ temperature: 'F', length: 'ft', distance: 'mi' });

/** Every string at any depth of a value. */
function texts(value: unknown): string[] {
  if (typeof value === 'string') return [value];
  if (Array.isArray(value)) return value.flatMap(texts);
  if (typeof value === 'object' && value !== null) return Object.values(value).flatMap(texts);
  return [];
}

const A_SENTENCE = 28;

/** What is wrong with a message as English on a screen; empty when nothing is. */
function faults(message: string): string[] {
  const found: string[] = [];
  if (/undefined|NaN|null|\[object|Infinity/.test(message)) found.push('holds no value');
  if (/ {2}|^\s|\s$/.test(message)) found.push('blanks');
  if (/\s[.,;:]/.test(message)) found.push('blank before a mark');
  if (!/[.?!]$/.test(message)) found.push('does not end');
  if (!/^[A-ZÆØÅÄÖÜ0-9“‘„«−]/.test(message)) found.push('does not begin');
  const longest = Math.max(
    ...message.split(/[.?!:] /).map((sentence) => sentence.split(/\s+/).length),
  );
  if (longest > A_SENTENCE) found.push(`${longest} words in a sentence`);
  return found.map((fault) => `${fault}: ${message}`);
}

/** The figures of a message, whatever its decimal sign. */
const figuresOf = (message: string) =>
  (message.match(/\d+(?:[.,]\d+)?/g) ?? []).map((one) => one.replace(',', '.')).sort();

/** Messages of the sweeps, each once: sound in every language, and with the figures of the English. */
const check = (rendered: () => readonly string[]) => {
  const english = rendered();
  expect(new Set(english).size).toBeGreaterThan(5);
  expect([...new Set(english)].flatMap(faults)).toEqual([]);
  for (const tag of ['nb', 'de']) {
    const theirs = inLanguage(tag, rendered);
    expect([...new Set(theirs)].flatMap(faults), tag).toEqual([]);
    const pairs = new Map(theirs.map((message, at) => [message, english[at]!]));
    const differing = [...pairs].filter(
      ([message, original]) => String(figuresOf(message)) !== String(figuresOf(original)),
    );
    expect(differing, tag).toEqual([]);
    expect(
      [...pairs].filter(([message, original]) => message === original),
      tag,
    ).toEqual([]);
  }
};
const inFahrenheit = (messages: readonly string[]) => {
  expect(messages.filter((one) => /\d °C/.test(one))).toEqual([]);
  expect(messages.some((one) => /\d °F/.test(one))).toBe(true);
};

const temperatures = [-24, -15, -8, -4, -1, 0];
const snows: SnowConditions[] = temperatures.flatMap((temperatureC, t) =>
  GRAINS.flatMap((grain, g) =>
    WETNESSES.filter((wetness) => wetness === 'dry' || temperatureC > -2).map(
      (wetness, w): SnowConditions => ({
        ...CALM_SNOW,
        temperatureC,
        temperatureSdC: 0.4 + ((t + g) % 3),
        humidityFraction: [0.35, 0.65, 0.95][(t + g + w) % 3]!,
        origin: ORIGINS[(t + g + w) % ORIGINS.length]!,
        grain,
        sharpness: undefined,
        wetness,
        dirt: (g + w) % 2 === 0 ? 'dirty' : 'clean',
        glazed: (t + w) % 3 === 0,
      }),
    ),
  ),
);
const outings: OutingFacts[] = [
  { discipline: 'skate', distanceKm: 5, purpose: 'race' },
  { discipline: 'classic', distanceKm: 50, purpose: 'recreation' },
];
const glide = DEMO_SHELF.filter(({ role }) => role === 'glide');
const shelves = [glide, glide.slice(0, 2), glide.filter(({ form }) => form !== 'block')];

const chosen = snows.flatMap((snow, i) => {
  const outing = outings[i % outings.length]!;
  const products = shelves[i % shelves.length]!;
  const choice = choose({
    cases: casesFromReading(snow),
    outing,
    own: { venueC: i % 4 === 0 ? 1 : 0, handC: i % 5 === 0 ? -0.5 : 0 },
    products,
    shelf: i % 2 === 0 ? DEMO_SHELF : products,
    baseState: (['in_use', 'dry', 'burnt'] as const)[i % 3],
  });
  return { choice, outing, snow };
});
const forms = [0.5, 3, 24].flatMap((hoursLeft) =>
  [true, false].flatMap((ventilated) =>
    [[], ['ski_iron' as const], [...TOOLS]].flatMap((tools) =>
      (['sintered', 'extruded'] as const).flatMap((baseType) =>
        outings.flatMap((outing) =>
          [10, 60, 90].map((hardness) =>
            formAdvice({ hoursLeft, ventilated, tools, baseType }, outing, { hardness }),
          ),
        ),
      ),
    ),
  ),
);

describe('a choice in words', () => {
  const rendered = (write: typeof CELSIUS) =>
    chosen.flatMap(({ choice }) => {
      const taken = choice.ranking.find((one) => !one.excluded);
      const details = taken
        ? choiceDetails(
            { choice, taken, form: forms[0]!, methods: {} },
            { outlookVersion: undefined, override: undefined },
            write,
          )
        : undefined;
      return [
        ...renderedLines(choice.lines, write).map((one) => one.reason),
        ...renderedRanking(choice.ranking, write).flatMap((one) => one.reasons),
        ...(details
          ? [
              details.structure.reason,
              details.structureWork.how,
              ...details.layerPlan.layers.map((one) => one.reason),
              ...details.layerPlan.missing,
              ...details.additives,
              ...details.cautions,
            ]
          : []),
      ];
    });

  it('is plain sentences, whatever the snow, the shelf and the base', () =>
    check(() => rendered(CELSIUS)));

  it('gives no °C to who reads °F', () => inFahrenheit(rendered(FAHRENHEIT)));

  it('is told in one line, with the wax and how sure it is', () => {
    for (const { choice } of chosen) {
      const taken = choice.ranking.find((one) => !one.excluded);
      if (!taken) continue;
      const line = answerSentence(choice, { taken, form: forms[0]!, write: CELSIUS });
      expect(line).toContain(taken.name);
      expect(faults(line).filter((one) => !/words in a sentence/.test(one))).toEqual([]);
    }
  });

  it('says how the wax goes on, with the tools, the air and the time there are', () => {
    const said = () => forms.map((form) => renderedForm(form, CELSIUS));
    check(() => said().flatMap((one) => [one.how, one.reason]));
    expect(new Set(forms.map(({ form }) => form)).size).toBeGreaterThan(2);
  });

  it('says how the structure is made, for a coarse grind and a fine one', () => {
    check(() =>
      chosen.flatMap(({ choice, snow }) =>
        [undefined, 0.3, 1.2].map((grindMm) =>
          say(
            choiceWords.STRUCTURE_WORK,
            structureWork(choice.structure, snow, grindMm).how,
            CELSIUS,
          ),
        ),
      ),
    );
  });
});

describe('grip in words', () => {
  const products: readonly GripProduct[] = DEMO_SHELF.filter(
    ({ role }) => role === 'grip_stick' || role === 'klister' || role === 'binder',
  );
  const rendered = (write: typeof CELSIUS) =>
    snows.flatMap((snow, i) => {
      const outing = { distanceKm: i % 2 === 0 ? 10 : 60, purpose: 'race' } as const;
      const shelf = i % 3 === 0 ? products : products.filter(({ role }) => role !== 'klister');
      const grip = renderedGrip(
        chooseGrip(snow, { outing, products: shelf, laterC: i % 4 === 0 ? 3 : undefined }),
        write,
      );
      return [
        grip.kindReason,
        grip.layersReason,
        ...(grip.carry ? [grip.carry] : []),
        ...grip.cautions,
        ...grip.lines.map((one) => one.reason),
        ...grip.ranking.map((one) => one.reason),
      ];
    });

  it('is plain sentences, with klister on the shelf and without', () =>
    check(() => rendered(CELSIUS)));

  it('gives no °C to who reads °F', () => {
    expect(rendered(FAHRENHEIT).filter((one) => /\d °C/.test(one))).toEqual([]);
  });

  it.each(COMPLAINTS)(
    'what to try at “%s” is told step by step, and then that all was tried',
    (complaint) => {
      const tried: Tried[] = [];
      for (let i = 0; i < 20; i += 1) {
        const advice = troubleStep(complaint, tried);
        const said = renderedTrouble(advice, CELSIUS);
        expect(faults(said.reason)).toEqual([]);
        expect(said.title).not.toBe('');
        if (!advice.next) {
          expect(said.key).toBe('none');
          return;
        }
        expect(faults(said.how)).toEqual([]);
        tried.push({ complaint, key: advice.next.key });
      }
      throw new Error('the steps never end');
    },
  );
});

describe('the iron in words', () => {
  const wax = { meltingC: 85, ironC: 130, smokeC: 165 };
  const ski = { lengthM: 1.9, widthM: 0.045, startC: 15 };
  const questions: IronQuestion[] = IRON_KINDS.map((kind) => presetOn(kind, ski.widthM)).flatMap(
    (iron) =>
      [90, 120, 150, 170].flatMap((setC) =>
        [3, 8, 25].map((passS): IronQuestion => ({
          wax,
          ski,
          iron: { ...iron, setC },
          passS,
          passes: 4,
          roomC: 15,
          filmMicrometre: 25,
        })),
      ),
  );

  it('warns in plain sentences, in the units of the reader', () => {
    const warnings = questions.flatMap((question) => ironPasses(question).warnings);
    expect(new Set(warnings.map(({ code }) => code)).size).toBeGreaterThan(3);
    const said = (write: typeof CELSIUS) =>
      warnings.map((warning) => say(ironWords.IRON_WARNING, warning, write));
    check(() => said(CELSIUS));
    inFahrenheit(said(FAHRENHEIT));
  });

  it('says why it is set so, or why there is no good setting', () => {
    const reasons = questions
      .filter((_, i) => i % 6 === 0)
      .map((question) => ironAdvice(question).reason);
    const said = reasons.map((reason) => say(ironWords.IRON_REASON, reason, FAHRENHEIT));
    expect(said.flatMap(faults)).toEqual([]);
    expect(said.filter((one) => /\d °C/.test(one))).toEqual([]);
  });
});

describe('every job sheet in words', () => {
  it('for each ski of the rack and each programme is plain English, until its last step', async () => {
    const db = await temporaryDatabase();
    const skis = await listSkis(db);
    const sheets: JobSheet[] = [];
    for (const [i, ski] of skis.slice(0, 8).entries()) {
      const programmes = i === 0 ? [...PROGRAMMES] : [PROGRAMMES[i % PROGRAMMES.length]!];
      const planned = await planSheet(
        db,
        { outingId: 'demo-relay', skiId: ski.id, programmes },
        Date.parse('2027-01-13T13:00:00Z'),
      );
      if (!planned.ok) throw new Error(planned.error.message);
      sheets.push(planned.value.sheet);
    }
    const rendered = () => sheets.map((sheet) => renderedSheet(sheet, FAHRENHEIT));
    const said = () =>
      rendered().flatMap(({ steps, notes, findings }) => [
        ...steps.flatMap((step) => [step.what, step.doneWhen, step.reason, step.caution ?? '']),
        ...notes,
        ...texts(findings?.map((one) => one.message)),
      ]);
    for (const tag of ['en', 'nb', 'de']) {
      for (const { title, key } of inLanguage(tag, rendered).flatMap(({ steps }) => steps)) {
        expect(title, key).not.toMatch(/[.]$/);
      }
    }
    check(() => said().filter((one) => one !== ''));
    expect(said().filter((one) => /\d °C/.test(one))).toEqual([]);
  });
});

/** All modules of the English words. */
async function everyWord(): Promise<unknown[]> {
  const folder = path.join(import.meta.dirname, 'en');
  const files = readdirSync(folder, { recursive: true, encoding: 'utf8' });
  return Promise.all(
    files
      .filter((file) => file.endsWith('.ts'))
      .map((file) => import(path.join(folder, file)) as Promise<unknown>),
  );
}

describe('all that is said without figures', () => {
  it('holds no double blanks, no open ends and no telegram', async () => {
    const all = texts(await everyWord());
    expect(all.length).toBeGreaterThan(600);
    expect(all.filter((one) => / {2}/.test(one))).toEqual([]);
    expect(
      all.filter((one) =>
        /\b(mend|yours to say|its life|put away|deed|asunder|thereof|ere|whilst|upon)\b/i.test(one),
      ),
    ).toEqual([]);
  });

  it('has a sentence for every fault and mistake', () => {
    expect(Object.values(mistakesWords.FAULT).flatMap(faults)).toEqual([]);
    expect(texts(mistakesWords.NO_ANSWER).flatMap(faults)).toEqual([]);
  });
});

describe('what is said of pairs and plans', () => {
  const day = (grindMm: number, flexKg: number | undefined, k: number) =>
    rankPairs(
      [
        {
          ski: {
            id: 'a',
            name: 'A',
            owner: k % 2 === 0 ? 'Ada' : '',
            purpose: k % 3 === 0 ? 'training' : 'race',
            grindMm: k % 5 === 0 ? undefined : grindMm,
            flexKg,
          },
          reserve: (k % 10) / 10,
          kmSinceGrind: 300 * (k % 4),
          findings: k % 3 === 0 ? [{ kind: 'burn' }, { kind: 'dirt' }] : [],
        },
      ],
      { name: 'Ada', weightKg: 70, likesSkiId: k % 4 === 0 ? 'a' : undefined },
      { widthMm: 0.5, ground: SNOW_GROUNDS[k % 3]!, isRace: true },
    ).flatMap(({ reasons }) => reasons.map(({ reason }) => reason));

  it('is English, whatever the pair', () => {
    const reasons = [0.25, 0.5, 1.5].flatMap((grindMm, g) =>
      [undefined, 50, 72, 95].flatMap((flexKg, f) => day(grindMm, flexKg, 4 * g + f)),
    );
    for (const write of [CELSIUS, FAHRENHEIT]) {
      check(() => reasons.map((reason) => say(pairsWords.REASON, reason, write)));
    }
    expect(new Set(reasons.map(({ code }) => code)).size).toBeGreaterThan(10);
  });

  it('is English, whatever rule a plan breaks and whatever would help', () => {
    const rules: PlanRule[] = [
      { code: 'person_away', technicianId: 'Ada' },
      { code: 'person_unskilled', technicianId: 'Ada', skill: 'top' },
      { code: 'person_busy', technicianId: 'Ada', withPairId: 'b' },
      { code: 'iron_busy', ironId: 'Iron 1', withPairId: 'b' },
      { code: 'iron_changes', ironId: 'Iron 1', withPairId: 'b', minutes: 3 },
      { code: 'iron_unknown', ironId: 'Iron 9' },
      { code: 'before_ready', readyMs: 0 },
      { code: 'before_release', notBeforeMs: 0 },
      { code: 'nobody' },
      { code: 'no_iron' },
      { code: 'too_few', what: 'brush_stand', there: 2 },
      { code: 'wrong_length' },
    ];
    const changes: RemedyChange[] = [
      { code: 'one_more_person', fromMs: 0, toMs: 1 },
      { code: 'longer_shift', technicianId: 'Ada', hours: 2 },
      { code: 'one_more_iron' },
      { code: 'one_more_vice' },
      { code: 'one_more_stand' },
      { code: 'one_more_place' },
    ];
    check(() => [
      ...rules.map((rule) => say(planWords.RULE, rule, CELSIUS)),
      ...changes.map((change) => say(planWords.REMEDY, change, CELSIUS)),
      planWords.onePersonMore('08:00', '10:00'),
    ]);
  });
});
