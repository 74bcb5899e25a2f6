import compiled from './compiled.json';
import { stepMembers, type Ensemble } from './member-step';
import { bytesOf, Room, type Part, type Shapes } from './room';

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

const SHAPES: Shapes = compiled.shapes;
const ROOT = 'Ensemble';
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
  const started = startWith(bytesOf(SHAPES, ROOT, partOf(ensemble)));
  return started ? compiledKernel(started, ensemble) : plainKernel(ensemble);
}

/** The kernel as TypeScript. */
export const plainKernel = (ensemble: Ensemble): Kernel => ({
  step: (i) => stepMembers(ensemble, i),
});

function compiledKernel({ program: running, next }: Started, ensemble: Ensemble): Kernel {
  const part = partOf(ensemble);
  const room = new Room(new DataView(running.memory.buffer), SHAPES, next);
  const { at, refresh } = room.place(ROOT, part);
  refresh(part);
  return {
    step(i) {
      refresh(part);
      running.stepMembers(at, i);
    },
  };
}
