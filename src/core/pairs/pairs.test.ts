import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { groundOf, rankPairs, sharePairs, type PairDay, type PairState } from '.';

const day: PairDay = { widthMm: 0.5, ground: 'firm', isRace: true };
const skier = { name: 'Ada', weightKg: 70 };
const pairOf = (
  id: string,
  ski: Partial<PairState['ski']> = {},
  rest: Partial<Omit<PairState, 'ski'>> = {},
): PairState => ({
  ski: { id, name: id, owner: 'Ada', purpose: 'race', grindMm: 0.5, flexKg: 73, ...ski },
  reserve: 0.6,
  kmSinceGrind: 50,
  findings: [],
  ...rest,
});
const codes = (pair: PairState, on: PairDay = day) =>
  rankPairs([pair], skier, on)[0]!.reasons.map(({ reason }) => reason.code);
const pointsOf = (pair: PairState, on: PairDay = day) => rankPairs([pair], skier, on)[0]!.points;

describe('which pair suits the day', () => {
  it('takes the grind that the snow asks for, and too fine before too coarse', () => {
    const ranking = rankPairs(
      [
        pairOf('coarse', { grindMm: 1 }),
        pairOf('right', { grindMm: 0.55 }),
        pairOf('fine', { grindMm: 0.25 }),
      ],
      skier,
      day,
    );
    expect(ranking.map(({ skiId }) => skiId)).toEqual(['right', 'fine', 'coarse']);
    expect(codes(pairOf('a', { grindMm: 1 }))).toContain('grind_too_coarse');
    expect(codes(pairOf('a', { grindMm: 0.25 }))).toContain('grind_too_fine');
    expect(codes(pairOf('a'))).toContain('grind_fits');
    expect(codes(pairOf('a', { grindMm: undefined }))).toContain('grind_unknown');
    expect(codes(pairOf('a'), { ...day, widthMm: undefined })).not.toContain('grind_fits');
    expect(codes(pairOf('a', {}, { kmSinceGrind: 900 }))).toContain('grind_worn');
  });

  it('follows a clear test on snow like this, the less the more unlike it was', () => {
    const tested = (percent: number, distance = 0) =>
      pairOf('a', {}, { test: { percent, seconds: 2, halfPercent: 0.5, distance, daysAgo: 3 } });
    expect(codes(tested(-1.2))).toContain('tested_faster');
    expect(codes(tested(1.2))).toContain('tested_slower');
    expect(codes(tested(0.4))).toContain('tested_alike');
    const plain = pointsOf(pairOf('a'));
    expect(pointsOf(tested(-1.2))).toBeGreaterThan(plain + 2);
    expect(pointsOf(tested(0.4))).toBe(plain);
    expect(pointsOf(tested(-1.2, 1))).toBeLessThan(pointsOf(tested(-1.2)));
    expect(pointsOf(tested(-1.2, 1))).toBeGreaterThan(plain);
    // On another kind of snow it is not even told.
    expect(codes(tested(-1.2, 2)).some((code) => code.startsWith('tested'))).toBe(false);
    // However much slower: something is wrong with the ski, not more than that.
    expect(pointsOf(tested(40))).toBe(pointsOf(tested(400)));
  });

  it('wants a stiffer pair on firm snow than on loose', () => {
    const stiff = pairOf('stiff', { flexKg: 76 });
    const soft = pairOf('soft', { flexKg: 64 });
    const firstOn = (ground: PairDay['ground']) =>
      rankPairs([stiff, soft], skier, { ...day, ground })[0]!.skiId;
    expect(firstOn('firm')).toBe('stiff');
    expect(firstOn('loose')).toBe('soft');
    expect(codes(pairOf('a', { flexKg: 50 }))).toContain('flex_too_soft');
    expect(codes(pairOf('a', { flexKg: 95 }))).toContain('flex_too_stiff');
    expect(codes(pairOf('a', { flexKg: undefined }))).toContain('flex_unknown');
    const [light] = rankPairs([pairOf('a')], { name: 'Ada' }, day);
    expect(light!.reasons.map(({ reason }) => reason.code).join()).not.toContain('flex');
  });

  it('says what else counts: wax, marks, what it is kept for, whose it is, what the skier likes', () => {
    const bad = pairOf(
      'bad',
      { purpose: 'training', owner: '' },
      { reserve: 0.2, findings: [{ kind: 'burn' }, { kind: 'burn' }, { kind: 'dirt' }] },
    );
    expect(codes(bad)).toEqual(
      expect.arrayContaining(['reserve_low', 'marks', 'kept_for_training', 'of_the_team']),
    );
    expect(pointsOf(bad)).toBeLessThan(pointsOf(pairOf('good')));
    expect(pointsOf(pairOf('a', { purpose: 'training' }), { ...day, isRace: false })).toBe(
      pointsOf(pairOf('a'), { ...day, isRace: false }),
    );
    const liked = rankPairs([pairOf('a'), pairOf('b')], { ...skier, likesSkiId: 'b' }, day);
    expect(liked[0]!.skiId).toBe('b');
  });

  it('weighs marks and a dry base by the time there is to mend them', () => {
    const burnt = pairOf('a', {}, { findings: [{ kind: 'burn' }, { kind: 'dirt' }] });
    const at = (hoursLeft: number) => ({ ...day, hoursLeft });
    expect(codes(burnt, at(2))).toEqual(expect.arrayContaining(['marks_late', 'marks']));
    expect(codes(burnt, at(5))).not.toContain('marks_late');
    const points = [2, 5, 10, 100].map((hours) => pointsOf(burnt, at(hours)));
    expect(points).toEqual([...points].sort((a, b) => a - b));
    expect(points[3]! - points[0]!).toBeGreaterThan(1);
    // A burn to be mended in 4 h and dirt in 0.75 h: 2·4/5 + 0.2·0.25 points of the 2.2.
    const clean = pairOf('a');
    expect(pointsOf(clean, at(5)) - pointsOf(burnt, at(5))).toBeCloseTo(1.65, 9);
    const dry = pairOf('a', {}, { reserve: 0.1 });
    expect(codes(dry, at(1))).toContain('reserve_low_late');
    expect(codes(dry, at(20))).toContain('reserve_low');
    expect(pointsOf(dry, at(20))).toBeGreaterThan(pointsOf(dry, at(1)));
  });

  it('never gains by being further from the grind asked for', () => {
    fc.assert(
      fc.property(fc.double({ min: 0.1, max: 4, noNaN: true }), (grindMm) => {
        const far = grindMm > 0.5 ? grindMm * 1.3 : grindMm / 1.3;
        return pointsOf(pairOf('a', { grindMm: far })) <= pointsOf(pairOf('a', { grindMm }));
      }),
    );
  });

  it('knows firm from loose snow', () => {
    expect(groundOf({ origin: 'machine_made' })).toBe('firm');
    expect(groundOf({ origin: 'natural', glazed: true })).toBe('firm');
    expect(groundOf({ origin: 'natural', glazed: false, grain: 'PP' })).toBe('loose');
    expect(groundOf({ origin: 'natural', glazed: false, grain: 'RG' })).toBe('usual');
  });
});

describe('who takes which pair', () => {
  const ranked = (skiId: string, points: number) => ({
    skiId,
    skiName: skiId,
    points,
    reasons: [],
  });

  it('gives what all together stand best on, not to each their best', () => {
    const shared = sharePairs([
      { id: 'ada', ranking: [ranked('x', 5), ranked('y', 4)] },
      { id: 'bo', ranking: [ranked('x', 5), ranked('y', 0)] },
    ]);
    expect(Object.fromEntries(shared)).toEqual({ ada: 'y', bo: 'x' });
  });

  it('keeps what a person gave, and leaves nobody without a pair for points', () => {
    const shared = sharePairs([
      { id: 'ada', ranking: [ranked('x', 9), ranked('y', -50)] },
      { id: 'bo', ranking: [ranked('x', 1)] },
      { id: 'cy', ranking: [ranked('x', 9)], givenSkiId: 'z' },
    ]);
    expect(Object.fromEntries(shared)).toEqual({ ada: 'y', bo: 'x', cy: 'z' });
  });

  it('says when there is none', () => {
    const shared = sharePairs([
      { id: 'ada', ranking: [ranked('x', 1)], givenSkiId: 'x' },
      { id: 'bo', ranking: [ranked('x', 1)] },
      { id: 'cy', ranking: [] },
    ]);
    expect(shared.get('bo')).toBeUndefined();
    expect(shared.get('cy')).toBeUndefined();
    expect(sharePairs([]).size).toBe(0);
  });
});
