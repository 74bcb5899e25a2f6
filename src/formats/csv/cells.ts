import { DomainError } from '../../core/errors';
import { instantFromLocal, isLocalTime } from '../../core/time';
import { celsiusFromFahrenheit } from '../../core/units';
import { armedAgain, parseNumber } from './table';

/** How a cell's text becomes a value; undefined for an empty one. */
export type Cell = (text: string, context: { decimalComma: boolean; timeZone: string }) => unknown;

export const numberCell =
  (convert: (value: number) => number = (value) => value): Cell =>
  (text, { decimalComma }) => {
    const value = parseNumber(text, decimalComma);
    return value === undefined || Number.isNaN(value) ? value : convert(value);
  };
export const wordCell: Cell = (text) =>
  text.trim().toLowerCase().replace(/[ -]+/g, '_') || undefined;
export const textCell: Cell = (text) => armedAgain(text.trim()) || undefined;
export const YES_NO: Record<string, boolean> = {
  yes: true,
  true: true,
  '1': true,
  no: false,
  false: false,
  '0': false,
};

/** A moment with its zone as it is; a local time is taken on the venue's clock. */
export const timeCell: Cell = (text, { timeZone }) => {
  const cell = text.trim();
  if (!isLocalTime(cell)) return cell || undefined;
  try {
    return instantFromLocal(cell, timeZone);
  } catch (error) {
    if (error instanceof DomainError) return cell;
    throw error;
  }
};

/** Units a temperature may stand in. */
export const temperatureUnits: Record<string, Cell> = {
  '°c': numberCell(),
  c: numberCell(),
  '°f': numberCell(celsiusFromFahrenheit),
  f: numberCell(celsiusFromFahrenheit),
};

/** Units a fraction may stand in. */
export const fractionUnits: Record<string, Cell> = {
  '%': numberCell((value) => value / 100),
  '1': numberCell(),
};

/** A column without a unit. */
export const withoutUnit = (cell: Cell): Record<string, Cell> => ({ '': cell });
