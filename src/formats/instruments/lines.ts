/** A line of an instrument: what it is, its figures, and a checksum, such as `$SNPRB,12.5,-7.43,C*3F`. */
export interface InstrumentLine {
  kind: 'probe' | 'infrared' | 'hygrometer' | 'gate';
  values: number[];
}

const KIND_BY_TALKER: Record<string, InstrumentLine['kind']> = {
  SNPRB: 'probe',
  SNIRT: 'infrared',
  SNHUM: 'hygrometer',
  SNGAT: 'gate',
};
const TALKER_BY_KIND = Object.fromEntries(
  Object.entries(KIND_BY_TALKER).map(([talker, kind]) => [kind, talker]),
) as Record<InstrumentLine['kind'], string>;
/** How many figures each sends: seconds and °C; °C and emissivity; humidity in %; number of the gate and seconds. */
const FIGURES: Record<InstrumentLine['kind'], number> = {
  probe: 2,
  infrared: 2,
  hygrometer: 1,
  gate: 2,
};
const UNIT: Record<InstrumentLine['kind'], string> = {
  probe: 'C',
  infrared: 'C',
  hygrometer: 'P',
  gate: 'S',
};

const checksum = (body: string) =>
  [...body]
    .reduce((sum, letter) => sum ^ letter.charCodeAt(0), 0)
    .toString(16)
    .toUpperCase()
    .padStart(2, '0');

/** Writes a line with its checksum (all characters between $ and * exclusive-ored, in hex). */
export function writeInstrumentLine({ kind, values }: InstrumentLine): string {
  const body = [TALKER_BY_KIND[kind], ...values.map((one) => one.toFixed(2)), UNIT[kind]].join(',');
  return `$${body}*${checksum(body)}`;
}

/** Reads a line; undefined for one that is garbled, so that noise on the wire is never a temperature. */
export function readInstrumentLine(text: string): InstrumentLine | undefined {
  const match = /^\$([A-Z]{5}(?:,[^,*]+)+)\*([0-9A-F]{2})\s*$/.exec(text);
  if (!match || checksum(match[1]!) !== match[2]) return undefined;
  const [talker = '', ...rest] = match[1]!.split(',');
  const kind = KIND_BY_TALKER[talker];
  if (!kind || rest.length !== FIGURES[kind] + 1 || rest.at(-1) !== UNIT[kind]) return undefined;
  const values = rest.slice(0, -1).map(Number);
  return values.every(Number.isFinite) ? { kind, values } : undefined;
}
