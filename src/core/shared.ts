/**
 * What all bundles of one process or page hold in common. Each module that holds something here adds it to this
 * interface, so that it is typed once: `declare module '…/core/shared' { interface Shared { door: Door } }`.
 */
// eslint-disable-next-line @typescript-eslint/no-empty-object-type -- filled in by the modules that hold something
export interface Shared {}

const all = globalThis as { frost?: Partial<Shared> };

/** The one of this process; the host and the scripts of the languages write to it as `globalThis.frost`. */
export const shared: Partial<Shared> = (all.frost ??= {});
