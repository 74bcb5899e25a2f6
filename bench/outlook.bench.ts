import { outlook, type OutlookInput } from '../src/core/snow/outlook';
import { quantile, report, scalarBaselineNs, times } from './measure';

const HOUR = 3_600_000;
const START = Date.parse('2027-01-15T17:00:00Z');
const MEMBERS = 400;
const LAYERS = 20;
const input: OutlookInput = {
  site: {
    latitude: 46.6,
    longitude: 10.2,
    altitudeM: 700,
    slopeDeg: 5,
    aspectDeg: 0,
    shadeFraction: 0.2,
  },
  surface: { kind: 'machine_made' },
  weather: Array.from({ length: 25 }, (_, h) => ({
    timeMs: START + h * HOUR,
    airTemperatureC: -4 + 4 * Math.sin((2 * Math.PI * h) / 24),
    humidityFraction: 0.7,
    windMPerS: 2,
    cloudFraction: 0.3,
  })),
  members: MEMBERS,
  layers: LAYERS,
};
const baseline = scalarBaselineNs();
const taken = await times(() => outlook(input), 10, 2);
report('outlook, 400 members, 24 h at 5 min, 20 layers', taken, 'aim: under 400 ms');
const perLayerStep = (quantile(taken, 0.5) * 1e6) / (MEMBERS * 288 * LAYERS);
console.log(
  `a layer-step: ${perLayerStep.toFixed(1)} ns (aim: 60), ${(perLayerStep / baseline).toFixed(1)} × the scalar baseline of ${baseline.toFixed(2)} ns`,
);
const bytes = MEMBERS * LAYERS * 3 * 8 + 97 * MEMBERS * 6 * 4;
console.log(`memory of the ensemble: ${(bytes / 1e6).toFixed(1)} MB (limit: 64)`);
