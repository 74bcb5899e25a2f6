import {
  parseMetar,
  parseTAFAsForecast,
  SpeedUnit,
  type Forecast,
  type IAbstractWeatherContainer,
  type IWeatherCondition,
} from 'metar-taf-parser';
import { saturationOverWaterHPa } from '../../core/air';
import type { WeatherSample } from '../../core/snow/outlook';
import { formatsScreenWords } from '../../words/screens/formats';

const WORDS = formatsScreenWords.reports;

/** What reports gave, with a sentence on everything that is not in them and was taken. */
export type ReportedWeather =
  | { ok: true; samples: WeatherSample[]; notes: string[] }
  | { ok: false; problems: { line: number; field: string; message: string }[] };

const HOUR_MS = 3_600_000;
const METRES_PER_SECOND: Record<SpeedUnit, number> = {
  [SpeedUnit.Knot]: 0.514444,
  [SpeedUnit.MetersPerSecond]: 1,
  [SpeedUnit.KilometersPerHour]: 1 / 3.6,
};
/** Middle of the eighths that a cloud group stands for. */
const CLOUD_BY_GROUP: Record<string, number> = { FEW: 0.2, SCT: 0.45, BKN: 0.75, OVC: 1 };
/** Water of an hour of snow or rain by its intensity, mm (house). */
const RATE_BY_INTENSITY: Record<string, number> = { '-': 0.3, '': 1, '+': 3, VC: 0 };
const FALLING = new Set(['SN', 'RA', 'SG', 'PL', 'DZ', 'GS', 'GR']);
/**
 * Changes that come and go hold less than half of their hours (ICAO, Annex 3); half of them is taken. A chance alone
 * has no such limit.
 */
const HELD_BY_CHANGE: Record<string, number> = { TEMPO: 0.5, INTER: 0.5, PROB: 1 };
/** Humidity over water taken where a forecast gives none. */
const ASSUMED_HUMIDITY = 0.75;

const precipitationOf = (conditions: readonly IWeatherCondition[]) =>
  conditions.reduce((most, { intensity, phenomenons }) => {
    const falls = phenomenons.some((one) => FALLING.has(String(one)));
    return falls ? Math.max(most, RATE_BY_INTENSITY[intensity ?? ''] ?? 1) : most;
  }, 0);

const cloudOf = ({ clouds, cavok }: IAbstractWeatherContainer) =>
  cavok
    ? 0
    : clouds.reduce((most, cloud) => Math.max(most, CLOUD_BY_GROUP[cloud.quantity] ?? 0), 0);

const windOf = ({ wind }: IAbstractWeatherContainer) =>
  wind ? wind.speed * METRES_PER_SECOND[wind.unit] : undefined;

function metarSample(text: string, now: Date): WeatherSample | string {
  const metar = parseMetar(text, { issued: now });
  if (metar.temperature === undefined) return WORDS.metarGivesNoTemperature;
  const humidityFraction =
    metar.dewPoint === undefined
      ? ASSUMED_HUMIDITY
      : Math.min(
          1,
          saturationOverWaterHPa(metar.dewPoint) / saturationOverWaterHPa(metar.temperature),
        );
  return {
    timeMs: metar.issued.getTime(),
    airTemperatureC: metar.temperature,
    humidityFraction,
    windMPerS: windOf(metar) ?? 1,
    cloudFraction: cloudOf(metar),
    precipitationMm: precipitationOf(metar.weatherConditions),
  };
}

/** Temperature between the day's dated extremes by half a cosine; held beyond them. */
function temperatureBetween(extremes: { ms: number; t: number }[], ms: number): number {
  const after = extremes.findIndex((one) => one.ms >= ms);
  if (after <= 0) return extremes[after === 0 ? 0 : extremes.length - 1]!.t;
  const [a, b] = [extremes[after - 1]!, extremes[after]!];
  const share = (1 - Math.cos((Math.PI * (ms - a.ms)) / (b.ms - a.ms))) / 2;
  return a.t + share * (b.t - a.t);
}

type Expected = Pick<WeatherSample, 'windMPerS' | 'cloudFraction' | 'precipitationMm'>;

/** How much of its time a change that comes and goes is there, 0 … 1; undefined for what lasts. */
function shareOf({ type, probability }: Forecast): number | undefined {
  const held = HELD_BY_CHANGE[type ?? ''];
  return held === undefined ? undefined : (held * (probability ?? 100)) / 100;
}

/**
 * What is expected of an hour: what lasts, the last group of it first, and by its share each change that comes and goes.
 * Such a change names only what it changes.
 */
function expected(groups: readonly Forecast[], first: Forecast): Expected {
  const lasting = groups.filter((one) => shareOf(one) === undefined).at(-1) ?? first;
  const hour = {
    windMPerS: windOf(lasting) ?? windOf(first) ?? 1,
    cloudFraction: cloudOf(lasting),
    precipitationMm: precipitationOf(lasting.weatherConditions),
  };
  for (const group of groups) {
    const share = shareOf(group) ?? 0;
    const towards = (value: number, changed: number | undefined) =>
      changed === undefined ? value : value + share * (changed - value);
    hour.windMPerS = towards(hour.windMPerS, windOf(group));
    if (group.cavok || group.clouds.length > 0)
      hour.cloudFraction = towards(hour.cloudFraction, cloudOf(group));
    if (group.cavok || group.weatherConditions.length > 0)
      hour.precipitationMm = towards(
        hour.precipitationMm,
        precipitationOf(group.weatherConditions),
      );
  }
  return hour;
}

function tafSamples(
  text: string,
  now: Date,
): { samples: WeatherSample[]; notes: string[] } | string {
  const taf = parseTAFAsForecast(text, { issued: now });
  const extremes = [taf.minTemperature, taf.maxTemperature]
    .flatMap((one) => (one ? [{ ms: one.date.getTime(), t: one.temperature }] : []))
    .sort((a, b) => a.ms - b.ms);
  if (extremes.length === 0) {
    return WORDS.tafGivesNoTemperatures;
  }
  const samples: WeatherSample[] = [];
  const lastMs = taf.end.getTime();
  for (let ms = taf.start.getTime(); ms <= lastMs; ms += HOUR_MS) {
    const groups = taf.forecast.filter(
      ({ start, end }) => start.getTime() <= ms && (ms < end.getTime() || end.getTime() === lastMs),
    );
    samples.push({
      timeMs: ms,
      airTemperatureC: Number(temperatureBetween(extremes, ms).toFixed(1)),
      humidityFraction: ASSUMED_HUMIDITY,
      ...expected(groups, taf.forecast[0]!),
    });
  }
  const notes = [
    WORDS.tafGivesNoHumidity(Math.round(100 * ASSUMED_HUMIDITY)),
    extremes.length < 2 ? WORDS.tafOneExtreme : WORDS.betweenTheExtremes,
  ];
  return { samples, notes };
}

/** Reports parted by line ends; a TAF goes on over indented or change-group lines. */
function splitReports(text: string): { line: number; text: string }[] {
  const reports: { line: number; text: string }[] = [];
  text.split(/\r?\n/).forEach((raw, i) => {
    const line = raw.trim().replace(/=$/, '');
    if (line === '') return;
    const goesOn = /^(BECMG|TEMPO|PROB\d\d|FM\d{6}|TX|TN)\b/.test(line) || /^\s/.test(raw);
    const last = reports.at(-1);
    if (goesOn && last) last.text += ` ${line}`;
    else reports.push({ line: i + 1, text: line });
  });
  return reports;
}

/**
 * Weather from pasted METARs and TAFs. `now` tells which month the days in them are of. METAR times win
 * over TAF hours. One report that cannot be read and nothing is returned, with its line and why.
 */
export function readReports(text: string, now: Date): ReportedWeather {
  const byTime = new Map<number, WeatherSample>();
  const measured: WeatherSample[] = [];
  const notes = new Set<string>();
  const problems: { line: number; field: string; message: string }[] = [];
  for (const report of splitReports(text)) {
    const isTaf = /^TAF\b/.test(report.text);
    try {
      if (isTaf) {
        const made = tafSamples(report.text, now);
        if (typeof made === 'string') problems.push({ ...report, field: 'TAF', message: made });
        else {
          for (const sample of made.samples) byTime.set(sample.timeMs, sample);
          for (const note of made.notes) notes.add(note);
        }
      } else {
        const sample = metarSample(report.text, now);
        if (typeof sample === 'string')
          problems.push({ ...report, field: 'METAR', message: sample });
        else measured.push(sample);
      }
    } catch {
      problems.push({
        line: report.line,
        field: isTaf ? 'TAF' : 'METAR',
        message: WORDS.cannotBeRead(report.text.slice(0, 40)),
      });
    }
  }
  if (byTime.size + measured.length + problems.length === 0) {
    problems.push({ line: 1, field: 'text', message: WORDS.pasteOne });
  }
  if (problems.length > 0) {
    return {
      ok: false,
      problems: problems.map(({ line, field, message }) => ({ line, field, message })),
    };
  }
  for (const sample of measured) byTime.set(sample.timeMs, sample);
  const samples = [...byTime.values()].sort((a, b) => a.timeMs - b.timeMs);
  return { ok: true, samples, notes: [...notes] };
}
