import { IRON } from './figures';
import type { IronBench } from './types';

const PLATE_STEP_S = 0.1;
/** Both sides of an iron give heat to the room, as a multiple of its plate. */
const PLATE_LOSS_SIDES = 2;

/** The plate and what its thermostat feels, °C. */
export interface Plate {
  temperatureC: number;
  sensorC: number;
}

/** The plate over `seconds` with a draw of `drawWPerK` to something at `sinkC`: heater, thermostat with its lag, room. */
export function runPlate(
  plate: Plate,
  question: Pick<IronBench, 'iron' | 'roomC' | 'ski'>,
  seconds: number,
  drawWPerK: number,
  sinkC: number,
): { plate: Plate; meanC: number } {
  const { iron, roomC, ski } = question;
  const lagS = iron.lagS ?? IRON.defaultLagS;
  const stored = iron.massKg * IRON.plateHeatCapacity;
  const area = iron.plateLengthM * (iron.plateWidthM ?? ski.widthM);
  const loss = PLATE_LOSS_SIDES * area * IRON.convection;
  const steps = Math.max(1, Math.round(seconds / PLATE_STEP_S));
  const dt = seconds / steps;
  let { temperatureC, sensorC } = plate;
  let sum = 0;
  for (let k = 0; k < steps; k += 1) {
    const heater = sensorC < iron.setC ? iron.powerW : 0;
    const net = heater - drawWPerK * (temperatureC - sinkC) - loss * (temperatureC - roomC);
    temperatureC += (dt * net) / stored;
    sensorC +=
      lagS > 0 ? Math.min(1, dt / lagS) * (temperatureC - sensorC) : temperatureC - sensorC;
    sum += temperatureC * dt;
  }
  return { plate: { temperatureC, sensorC }, meanC: seconds > 0 ? sum / seconds : temperatureC };
}
