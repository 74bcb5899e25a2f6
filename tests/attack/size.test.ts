import { expect, it } from 'vitest';
import { BIG, makeBigDatabase } from '../../bench/big-database';
import { freePort, freshFolder, startDemo, stopDemo } from '../browser/app';
import { ms, note, quantile } from './measure';

const RUNS = 9;
const SCREENS = [
  'snow',
  'pick',
  'skis',
  'bench',
  'log',
  'shelf',
  'venue',
  'iron',
  'wall',
  'labels',
  'test',
  'learning',
  'season',
  'settings',
];

it('every screen stays under 300 ms with the book of some seasons', async () => {
  const folder = freshFolder();
  await makeBigDatabase(folder);
  const app = await startDemo(await freePort(), folder);
  const sizes = Object.entries(BIG).map(([name, count]) => `${count} ${name}`);
  note('size of the book', sizes.join(', '));
  const paths = [
    ...SCREENS.map((screen) => `/outing/demo-slalom/${screen}`),
    '/outing/demo-slalom/log?find=note%2077',
    '/outing/demo-slalom/bench?ski=demo-ski-wessa-slalom',
    '/outing/demo-slalom/bench?job=big-job-195',
    '/outing/demo-slalom/skis/big-ski-3',
    '/outing/demo-tour/grip',
    '/practice',
  ];
  const slow: string[] = [];
  for (const path of paths) {
    const times: number[] = [];
    let bytes = 0;
    for (let i = 0; i < RUNS; i += 1) {
      const from = performance.now();
      const answer = await fetch(`${app.url}${path}`, {
        headers: { accept: 'text/html', cookie: 'frost-learner=demo-learner-ilo' },
      });
      bytes = (await answer.arrayBuffer()).byteLength;
      expect(answer.status).toBe(200);
      times.push(performance.now() - from);
    }
    const median = quantile(times.slice(2), 0.5);
    note(path, `median ${ms(median)}, ${Math.round(bytes / 1000)} kB`);
    if (median >= 300) slow.push(path);
  }
  for (const path of ['/api/v1/choices?format=json', '/api/v1/readings?format=json']) {
    const from = performance.now();
    const answer = await fetch(`${app.url}${path}`);
    const first = performance.now() - from;
    const bytes = (await answer.arrayBuffer()).byteLength;
    note(path, `first byte after ${ms(first)}, ${(bytes / 1e6).toFixed(1)} MB streamed`);
    expect(first).toBeLessThan(300);
  }
  await stopDemo(app);
  expect(slow).toEqual([]);
});
