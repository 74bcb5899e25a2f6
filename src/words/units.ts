/** The units of a device. */
export interface Units {
  temperature: 'C' | 'F';
  length: 'm' | 'ft';
  distance: 'km' | 'mi';
}

export const DEFAULT_UNITS: Units = { temperature: 'C', length: 'm', distance: 'km' };
export const UNITS_COOKIE = 'frost-units';

/** Units from the cookie `C.m.km`; anything else gives the defaults. */
export function unitsFromCookie(value: string | undefined): Units {
  const [temperature, length, distance] = (value ?? '').split('.');
  return {
    temperature: temperature === 'F' ? 'F' : 'C',
    length: length === 'ft' ? 'ft' : 'm',
    distance: distance === 'mi' ? 'mi' : 'km',
  };
}

export function unitsToCookie(units: Units): string {
  return [units.temperature, units.length, units.distance].join('.');
}
