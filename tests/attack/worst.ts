export const JSON_TYPE = 'application/json';
export const CSV = 'text/csv';
const MB = 1_000_000;
const weather = (hours: number) =>
  Array.from({ length: hours }, (_, i) => ({
    time: new Date(Date.UTC(2027, 0, 1) + i * 432_000).toISOString(),
    airTemperatureC: -8,
    humidityFraction: 0.7,
    windMPerS: 2,
    cloudFraction: 0.5,
  }));
const site = { latitude: 46, longitude: 10, altitudeM: 700 };
const largestOutlook = {
  site,
  surface: { kind: 'groomed' },
  weather: weather(1990),
  members: 2000,
};
const products = Array.from({ length: 1000 }, (_, i) => ({
  id: `p${i}`,
  name: `Wax ${i}`,
  labelLowC: -20 + (i % 18),
  labelHighC: -14 + (i % 18),
  additives: [],
  form: 'block',
}));
const snow = {
  temperatureC: -8,
  humidityFraction: 0.6,
  origin: 'natural',
  wetness: 'dry',
  dirt: 'clean',
  glazed: false,
};
const outing = { discipline: 'skate', distanceKm: 10, purpose: 'race' };
const header = 'time;snow temperature [°C];humidity [%];note';
const rows = Array.from(
  { length: 10_000 },
  (_, i) => `2027-01-${10 + (i % 18)} 10:00;-${(i % 200) / 10};70;${'x'.repeat(400)}`,
);

/** The worst that each route can be sent, up to its limit. */
export const WORST: [string, string, string, () => string | Uint8Array<ArrayBuffer>][] = [
  [
    'members of empty objects',
    '/api/v1/pick',
    JSON_TYPE,
    () => `{"outing":{},"members":[${'{},'.repeat(330_000)}{}]}`,
  ],
  [
    'products of empty objects',
    '/api/v1/pick',
    JSON_TYPE,
    () => `{"snow":{},"outing":{},"products":[${'{},'.repeat(999)}{}]}`,
  ],
  ['1000 products', '/api/v1/pick', JSON_TYPE, () => JSON.stringify({ snow, outing, products })],
  [
    'weather of empty objects',
    '/api/v1/outlook',
    JSON_TYPE,
    () => `{"weather":[${'{},'.repeat(330_000)}{}]}`,
  ],
  [
    'weather of bad hours',
    '/api/v1/outlook',
    JSON_TYPE,
    () => `{"weather":[${'{},'.repeat(1999)}{}]}`,
  ],
  ['the largest outlook', '/api/v1/outlook', JSON_TYPE, () => JSON.stringify(largestOutlook)],
  ['nested lists', '/api/v1/pick', JSON_TYPE, () => '['.repeat(499_000)],
  [
    'grip products of empty objects',
    '/api/v1/grip',
    JSON_TYPE,
    () => `{"products":[${'{},'.repeat(330_000)}{}]}`,
  ],
  [
    'twelve passes of the iron',
    '/api/v1/iron',
    JSON_TYPE,
    () =>
      JSON.stringify({
        wax: { meltingC: 85, ironC: 130 },
        ski: { lengthM: 2.4, widthM: 0.05, startC: 15 },
        iron: { plateLengthM: 0.14, plateWidthM: 0.09, massKg: 1, powerW: 800, lagS: 5, setC: 130 },
        passS: 20,
        passes: 12,
        roomC: 15,
        filmMicrometre: 80,
      }),
  ],
  [
    'a header of 1000 spaces',
    '/api/v1/readings?outing=demo-relay',
    CSV,
    () => `${' '.repeat(1000)}[${' '.repeat(1000)}\n1`,
  ],
  [
    'a number of 50,000 digits',
    '/api/v1/readings?outing=demo-relay',
    CSV,
    () => `${header}\n2027-01-17 06:00;-${'9'.repeat(50_000)};70;`,
  ],
  ['a header of commas', '/api/v1/readings?outing=demo-relay', CSV, () => ','.repeat(4.8 * MB)],
  ['lines without end', '/api/v1/readings?outing=demo-relay', CSV, () => '\n'.repeat(4.9 * MB)],
  [
    '10,000 bad rows',
    '/api/v1/readings?outing=demo-relay',
    CSV,
    () => [header, ...rows.map((row) => row.replace(';70;', ';700;'))].join('\n'),
  ],
  [
    '10,000 readings, taken in',
    '/api/v1/readings?outing=demo-relay',
    CSV,
    () => [header, ...rows].join('\n'),
  ],
  [
    '1000 products from a file',
    '/api/v1/products',
    CSV,
    () =>
      [
        'name;label cold end [°C];label warm end [°C]',
        ...products.map((one) => `${one.name};${one.labelLowC};${one.labelHighC}`),
      ].join('\n'),
  ],
  [
    '500 skis from a file',
    '/api/v1/skis',
    CSV,
    () =>
      [
        'name,type,length [cm],waist [mm]',
        ...products.slice(0, 500).map((one) => `Pair ${one.id},skate,190,44`),
      ].join('\n'),
  ],
  [
    'the largest plan, late',
    '/api/v1/plan',
    JSON_TYPE,
    () =>
      JSON.stringify({
        start: '2027-01-15T12:00:00Z',
        technicians: Array.from({ length: 20 }, (_, k) => ({
          id: `hand-${k}`,
          from: '2027-01-15T12:00:00Z',
          to: '2027-01-18T12:00:00Z',
        })),
        irons: [{ id: 'one' }, { id: 'two' }],
        vices: 20,
        brushStands: 3,
        coolingPlaces: 100,
        secondsToSearch: 600,
        pairs: Array.from({ length: 300 }, (_, p) => ({
          id: `pair-${p}`,
          dueAt: '2027-01-15T18:00:00Z',
          steps: Array.from({ length: 13 }, (_step, s) => ({
            key: `step-${s}`,
            activeMin: 3 + ((p + s) % 7),
            waitMin: s % 3 === 0 ? 20 : 0,
            needs: s % 3 === 0 ? ['technician', 'iron'] : ['technician', 'vice'],
            ...(s % 3 === 0 ? { ironC: 110 + 10 * (p % 5) } : {}),
          })),
        })),
      }),
  ],
  [
    'a drawing as a photo of a ski',
    '/api/v1/skis/demo-ski-ilo-skate/photos',
    'image/png',
    () => '<svg xmlns="http://www.w3.org/2000/svg" width="30000" height="30000"/>',
  ],
  [
    'a drawing as a photo',
    '/api/v1/readings/demo-reading-1/photo',
    'image/jpeg',
    () => `<svg xmlns="http://www.w3.org/2000/svg" width="30000" height="30000"/>`,
  ],
];

/** Those that are sound, only large: they must be done, not refused. */
export const TAKEN = new Set([
  '1000 products',
  'the largest outlook',
  'the largest plan, late',
  'twelve passes of the iron',
  '10,000 readings, taken in',
  '1000 products from a file',
  '500 skis from a file',
]);
