import type { OutingToSave, Reading } from '../../core/model';
import { isAtPlace, outlook, placeInput, snowAt } from '../../core/snow/outlook';
import { DEMO_COURSES, DEMO_STATIONS, demoWeather } from './course';
import { DEMO_VENUES } from './weekend';

const MINUTE_MS = 60_000;
const NEAR_MS = 3 * 86_400_000;
/** The seed of the snow that the demo team is taken to have measured. */
const TRUTH_SEED = 8;

type Sample = Pick<
  Reading,
  'outingId' | 'temperatureSdC' | 'origin' | 'grain' | 'wetness' | 'dirt' | 'glazed'
> & { minutesAgo: number; offC: number; spot: string; note?: string };

const loop = {
  outingId: 'demo-relay',
  origin: 'machine_made',
  grain: 'MM',
  wetness: 'dry',
  dirt: 'clean',
  glazed: false,
  temperatureSdC: 0.6,
} as const;

/** What the demo team measured, minutes back from now, and how far off the instrument was. */
const SAMPLES: Sample[] = [
  { ...loop, minutesAgo: 150, offC: 0.2, spot: 'Stadium' },
  { ...loop, minutesAgo: 95, offC: -0.3, spot: 'North bend', note: 'Not a cloud left.' },
  { ...loop, minutesAgo: 35, offC: 0.1, spot: 'Stadium, in the shade' },
  {
    ...loop,
    outingId: 'demo-slalom',
    minutesAgo: 70,
    offC: 0.2,
    origin: 'mixed',
    grain: 'RG',
    glazed: true,
    spot: 'Start hut',
  },
  {
    ...loop,
    outingId: 'demo-tour',
    minutesAgo: 240,
    offC: -0.2,
    temperatureSdC: 1.2,
    origin: 'natural',
    grain: 'DF',
    spot: 'Pass height',
    note: 'Ten centimetres of two-day-old snow.',
  },
];

/** Readings of the demo: of a snow drawn once from the model, with the instrument's error. */
export function demoReadings(
  outings: readonly OutingToSave[],
  relayDay: Date,
  now: Date,
): Reading[] {
  return SAMPLES.map(({ minutesAgo, offC, ...sample }, i) => {
    const outing = outings.find((one) => one.id === sample.outingId)!;
    const startMs = Date.parse(outing.startAt);
    const isNear = Math.abs(startMs - now.getTime()) < NEAR_MS;
    const timeMs = Math.min(startMs, isNear ? now.getTime() : startMs) - minutesAgo * MINUTE_MS;
    const takenAt = new Date(timeMs).toISOString();
    const { contactC, airC, humidityFraction } = truthAt(outing, {
      spot: sample.spot,
      relayDay,
      timeMs,
    });
    return {
      ...sample,
      id: `demo-reading-${i + 1}`,
      source: 'probe',
      temperatureC: Number(Math.min(0, contactC + offC).toFixed(1)),
      airTemperatureC: Number(airC.toFixed(1)),
      humidityFraction: Number(humidityFraction.toFixed(2)),
      takenAt,
      createdAt: takenAt,
    };
  });
}

function truthAt(
  outing: OutingToSave,
  { spot, relayDay, timeMs }: { spot: string; relayDay: Date; timeMs: number },
) {
  const venue = DEMO_VENUES.find((one) => one.id === outing.venueId)!;
  const position = { latitude: venue.latitude!, longitude: venue.longitude! };
  const course = DEMO_COURSES[venue.id]!;
  const place = course.find((one) => isAtPlace(spot, one.name)) ?? course[0]!;
  const stations = DEMO_STATIONS.map(({ altitudeM }) => ({
    altitudeM,
    weather: demoWeather(relayDay.getTime(), altitudeM),
  }));
  const options = { members: 1, seed: TRUTH_SEED };
  const about = (ms: number) =>
    placeInput(place, { position, stations, startMs: ms, readings: [], options });
  const aboutStart = about(Date.parse(outing.startAt));
  // A tour two mornings from now was measured before the weather that its own outlook takes in.
  const isBefore = timeMs < aboutStart.weather[0]!.timeMs;
  const input = isBefore ? about(timeMs) : aboutStart;
  const air = input.weather.findLast((one) => one.timeMs <= timeMs) ?? input.weather[0]!;
  return {
    contactC: snowAt(outlook(input), timeMs)!.contactC.p50,
    airC: air.airTemperatureC,
    humidityFraction: air.humidityFraction,
  };
}
