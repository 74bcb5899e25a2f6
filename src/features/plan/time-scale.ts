const MINUTE_MS = 60_000;
/** A pause as long as this is drawn short: a night would be most of the board. */
const LONG_PAUSE_MS = 50 * MINUTE_MS;
const PAUSE_WIDTH = 44;

/** A stretch of time with its place on the board, px. */
export interface Stretch {
  fromMs: number;
  toMs: number;
  left: number;
  width: number;
  isPause: boolean;
}

/** Time across a board: where somebody works at one scale, long pauses short. */
export interface TimeScale {
  width: number;
  stretches: Stretch[];
  x: (ms: number) => number;
  /** The other way: the moment at a place. */
  at: (x: number) => number;
}

const place = (stretch: Stretch, ms: number) =>
  stretch.left + (stretch.width * (ms - stretch.fromMs)) / (stretch.toMs - stretch.fromMs);

/** The scale of a board on which these spans of work stand. */
export function timeScale(
  spans: readonly { startMs: number; endMs: number }[],
  pxAMinute: number,
): TimeScale {
  const stretches: Stretch[] = [];
  let left = 0;
  const push = (fromMs: number, toMs: number, isPause: boolean) => {
    const width = isPause ? PAUSE_WIDTH : ((toMs - fromMs) / MINUTE_MS) * pxAMinute;
    stretches.push({ fromMs, toMs, left, width, isPause });
    left += width;
  };
  let open: { fromMs: number; toMs: number } | undefined;
  for (const { startMs, endMs } of [...spans].sort((a, b) => a.startMs - b.startMs)) {
    if (open && startMs - open.toMs > LONG_PAUSE_MS) {
      push(open.fromMs, open.toMs, false);
      push(open.toMs, startMs, true);
      open = undefined;
    }
    open ??= { fromMs: startMs, toMs: endMs };
    open.toMs = Math.max(open.toMs, endMs);
  }
  if (open && open.toMs > open.fromMs) push(open.fromMs, open.toMs, false);
  const first = stretches[0];
  const last = stretches.at(-1);
  return {
    width: left,
    stretches,
    x(ms) {
      if (!first || !last) return 0;
      const within = Math.min(Math.max(ms, first.fromMs), last.toMs);
      return place(
        stretches.find(({ toMs }) => within <= toMs)!,
        within,
      );
    },
    at(x) {
      if (!first || !last) return 0;
      const within = Math.min(Math.max(x, 0), left);
      const stretch = stretches.find((one) => within <= one.left + one.width)!;
      return (
        stretch.fromMs + ((within - stretch.left) / stretch.width) * (stretch.toMs - stretch.fromMs)
      );
    },
  };
}

/** Full hours, or half ones, to write along the top; none inside a pause. */
export function ticksOf({ stretches }: TimeScale, stepMin: number): number[] {
  const stepMs = stepMin * MINUTE_MS;
  return stretches
    .filter(({ isPause }) => !isPause)
    .flatMap(({ fromMs, toMs }) => {
      const ticks: number[] = [];
      for (let k = Math.ceil(fromMs / stepMs); k * stepMs <= toMs; k += 1) ticks.push(k * stepMs);
      return ticks;
    });
}
