/** Plotly draws what looks like tags in a text; these are our own. */
const FOREIGN = /<(?!\/?extra>|br>)/g;

/** True for what holds a tag that is none of ours, as JSON. */
export const hasForeignTag = (json: string): boolean => json.search(FOREIGN) >= 0;

/** A copy of what is drawn in which a foreign tag is text: a name is never a link. */
export function plainMarkup<T>(value: T): T {
  if (typeof value === 'string') return value.replace(FOREIGN, '&lt;') as T;
  if (Array.isArray(value)) return value.map(plainMarkup) as T;
  if (typeof value !== 'object' || value === null || ArrayBuffer.isView(value)) return value;
  return Object.fromEntries(
    Object.entries(value).map(([key, one]) => [key, plainMarkup(one as unknown)]),
  ) as T;
}
