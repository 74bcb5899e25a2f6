import { spawn } from 'node:child_process';
import { mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { casesFromReading, rank } from '../src/core/choice';
import type { GlideProduct, OutingFacts, SnowConditions } from '../src/core/wax';
import { report, scalarBaselineNs, times } from './measure';

const PORT = 3298;
const snow: SnowConditions = {
  temperatureC: -8,
  temperatureSdC: 1,
  humidityFraction: 0.6,
  origin: 'machine_made',
  grain: 'MM',
  wetness: 'dry',
  dirt: 'clean',
  glazed: false,
};
const outing: OutingFacts = { discipline: 'skate', distanceKm: 10, purpose: 'race' };
const products: GlideProduct[] = Array.from({ length: 200 }, (_, i) => ({
  id: `p${i}`,
  name: `Wax ${i}`,
  labelLowC: -28 + (i % 30),
  labelHighC: -28 + (i % 30) + 4 + (i % 9),
  additives: i % 3 === 0 ? ['graphite'] : [],
  form: 'block',
}));

async function startServer() {
  const data = mkdtempSync(path.join(tmpdir(), 'frost-bench-'));
  const child = spawn('node', ['scripts/demo.mjs', '--port', String(PORT), '--data', data], {
    stdio: ['ignore', 'pipe', 'inherit'],
  });
  await new Promise<void>((resolve) => {
    child.stdout.on('data', (text) => String(text).includes('Frost Pick is at') && resolve());
  });
  return () => child.kill('SIGTERM');
}

console.log(`scalar baseline: ${scalarBaselineNs().toFixed(2)} ns a multiply-add`);
report(
  'pick, 200 products, core',
  await times(
    () => rank({ cases: casesFromReading(snow), outing, own: { venueC: 0, handC: 0 }, products }),
    200,
    20,
  ),
  'aim: under 5 ms',
);
const stop = await startServer();
try {
  const body = JSON.stringify({ snow, outing, products });
  const request = async () => {
    const response = await fetch(`http://127.0.0.1:${PORT}/api/v1/pick`, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body,
    });
    if (response.status !== 200) throw new Error(`status ${response.status}`);
    await response.json();
  };
  report('pick, 200 products, HTTP', await times(request, 200, 20), 'aim: p95 under 60 ms');
} finally {
  stop();
}
