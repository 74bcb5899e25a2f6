/** Lists stand on whole numbers of this many bytes, and keep their own length before them. */
const WORD = Float64Array.BYTES_PER_ELEMENT;
const LENGTH_BYTES = Uint32Array.BYTES_PER_ELEMENT;

/** Where each field of an object stands in the kernel's memory, bytes, and what it is. */
export interface Shape {
  bytes: number;
  fields: Record<string, { at: number; type: string }>;
}

/** The shapes of an object and of its parts, by type. */
export type Shapes = Record<string, Shape>;

/** An object with fields as a shape has them. */
export type Part = Record<string, unknown>;

const aligned = (bytes: number) => WORD * Math.ceil(bytes / WORD);

/** Bytes that an object of a type takes with all its parts. */
export function bytesOf(shapes: Shapes, type: string, part: Part): number {
  const { bytes, fields } = shapes[type]!;
  let total = aligned(bytes);
  for (const [name, { type: own }] of Object.entries(fields)) {
    if (own === 'Doubles') total += WORD + (part[name] as Float64Array).byteLength;
    else if (own in shapes) total += bytesOf(shapes, own, part[name] as Part);
  }
  return total;
}

/** Carries what an object holds now into its place in the kernel's memory. */
type Refresh = (part: Part) => void;

/** The memory of a kernel from `next` on: places for objects, one after the other. */
export class Room {
  constructor(
    private readonly memory: DataView,
    private readonly shapes: Shapes,
    private next: number,
  ) {}

  private take(bytes: number): number {
    const at = this.next;
    this.next += aligned(bytes);
    return at;
  }

  /** A place for a list; gives the view of it. */
  private list(length: number): Float64Array {
    const { buffer } = this.memory;
    const at = this.take(WORD + WORD * length) + WORD;
    this.memory.setUint32(at - LENGTH_BYTES, WORD * length, true);
    return new Float64Array(buffer, at, length);
  }

  /** A place for an object of a type and for all its parts. Whatever is put into it later is carried there too. */
  place(type: string, part: Part): { at: number; refresh: Refresh } {
    const shape = this.shapes[type]!;
    const start = this.take(shape.bytes);
    const fields = Object.entries(shape.fields).map(([name, { at, type: own }]) =>
      this.field(start + at, own, { name, value: part[name] }),
    );
    return { at: start, refresh: (now) => fields.forEach((refresh) => refresh(now)) };
  }

  private field(
    at: number,
    type: string,
    { name, value }: { name: string; value: unknown },
  ): Refresh {
    const { memory } = this;
    if (type === 'f64') return (now) => memory.setFloat64(at, now[name] as number, true);
    if (type === 'i32') return (now) => memory.setInt32(at, now[name] as number, true);
    if (type === 'Doubles') {
      const own = this.list((value as Float64Array).length);
      memory.setUint32(at, own.byteOffset, true);
      return (now) => {
        if (now[name] === own) return;
        own.set(now[name] as Float64Array);
        now[name] = own;
      };
    }
    const placed = this.place(type, value as Part);
    memory.setUint32(at, placed.at, true);
    return (now) => placed.refresh(now[name] as Part);
  }
}
