// Lets so many pages be made at once (more at once are not made sooner, since one processor makes them all). The rest
// wait, each client behind its own, so that one who asks for much delays himself. With few clients nobody is sent away.

const MOST_AT_ONCE = 3;
/** Of one client: a page asks for the parts of all others that it leads to. */
const MOST_OF_ONE = 80;
const MOST_WAITING = 400;
const BUSY_FROM = 2;
/** Up to so many clients wait until it is their turn. */
const FEW = 8;
const LONGEST_WAIT_MS = 8000;
const LONGEST_OF_FEW_MS = 50_000;

/** @typedef {{ open: (isIn: boolean) => void, timer: NodeJS.Timeout }} Waiter */

/**
 * A gate for work: `enter` gives true when a request may begin, false when it is to be answered 503. What was let
 * in must `leave`.
 */
export class Gate {
  /** @param {{ atOnce?: number, ofOne?: number, waiting?: number, waitMs?: number, few?: number }} [limits] */
  constructor({
    atOnce = MOST_AT_ONCE,
    ofOne = MOST_OF_ONE,
    waiting = MOST_WAITING,
    waitMs = LONGEST_WAIT_MS,
    few = FEW,
  } = {}) {
    this.limits = { atOnce, ofOne, waiting, waitMs, few };
    this.inside = 0;
    this.waiting = 0;
    /** By client, the one whose turn is next first. @type {Map<string, Waiter[]>} */
    this.queues = new Map();
  }

  /** @param {string} [client] @returns {Promise<boolean>} */
  enter(client = '') {
    if (this.inside < this.limits.atOnce) {
      this.inside += 1;
      return Promise.resolve(true);
    }
    const queue = this.queues.get(client) ?? [];
    const isFull = this.waiting >= this.limits.waiting || queue.length >= this.limits.ofOne;
    if (isFull) return Promise.resolve(false);
    this.queues.set(client, queue);
    this.waiting += 1;
    return new Promise((resolve) => {
      /** @type {Waiter} */
      const waiter = {
        open: resolve,
        timer: setTimeout(() => {
          queue.splice(queue.indexOf(waiter), 1);
          this.waiting -= 1;
          if (queue.length === 0 && this.queues.get(client) === queue) this.queues.delete(client);
          resolve(false);
        }, this.patienceMs()),
      };
      queue.push(waiter);
    });
  }

  patienceMs() {
    const { few, waitMs } = this.limits;
    return this.queues.size <= few ? Math.max(waitMs, LONGEST_OF_FEW_MS) : waitMs;
  }

  /** More is going on than one person causes. */
  isBusy() {
    return this.inside >= BUSY_FROM;
  }

  leave() {
    const [next] = this.queues;
    if (!next) {
      this.inside -= 1;
      return;
    }
    const [client, queue] = next;
    const waiter = queue.shift();
    this.waiting -= 1;
    // The next of this client comes after one of each other.
    this.queues.delete(client);
    if (queue.length > 0) this.queues.set(client, queue);
    clearTimeout(waiter?.timer);
    waiter?.open(true);
  }
}
