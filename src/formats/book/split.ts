// Walks through the text of a book without making anything of it: each record is handed on by itself, so that a large
// book needs no more memory than its text.

const [QUOTE, BACKSLASH, COMMA, COLON] = [0x22, 0x5c, 0x2c, 0x3a];
const [LIST, END_LIST, OBJECT, END_OBJECT] = [0x5b, 0x5d, 0x7b, 0x7d];
const SPACES = new Set([0x20, 0x09, 0x0a, 0x0d]);
const ENDS = new Set([COMMA, END_LIST, END_OBJECT, ...SPACES]);
/** No record of a book is as deep. */
const MOST_DEEP = 64;
/** The longest record, bytes: a plan of a large team is a tenth of it. */
const MOST_RECORD = 4_000_000;
/** What is neither a list nor an object of many, bytes. */
const MOST_WORD = 10_000;

/** A piece of the text of a book, bytes. */
export interface Piece {
  from: number;
  to: number;
}

/** An item of a list: its JSON, undefined where it is too large to be a record, and its place in the list. */
export interface Item extends Piece {
  json: string | undefined;
  place: number;
}

/** Who hears of the parts of a book. A false ends the walk: the rest is not wanted. */
export interface BookParts {
  /** A record of a list under `records`. */
  record: (kind: string, item: Item) => boolean;
  /** A list under `records` begins. */
  kind: (kind: string) => boolean;
  /** What stands under `records` in place of a list. */
  noList: (kind: string) => boolean;
  gone: (item: Item) => boolean;
  /** Any other part; undefined where it is too large to be one. */
  other: (key: string, value: unknown) => boolean;
}

/** Ends a walk that nobody wants to go on with. */
class Enough extends Error {}

class Walk {
  private at = 0;
  private readonly decoder = new TextDecoder('utf-8', { fatal: true });

  constructor(
    private readonly bytes: Uint8Array,
    private readonly parts: BookParts,
  ) {}

  run(): void {
    if (this.bytes[0] === 0xef && this.bytes[1] === 0xbb && this.bytes[2] === 0xbf) this.at = 3;
    this.eachEntry((key) => {
      if (key === 'records') this.records();
      else if (key === 'gone' && this.peek() === LIST) {
        this.eachItem(this.parts.gone);
      } else this.go(this.parts.other(key, this.word()));
    });
    this.space();
    if (this.at < this.bytes.length) throw new SyntaxError('more_follows');
  }

  private records(): void {
    if (this.peek() !== OBJECT) {
      this.skip();
      return;
    }
    this.eachEntry((kind) => {
      if (this.peek() !== LIST) {
        this.skip();
        this.go(this.parts.noList(kind));
        return;
      }
      this.go(this.parts.kind(kind));
      this.eachItem((item) => this.parts.record(kind, item));
    });
  }

  private go(isWanted: boolean): void {
    if (!isWanted) throw new Enough();
  }

  private space(): void {
    while (SPACES.has(this.bytes[this.at]!)) this.at += 1;
  }

  private peek(): number | undefined {
    this.space();
    return this.bytes[this.at];
  }

  private take(sign: number): void {
    if (this.peek() !== sign) throw new SyntaxError(`at_${this.at}`);
    this.at += 1;
  }

  private text(from: number, to: number): string {
    return this.decoder.decode(this.bytes.subarray(from, to));
  }

  /** The entries of the object that begins here. */
  private eachEntry(entry: (key: string) => void): void {
    this.take(OBJECT);
    if (this.peek() === END_OBJECT) {
      this.at += 1;
      return;
    }
    for (;;) {
      if (this.peek() !== QUOTE) throw new SyntaxError(`at_${this.at}`);
      const from = this.at;
      this.skip();
      const key = JSON.parse(this.text(from, this.at)) as string;
      this.take(COLON);
      this.space();
      entry(key);
      if (this.peek() === COMMA) this.at += 1;
      else {
        this.take(END_OBJECT);
        return;
      }
    }
  }

  /** The items of the list that begins here, each as JSON. */
  private eachItem(each: (item: Item) => boolean): void {
    this.take(LIST);
    if (this.peek() === END_LIST) {
      this.at += 1;
      return;
    }
    for (let place = 0; ; place += 1) {
      this.space();
      const from = this.at;
      this.skip();
      const isLarge = this.at - from > MOST_RECORD;
      const json = isLarge ? undefined : this.text(from, this.at);
      this.go(each({ json, place, from, to: this.at }));
      if (this.peek() === COMMA) this.at += 1;
      else {
        this.take(END_LIST);
        return;
      }
    }
  }

  private word(): unknown {
    const from = this.at;
    this.skip();
    return this.at - from > MOST_WORD
      ? undefined
      : (JSON.parse(this.text(from, this.at)) as unknown);
  }

  /** Goes to the end of the value that begins here, whatever stands in it. */
  private skip(): void {
    const { bytes } = this;
    let [at, depth, isText] = [this.at, 0, false];
    for (; at < bytes.length; at += 1) {
      const sign = bytes[at]!;
      if (isText) {
        if (sign === BACKSLASH) at += 1;
        else if (sign === QUOTE) {
          isText = false;
          if (depth === 0) break;
        }
      } else if (sign === QUOTE) isText = true;
      else if (sign === LIST || sign === OBJECT) {
        depth += 1;
        if (depth > MOST_DEEP) throw new RangeError('too_deep');
      } else if (sign === END_LIST || sign === END_OBJECT) {
        depth -= 1;
        if (depth === 0) break;
        if (depth < 0) {
          at -= 1;
          break;
        }
      } else if (depth === 0 && ENDS.has(sign)) {
        at -= 1;
        break;
      }
    }
    if (at + 1 <= this.at) throw new SyntaxError(`at_${this.at}`);
    this.at = Math.min(at + 1, bytes.length);
  }
}

/**
 * Walks through a book. Throws a SyntaxError for what is no JSON, a TypeError for bytes that are no text, a RangeError for
 * lists in lists without end.
 */
export function walkBook(bytes: Uint8Array, parts: BookParts): void {
  try {
    new Walk(bytes, parts).run();
  } catch (error) {
    if (!(error instanceof Enough)) throw error;
  }
}
