import loadHighs from 'highs';
import type { PlanNeed, PlanProblem } from '@/core/plan';

const MINUTE_MS = 60_000;

/** Lateness weighs before the end of all. */
const LATE_WEIGHT = 1000;

/**
 * The least weighted lateness, min, and then the soonest end, min from the start, of a small bench by a mixed-integer
 * solver: a binary for each step and minute. For whole minutes, people and irons that are all alike and always
 * there, and one temperature.
 */
export async function exactly(
  problem: PlanProblem,
  horizonMin: number,
  mostS = 60,
): Promise<{ late: number; finish: number }> {
  const highs = await loadHighs();
  const minuteOf = (ms: number) => (ms - problem.startMs) / MINUTE_MS;
  const binaries: string[] = [];
  const rules: string[] = [];
  const using: Record<string, string[][]> = {};
  const inUse = (what: string, at: number, name: string) => {
    const spans = (using[what] ??= []);
    (spans[at] ??= []).push(name);
  };
  const objective = ['f'];
  problem.pairs.forEach((pair, p) => {
    let ready: { terms: string[]; after: number } | undefined;
    pair.steps.forEach((step, s) => {
      const names: string[] = [];
      const starts: string[] = [];
      const wait = step.waitMin ?? 0;
      for (let t = 0; t + step.activeMin + wait <= horizonMin; t += 1) {
        const name = `x_${p}_${s}_${t}`;
        names.push(name);
        starts.push(`${t} ${name}`);
        for (let u = t; u < t + step.activeMin; u += 1) {
          for (const need of step.needs) inUse(need, u, name);
        }
        for (let u = t + step.activeMin; u < t + step.activeMin + wait; u += 1) {
          inUse('place', u, name);
        }
      }
      binaries.push(...names);
      rules.push(`${names.join(' + ')} = 1`);
      const release = Math.max(
        0,
        minuteOf(step.notBeforeMs ?? problem.startMs),
        s === 0 ? minuteOf(pair.notBeforeMs ?? problem.startMs) : 0,
      );
      if (release > 0) rules.push(`${starts.join(' + ')} >= ${release}`);
      if (ready) {
        const before = ready.terms.map((term) => `- ${term}`).join(' ');
        rules.push(`${starts.join(' + ')} ${before} >= ${ready.after}`);
      }
      ready = { terms: starts, after: step.activeMin + wait };
    });
    const end = ready!.terms.map((term) => `- ${term}`).join(' ');
    rules.push(`f ${end} >= ${ready!.after}`);
    rules.push(`l_${p} ${end} >= ${ready!.after - minuteOf(pair.dueMs)}`);
    objective.push(`${LATE_WEIGHT * (pair.priority ?? 1)} l_${p}`);
  });
  const most: Record<PlanNeed | 'place', number | undefined> = {
    technician: problem.technicians.length,
    iron: problem.irons.length,
    vice: problem.vices,
    brush_stand: problem.brushStands,
    place: problem.coolingPlaces,
  };
  for (const [what, spans] of Object.entries(using)) {
    for (const names of spans) {
      if (names && most[what as PlanNeed] !== undefined)
        rules.push(`${names.join(' + ')} <= ${most[what as PlanNeed]}`);
    }
  }
  const text = [
    'Minimize',
    ` cost: ${objective.join(' + ')}`,
    'Subject To',
    ...rules.map((rule, k) => ` r${k}: ${rule}`),
    'Binary',
    ` ${binaries.join(' ')}`,
    'End',
  ].join('\n');
  const solved = highs.solve(text, { mip_rel_gap: 0, time_limit: mostS });
  if (solved.Status !== 'Optimal') throw new Error(`not solved: ${solved.Status}`);
  const finish = solved.Columns.f!.Primal;
  return { late: (solved.ObjectiveValue - finish) / LATE_WEIGHT, finish };
}
