import { describe, expect, it } from 'vitest';
import { readReports } from './aviation/reports';
import { writeCalendar } from './calendar/outing';
import { readWeather } from './csv/weather';
import { readCourseTrack } from './gpx/course';

const now = new Date('2026-11-23T12:00:00Z');

describe('weather from CSV', () => {
  const header =
    'time;air temperature [°C];humidity [%];wind [km/h];cloud [okta];precipitation [mm]';

  it('converts units and takes times on the venue’s clock', () => {
    const file = readWeather(
      `${header}\n2027-01-16 15:00;−3,5;70;18;4;\n2027-01-16 16:00;-4;72;9;0;0,2`,
      'CET',
    );
    expect(file).toMatchObject({
      ok: true,
      rows: [
        {
          timeMs: Date.parse('2027-01-16T14:00:00Z'),
          airTemperatureC: -3.5,
          windMPerS: 5,
          cloudFraction: 0.5,
        },
        { humidityFraction: 0.72, precipitationMm: 0.2 },
      ],
    });
  });

  it('names the line that is out of order, and a gap', () => {
    const rows = (times: string[]) =>
      readWeather([header, ...times.map((time) => `${time};-3;70;9;0;`)].join('\n'), 'CET');
    expect(rows(['2027-01-16 15:00', '2027-01-16 14:00'])).toMatchObject({
      ok: false,
      problems: [{ line: 3, field: 'time' }],
    });
    const gap = rows(['2027-01-16 10:00', '2027-01-16 16:00']);
    expect(!gap.ok && gap.problems[0]!.message).toContain('gap of more than 3 h');
  });
});

describe('METAR and TAF', () => {
  it('gives the hour of a METAR: humidity from its dew point, wind in m/s, cloud and snow', () => {
    const report = readReports(
      'METAR LXXX 231150Z 24008KT 9999 -SN SCT020 BKN040 M03/M06 Q1013=',
      now,
    );
    if (!report.ok) throw new Error('not read');
    const [sample] = report.samples;
    expect(sample).toMatchObject({
      timeMs: Date.parse('2026-11-23T11:50:00Z'),
      airTemperatureC: -3,
      cloudFraction: 0.75,
      precipitationMm: 0.3,
    });
    expect(sample!.windMPerS).toBeCloseTo(4.12, 2);
    expect(sample!.humidityFraction).toBeCloseTo(0.798, 2);
  });

  it('takes what comes and goes by its share, and only what it names', () => {
    const report = readReports(
      `TAF LXXX 231100Z 2312/2412 24010KT 9999 OVC030 -SN TX01/2313Z TNM07/2405Z
        TEMPO 2314/2316 +SN
        PROB30 2318/2320 24020KT SKC
        BECMG 2322/2323 30015KT
        FM240400 VRB02KT CAVOK`,
      now,
    );
    if (!report.ok) throw new Error('not read');
    const hour = (time: string) =>
      report.samples.find(({ timeMs }) => timeMs === Date.parse(`2026-11-${time}:00Z`))!;
    const knots = (speed: number) => 0.514444 * speed;
    // Half of the hour heavy snow, 3 mm, half of it light, 0.3 mm; the cover stays closed.
    expect(hour('23T15').precipitationMm).toBeCloseTo(1.65, 10);
    expect(hour('23T15')).toMatchObject({ cloudFraction: 1, windMPerS: knots(10) });
    for (const time of ['23T13', '23T16', '23T17', '23T21']) {
      expect(hour(time)).toMatchObject({ cloudFraction: 1, precipitationMm: 0.3 });
    }
    // Three chances in ten of a clear sky and twice the wind.
    expect(hour('23T18').cloudFraction).toBeCloseTo(0.7, 10);
    expect(hour('23T18').windMPerS).toBeCloseTo(knots(13), 10);
    expect(hour('23T18').precipitationMm).toBeCloseTo(0.3, 10);
    // A change of wind alone leaves cloud and snow as they were.
    expect(hour('23T23')).toMatchObject({
      cloudFraction: 1,
      precipitationMm: 0.3,
      windMPerS: knots(15),
    });
    expect(hour('24T04')).toMatchObject({ cloudFraction: 0, precipitationMm: 0 });
    expect(hour('24T12')).toMatchObject({ cloudFraction: 0, windMPerS: knots(2) });
    expect(report.samples).toHaveLength(25);
  });

  it('gives the hours of a TAF over several lines, and says what it took', () => {
    const taf = [
      'TAF LXXX 231100Z 2312/2412 24008KT 9999 SCT030 TX01/2313Z TNM07/2405Z',
      '  BECMG 2318/2320 20003KT CAVOK=',
    ].join('\n');
    const report = readReports(taf, now);
    if (!report.ok) throw new Error('not read');
    expect(report.samples).toHaveLength(25);
    const at = (iso: string) => report.samples.find((one) => one.timeMs === Date.parse(iso))!;
    expect(at('2026-11-23T13:00:00Z').airTemperatureC).toBe(1);
    expect(at('2026-11-24T05:00:00Z').airTemperatureC).toBe(-7);
    expect(at('2026-11-23T21:00:00Z').airTemperatureC).toBeCloseTo(-3, 1);
    expect(at('2026-11-24T00:00:00Z').cloudFraction).toBe(0);
    expect(report.notes.join(' ')).toContain('no humidity');
  });

  it('says which line cannot be read, and why', () => {
    const noTemperature = readReports('TAF LXXX 231100Z 2312/2412 24008KT 9999 SCT030', now);
    expect(!noTemperature.ok && noTemperature.problems[0]!.message).toContain('TX, TN');
    const nonsense = readReports('METAR LXXX 231150Z 24008KT M03/M06 Q1013\nhello there', now);
    expect(nonsense).toMatchObject({ ok: false, problems: [{ line: 2 }] });
    expect(readReports('  \n', now).ok).toBe(false);
  });
});

describe('a course from GPX', () => {
  const gpx = (points: [number, number, number?][]) =>
    `<?xml version="1.0"?><gpx xmlns="http://www.topografix.com/GPX/1/1" version="1.1"><trk><trkseg>${points
      .map(
        ([lat, lon, ele]) =>
          `<trkpt lat="${lat}" lon="${lon}">${ele === undefined ? '' : `<ele>${ele}</ele>`}</trkpt>`,
      )
      .join('')}</trkseg></trk></gpx>`;
  // Northward, falling 10 m in each 0.001° (111 m).
  const falling = Array.from({ length: 17 }, (_, i): [number, number, number] => [
    46.6 + i * 0.001,
    10.2,
    900 - 10 * i,
  ]);
  const read = (text: string, reversed = false) => {
    const file = readCourseTrack(text, 700, reversed);
    if (!file.ok) throw new Error(file.message);
    return file.track;
  };

  it('makes eight segments with length, altitude, slope and the aspect of the fall', () => {
    const track = read(gpx(falling));
    expect(track.lengthM).toBeCloseTo(1779, -1);
    expect(track.segments).toHaveLength(8);
    expect(track.segments[0]).toMatchObject({ lengthM: 222, aspectDeg: 0 });
    expect(track.segments[0]!.slopeDeg).toBeCloseTo(5.1, 0);
    expect(track.segments[0]!.altitudeM).toBeGreaterThan(track.segments[7]!.altitudeM);
  });

  it('keeps the ground’s aspect when run the other way', () => {
    const back = read(gpx(falling), true);
    expect(back.segments[0]!.altitudeM).toBeLessThan(back.segments[7]!.altitudeM);
    expect(back.segments[0]!.aspectDeg).toBe(0);
  });

  it('bridges altitude gaps, takes the venue’s where there is none, and drops doubles', () => {
    const holed = falling.map(([lat, lon, ele], i): [number, number, number?] =>
      i === 5 ? [lat, lon] : [lat, lon, ele],
    );
    const bridged = read(gpx([...holed.slice(0, 3), holed[2]!, ...holed.slice(3)]));
    expect(bridged.notes.join(' ')).toContain('1 points without altitude');
    expect(bridged.lengthM).toBeCloseTo(1779, -1);
    const flat = read(gpx(falling.map(([lat, lon]): [number, number] => [lat, lon])));
    expect(flat.segments[0]).toMatchObject({ altitudeM: 700, slopeDeg: 0 });
    expect(flat.notes.join(' ')).toContain('no altitude');
  });

  it('takes a route where there is no track, with prefixed names', () => {
    const points = falling.map(([lat, lon]) => `<g:rtept lat="${lat}" lon="${lon}"/>`).join('');
    const route = `<g:gpx xmlns:g="urn:g"><g:rte>${points}</g:rte></g:gpx>`;
    expect(read(route).lengthM).toBeCloseTo(1779, -1);
  });

  it('refuses one point, a standing track, and what is no GPX', () => {
    for (const text of [
      gpx([[46, 10, 700]]),
      gpx([
        [46, 10],
        [46, 10],
      ]),
      'hello',
      '<gpx',
      '<gpx/>',
      '<gpx><trk/></gpx>',
      '<gpx><trk><trkseg><trkpt/><trkpt>1</trkpt></trkseg></trk></gpx>',
      '',
    ]) {
      expect(readCourseTrack(text, 700).ok).toBe(false);
    }
  });
});

it('writes an outing as a calendar entry in UTC', () => {
  const text = writeCalendar({
    id: 'demo-relay',
    name: 'Lantern dusk relay',
    place: 'Lantern Loop',
    latitude: 46.6,
    longitude: 10.2,
    startAt: '2027-01-16T16:00:00Z',
    hours: 2,
    note: 'Black frost',
  });
  expect(text).toContain('BEGIN:VCALENDAR');
  expect(text).toContain('DTSTART:20270116T160000Z');
  expect(text).toContain('SUMMARY:Lantern dusk relay');
});

it('writes a calendar entry in which no name becomes a line of its own', () => {
  const evil = 'Race\rATTENDEE:mailto:x@evil.example';
  const text = writeCalendar({
    id: evil,
    name: evil,
    place: `${evil}\u2028X:1\u0085Y:2`,
    startAt: '2027-01-16T16:00:00Z',
    hours: 2,
    note: `${evil}\r\nSecond line\u0000`,
  });
  expect(text.replaceAll('\r\n', '')).not.toMatch(/[\r\n\u2028\u0085\u0000]/);
  expect(text.split(/\r\n/).filter((line) => /^(ATTENDEE|X|Y):/.test(line))).toEqual([]);
  expect(text).toContain('SUMMARY:Race ATTENDEE:mailto:x@evil.example');
});
