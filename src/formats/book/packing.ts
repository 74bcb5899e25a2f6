import { deflateRawSync, inflateRawSync } from 'node:zlib';
import { columnsOf, type BookName, type BookRecord } from '../../core/book';

/** The key under which a packed value stands in place of itself. */
const PACKED = 'deflated';
/** Values longer than that are packed, characters of JSON. */
const LEAST = 800;
/** Fast: nobody waits for the last tenth. */
const LEVEL = 2;
/** What a packed value may come to. */
const MOST = 4_000_000;

const jsonColumns = (name: BookName): string[] =>
  Object.entries(columnsOf(name)).flatMap(([column, { type }]) =>
    type === 'json' ? [column] : [],
  );

/** A record with its long values packed: a choice holds the whole shelf as it was. */
export function packedRecord(name: BookName, record: BookRecord): BookRecord {
  const long = jsonColumns(name).flatMap((column) => {
    const json = record[column] === null ? '' : JSON.stringify(record[column]);
    if (json === undefined || json.length < LEAST) return [];
    return [
      [column, { [PACKED]: deflateRawSync(json, { level: LEVEL }).toString('base64') }] as const,
    ];
  });
  return long.length === 0 ? record : { ...record, ...Object.fromEntries(long) };
}

const packedIn = (value: unknown): string | undefined => {
  if (typeof value !== 'object' || value === null || !(PACKED in value)) return undefined;
  const text = value[PACKED];
  return Object.keys(value).length === 1 && typeof text === 'string' ? text : undefined;
};

function valueOf(text: string): unknown {
  try {
    const json = inflateRawSync(Buffer.from(text, 'base64'), { maxOutputLength: MOST });
    return JSON.parse(json.toString('utf8')) as unknown;
  } catch {
    // What cannot be unpacked is no value; the check of the record tells so.
    return undefined;
  }
}

/** A record as it was before it was packed; anything else as it is. */
export function unpackedRecord(record: BookRecord): BookRecord {
  if (typeof record !== 'object' || record === null || Array.isArray(record)) return record;
  const packed = Object.entries(record).flatMap(([column, value]) => {
    const text = packedIn(value);
    return text === undefined ? [] : [[column, valueOf(text)] as const];
  });
  return packed.length === 0 ? record : { ...record, ...Object.fromEntries(packed) };
}
