import { valuesOf, type FigureTable, type LimitTable } from '../figure';

/** Figures of probes and infra-red guns. */
export const INSTRUMENT_FIGURES = {
  leastSamples: { mean: 8, unit: '1', reason: 'Fewer fit any curve.' },
  leastSeconds: { mean: 10, unit: 's', reason: 'Sooner no probe has shown where it goes.' },
  settledSdC: { mean: 0.15, unit: '°C', reason: 'Surer than the probe itself.' },
  settledTimeConstants: {
    mean: 2,
    unit: 'time constants',
    reason: 'Before that a slower probe looks the same as a quicker one.',
  },
  steadySamples: { mean: 3, unit: '1', reason: 'One sample may agree by chance.' },
  steadyWithinC: { mean: 0.1, unit: '°C', reason: 'What noise alone moves it by.' },
  timeConstants: {
    mean: { firstS: 3, growth: 1.1, count: 40 },
    unit: 's, 1',
    reason: 'From a thin needle to a thick stem.',
  },
  fitted: { mean: 3, unit: '1', reason: 'Final value, start and time constant are fitted.' },
  leastNoise: { mean: 1e-4, unit: '°C²', reason: 'No probe is smoother.' },
  gateDoubleS: {
    mean: 0.4,
    unit: 's',
    reason: 'A pole, an arm or the second ski breaks the same beam again within this.',
  },
  gateShortestS: {
    mean: 0.5,
    unit: 's',
    reason: 'Nobody passes two gates of a glide test sooner.',
  },
  standIn: {
    mean: { probeNoiseC: 0.06, infraredNoiseC: 0.5 },
    unit: '°C',
    reason: 'As good instruments of the kind.',
  },
} as const satisfies FigureTable;

export const INSTRUMENTS = valuesOf(INSTRUMENT_FIGURES);

export const INSTRUMENT_LIMITS = {
  emissivity: { range: [0.8, 1], unit: '1', reason: 'Snow is nearly black in the infra-red.' },
  temperatureC: {
    range: [-90, 60],
    unit: '°C',
    reason: 'Colder and hotter has not been measured.',
  },
} as const satisfies LimitTable;
