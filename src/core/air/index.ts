export { STANDARD_LAPSE_K_PER_M, airTemperatureAtC, stationPressureHPa } from './altitude';
export {
  dewPointC,
  frostPointC,
  humidityOverIceFraction,
  saturationOverIceHPa,
  saturationOverWaterHPa,
  vapourPressureHPa,
} from './saturation';
export { wetBulbC } from './wet-bulb';
