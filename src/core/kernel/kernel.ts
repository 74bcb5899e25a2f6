import compiled from './compiled.json';
import { stepMembers, type Ensemble } from './member-step';

/** An ensemble ready to be carried on. */
export interface Kernel {
  /** Carries all members through step `i` of the weather. */
  step: (i: number) => void;
}

/** What the compiled kernel offers. */
interface Program {
  memory: WebAssembly.Memory;
  room: (bytes: number) => number;
  stepMembers: (ensemble: number, i: number) => void;
}

/** Where each field of an object stands in the kernel's memory, bytes, and what it is. */
interface Shape {
  bytes: number;
  fields: Record<string, { at: number; type: string }>;
}

type Part = Record<string, unknown>;

const SHAPES: Record<string, Shape> = compiled.shapes;
const ROOT = 'Ensemble';
/** Lists stand on whole numbers of this many bytes, and keep their own length before them. */
const WORD = Float64Array.BYTES_PER_ELEMENT;
const LENGTH_BYTES = Uint32Array.BYTES_PER_ELEMENT;

const shapeOf = (type: string): Shape => SHAPES[type]!;
const partOf = (ensemble: Ensemble) => ensemble as unknown as Part;

let program: WebAssembly.Module | null | undefined;

/** The compiled kernel, read once; null where a browser is set to run none. */
function programOf(): WebAssembly.Module | null {
  if (program !== undefined) return program;
  try {
    const bytes = Uint8Array.from(atob(compiled.program), (letter) => letter.charCodeAt(0));
    program = new WebAssembly.Module(bytes);
  } catch {
    program = null;
  }
  return program;
}

const aligned = (bytes: number) => WORD * Math.ceil(bytes / WORD);

/** Bytes that an object of a shape takes with all its parts. */
function bytesOf({ bytes, fields }: Shape, part: Part): number {
  let total = aligned(bytes);
  for (const [name, { type }] of Object.entries(fields)) {
    if (type === 'Doubles') total += WORD + (part[name] as Float64Array).byteLength;
    else if (type in SHAPES) total += bytesOf(shapeOf(type), part[name] as Part);
  }
  return total;
}

/** Carries what an object holds now into its place in the kernel's memory. */
type Refresh = (part: Part) => void;

/** The memory of a kernel from `next` on: places for objects, one after the other. */
class Room {
  constructor(
    private readonly memory: DataView,
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

  /** A place for an object of a shape and for all its parts. Whatever is put into it later is carried there too. */
  place(shape: Shape, part: Part): { at: number; refresh: Refresh } {
    const start = this.take(shape.bytes);
    const fields = Object.entries(shape.fields).map(([name, { at, type }]) =>
      this.field(start + at, type, { name, value: part[name] }),
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
    const placed = this.place(shapeOf(type), value as Part);
    memory.setUint32(at, placed.at, true);
    return (now) => placed.refresh(now[name] as Part);
  }
}

/** A running program, and where in its memory there are so many bytes. */
interface Started {
  program: Program;
  next: number;
}

/** Starts the program with a memory of its own; null where there is none, or no room for one more memory. */
function startWith(bytes: number): Started | null {
  const kept = programOf();
  if (!kept) return null;
  try {
    const started = new WebAssembly.Instance(kept).exports as unknown as Program;
    return { program: started, next: started.room(bytes) };
  } catch {
    return null;
  }
}

/**
 * Makes an ensemble ready. It moves into the memory of the compiled kernel: its lists are views of that memory from
 * then on, and any that is replaced by another of the same length moves in with the next step. Where a browser is set
 * to run no compiled programs the TypeScript that it is compiled from does the same.
 */
export function kernelFor(ensemble: Ensemble): Kernel {
  const started = startWith(bytesOf(shapeOf(ROOT), partOf(ensemble)));
  return started ? compiledKernel(started, ensemble) : plainKernel(ensemble);
}

/** The kernel as TypeScript. */
export const plainKernel = (ensemble: Ensemble): Kernel => ({
  step: (i) => stepMembers(ensemble, i),
});

function compiledKernel({ program: running, next }: Started, ensemble: Ensemble): Kernel {
  const part = partOf(ensemble);
  const room = new Room(new DataView(running.memory.buffer), next);
  const { at, refresh } = room.place(shapeOf(ROOT), part);
  refresh(part);
  return {
    step(i) {
      refresh(part);
      running.stepMembers(at, i);
    },
  };
}
