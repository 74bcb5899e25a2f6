// Lets so many pages be made at once (more at once are not made sooner, since one processor makes them all); some more wait for a moment, the rest are sent away at once.

const MOST_AT_ONCE = 3;
const MOST_WAITING = 150;
const BUSY_FROM = 2;
const LONGEST_WAIT_MS = 2500;

/**
 * A gate for work: `enter` gives true when a request may begin, false when it is to be answered 503. What was let
 * in must `leave`.
 */
export class Gate {
  /** @param {{ atOnce?: number, waiting?: number, waitMs?: number }} [limits] */
  constructor({ atOnce = MOST_AT_ONCE, waiting = MOST_WAITING, waitMs = LONGEST_WAIT_MS } = {}) {
    this.limits = { atOnce, waiting, waitMs };
    this.inside = 0;
    /** @type {{ open: (isIn: boolean) => void, timer: NodeJS.Timeout }[]} */
    this.queue = [];
  }

  /** @returns {Promise<boolean>} */
  enter() {
    if (this.inside < this.limits.atOnce) {
      this.inside += 1;
      return Promise.resolve(true);
    }
    if (this.queue.length >= this.limits.waiting) return Promise.resolve(false);
    return new Promise((resolve) => {
      const waiter = {
        open: resolve,
        timer: setTimeout(() => {
          this.queue.splice(this.queue.indexOf(waiter), 1);
          resolve(false);
        }, this.limits.waitMs),
      };
      this.queue.push(waiter);
    });
  }

  /** More is going on than one person causes. */
  isBusy() {
    return this.inside >= BUSY_FROM;
  }

  leave() {
    const next = this.queue.shift();
    if (!next) {
      this.inside -= 1;
      return;
    }
    clearTimeout(next.timer);
    next.open(true);
  }
}
