// The log of SQLite (https://sqlite.org/fileformat2.html, section 4), as far as it is needed to see whether it is whole.

const HEADER = 32;
const FRAME_HEADER = 24;
const MAGIC = 0x377f0682;
const SUMMED_OF_HEADER = 24;
const SUMMED_OF_FRAME = 8;
const BIGGEST_PAGE = 65_536;
const AT = { pageSize: 8, salts: 16, sums: 24, frameCommit: 4, frameSalts: 8, frameSums: 16 };
const WORD = 4;

/** What stands in a log: how many commits can be read, and how many are there that cannot. */
export interface LogContent {
  commits: number;
  lostCommits: number;
  /** The newest first page among what can be read, as the database's file begins with it. */
  firstPage: Uint8Array | undefined;
}

/** The running sum of SQLite over words of one byte order. */
class Sum {
  private a = 0;
  private b = 0;

  constructor(private readonly isBigEndian: boolean) {}

  add(view: DataView, from: number, length: number): void {
    const isLittle = !this.isBigEndian;
    let { a, b } = this;
    for (let at = from; at < from + length; at += 2 * WORD) {
      a = (a + view.getUint32(at, isLittle) + b) >>> 0;
      b = (b + view.getUint32(at + WORD, isLittle) + a) >>> 0;
    }
    this.a = a;
    this.b = b;
  }

  isAt(view: DataView, at: number): boolean {
    return view.getUint32(at) === this.a && view.getUint32(at + WORD) === this.b;
  }
}

/**
 * Reads a log as SQLite would after a crash. What follows the first frame whose sum is wrong is dropped by SQLite without
 * a word; a commit among that was written once. Frames that are left of an older log have two other salts and do not
 * count; where only one is another, the frame is of this log and damaged.
 */
export function readLog(bytes: Uint8Array): LogContent {
  const view = new DataView(bytes.buffer, bytes.byteOffset, bytes.byteLength);
  const content: LogContent = { commits: 0, lostCommits: 0, firstPage: undefined };
  if (bytes.length < HEADER) return content;
  const sum = new Sum((view.getUint32(0) & 1) === 1);
  sum.add(view, 0, SUMMED_OF_HEADER);
  const size = view.getUint32(AT.pageSize);
  const isHeader = view.getUint32(0) >>> 1 === MAGIC >>> 1 && sum.isAt(view, AT.sums);
  const isSize = size >= 512 && size <= BIGGEST_PAGE && (size & (size - 1)) === 0;
  if (!isHeader || !isSize) {
    // Whatever stood in it cannot be found.
    return { ...content, lostCommits: bytes.length > HEADER ? 1 : 0 };
  }
  const hasSalt = (at: number, offset: number) =>
    view.getUint32(at + AT.frameSalts + offset) === view.getUint32(AT.salts + offset);
  let [isSound, pages] = [true, undefined as Uint8Array | undefined];
  for (let at = HEADER; at + FRAME_HEADER + size <= bytes.length; at += FRAME_HEADER + size) {
    const salts = [hasSalt(at, 0), hasSalt(at, WORD)];
    const isCommit = view.getUint32(at + AT.frameCommit) !== 0;
    if (isSound && salts.every(Boolean)) {
      sum.add(view, at, SUMMED_OF_FRAME);
      sum.add(view, at + FRAME_HEADER, size);
      isSound = sum.isAt(view, at + AT.frameSums);
    } else {
      isSound = false;
    }
    if (isSound && view.getUint32(at) === 1) {
      pages = bytes.subarray(at + FRAME_HEADER, at + FRAME_HEADER + size);
    }
    if (!isCommit || !salts.some(Boolean)) continue;
    if (isSound) {
      content.commits += 1;
      content.firstPage = pages;
    } else {
      content.lostCommits += 1;
    }
  }
  return content;
}
