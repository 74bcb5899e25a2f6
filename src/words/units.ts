/** What a device may read each quantity in, the usual first. The cookie holds them in this order: new ones go to the end. */
export const UNIT_CHOICES = {
  temperature: ['C', 'F'],
  length: ['m', 'ft'],
  distance: ['km', 'mi'],
} as const;

export type UnitOf = keyof typeof UNIT_CHOICES;

/** The units of a device. */
export type Units = { [Of in UnitOf]: (typeof UNIT_CHOICES)[Of][number] };

export const UNITS_OF = Object.keys(UNIT_CHOICES) as UnitOf[];

/** Each quantity with the unit that is found for it; the usual one where that is none of its units. */
const unitsBy = (find: (of: UnitOf, at: number) => string | undefined): Units =>
  Object.fromEntries(
    UNITS_OF.map((of, at) => {
      const units: readonly string[] = UNIT_CHOICES[of];
      const found = find(of, at);
      return [of, found !== undefined && units.includes(found) ? found : units[0]];
    }),
  ) as Units;

export const DEFAULT_UNITS: Units = unitsBy(() => undefined);
export const UNITS_COOKIE = 'frost-units';

/** Units from the cookie `C.m.km`; anything else gives the defaults. */
export function unitsFromCookie(value: string | undefined): Units {
  const parts = (value ?? '').split('.');
  return unitsBy((_, at) => parts[at]);
}

export const unitsToCookie = (units: Units): string => UNITS_OF.map((of) => units[of]).join('.');
