import { standInInfrared, standInProbe } from '@/core/instruments';
import { randomSource } from '@/core/random';
import { STAND_IN_SPEED, type Instrument } from '@/formats/instruments/instrument';
import { writeInstrumentLine } from '@/formats/instruments/lines';

/** The snow and air that the stand-ins pretend to be in. */
export interface PretendedSnow {
  contactC: number;
  surfaceC: number;
  airC: number;
  humidityFraction: number;
}

const SAMPLE_EVERY_MS = 250;
const PROBE_TIME_CONSTANT_S = 18;
const SKY_BELOW_AIR_C = 25;
const EMISSIVITY = 0.98;
const DAYLIGHT_ERROR_C = 0.4;
const HUMIDITY_NOISE = 2;

const pause = (ms: number) => new Promise<void>((resolve) => setTimeout(resolve, ms));

/** A probe that drifts to the snow's temperature; one line in twenty is garbled, as on a bad cable. */
export function pretendedProbe(snow: PretendedSnow, seed: number): Instrument {
  return {
    async *lines(signal) {
      const random = randomSource(seed);
      const sampleAt = standInProbe(snow.contactC, {
        airC: snow.airC,
        timeConstantS: PROBE_TIME_CONSTANT_S,
        random,
      });
      for (let n = 1; !signal.aborted; n += 1) {
        await pause(SAMPLE_EVERY_MS);
        const { seconds, temperatureC } = sampleAt((n * SAMPLE_EVERY_MS * STAND_IN_SPEED) / 1000);
        const line = writeInstrumentLine({ kind: 'probe', values: [seconds, temperatureC] });
        yield random.uniform() < 0.05 ? line.slice(3) : line;
      }
    },
  };
}

/** An infra-red gun: one shot. */
export function pretendedInfrared(snow: PretendedSnow, seed: number): Instrument {
  return {
    async *lines() {
      await pause(SAMPLE_EVERY_MS);
      const skyC = snow.airC - SKY_BELOW_AIR_C;
      const read = standInInfrared(snow.surfaceC, {
        skyC,
        emissivity: EMISSIVITY,
        daylightErrorC: DAYLIGHT_ERROR_C,
        random: randomSource(seed),
      });
      yield writeInstrumentLine({ kind: 'infrared', values: [read, EMISSIVITY] });
    },
  };
}

/** A hygrometer: one reading over water. */
export function pretendedHygrometer(snow: PretendedSnow, seed: number): Instrument {
  return {
    async *lines() {
      await pause(SAMPLE_EVERY_MS);
      const percent = 100 * snow.humidityFraction + HUMIDITY_NOISE * randomSource(seed).normal();
      const values = [Math.min(100, Math.max(1, percent))];
      yield writeInstrumentLine({ kind: 'hygrometer', values });
    },
  };
}
