import { SaxesParser, type SaxesTagPlain } from 'saxes';

/** A point of a track as the file has it; NaN for what is no number. */
export interface TrackPoint {
  latitude: number;
  longitude: number;
  altitudeM: number | undefined;
}

const MOST_POINTS = 500_000;
const MOST_DEPTH = 64;
/** Text of an altitude is never longer than this. */
const MOST_TEXT = 60;
const MOST_NAME = 60;

const numberIn = (text: string | undefined): number =>
  text !== undefined && text.trim() !== '' ? Number(text) : NaN;
const localName = (name: string) => name.slice(name.indexOf(':') + 1);

/**
 * Reads a GPX file piece by piece: the points of its tracks, or of its routes when it has no track. `write` takes
 * the next piece of the text; `points` ends the file and gives undefined when it is no GPX.
 */
export class GpxReader {
  private readonly parser = new SaxesParser();
  private readonly path: string[] = [];
  private readonly track: TrackPoint[] = [];
  private readonly route: TrackPoint[] = [];
  private current: TrackPoint | undefined;
  private altitudeText: string | undefined;
  private nameText: string | undefined;
  private nameDepth = 0;
  private isBroken = false;
  private hasRoot = false;

  constructor() {
    this.parser.on('opentag', (tag) => this.open(tag));
    this.parser.on('closetag', (tag) => this.close(localName(tag.name)));
    this.parser.on('text', (text) => {
      if (this.nameDepth > 0 && (this.nameText ?? '').length < MOST_NAME) {
        this.nameText = (this.nameText ?? '') + text.slice(0, MOST_NAME);
      }
      if (this.altitudeText !== undefined && this.altitudeText.length < MOST_TEXT) {
        this.altitudeText += text.slice(0, MOST_TEXT);
      }
    });
    this.parser.on('error', () => {
      this.isBroken = true;
    });
  }

  private open(tag: SaxesTagPlain): void {
    const name = localName(tag.name);
    if (this.path.length === 0) this.hasRoot = name === 'gpx';
    this.path.push(name);
    if (this.path.length > MOST_DEPTH) this.isBroken = true;
    if (name === 'trkpt' || name === 'rtept') {
      const { lat, lon } = tag.attributes as Record<string, string | undefined>;
      const altitudeM = undefined;
      this.current = { latitude: numberIn(lat), longitude: numberIn(lon), altitudeM };
    }
    if (name === 'ele' && this.current) this.altitudeText = '';
    const parent = this.path.at(-2);
    const isNamed = parent === 'metadata' || parent === 'trk' || parent === 'rte';
    // The first name counts: of the file where it has one, else of its track.
    if (name === 'name' && isNamed && this.nameText === undefined)
      this.nameDepth = this.path.length;
  }

  private close(name: string): void {
    if (this.path.length === this.nameDepth) this.nameDepth = 0;
    this.path.pop();
    if (name === 'ele' && this.current) {
      const altitudeM = numberIn(this.altitudeText);
      if (Number.isFinite(altitudeM)) this.current.altitudeM = altitudeM;
      this.altitudeText = undefined;
    }
    if ((name !== 'trkpt' && name !== 'rtept') || !this.current) return;
    const points = name === 'trkpt' ? this.track : this.route;
    if (points.length < MOST_POINTS) points.push(this.current);
    else this.isBroken = true;
    this.current = undefined;
  }

  /** Takes the next piece; false when the rest need not be read. */
  write(piece: string): boolean {
    if (!this.isBroken) this.parser.write(piece);
    return !this.isBroken;
  }

  /** What the file calls itself or its track. */
  name(): string | undefined {
    return this.nameText?.trim().slice(0, MOST_NAME) || undefined;
  }

  points(): TrackPoint[] | undefined {
    if (!this.isBroken) this.parser.close();
    if (this.isBroken || !this.hasRoot) return undefined;
    return this.track.length > 0 ? this.track : this.route;
  }
}
