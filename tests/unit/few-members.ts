import { outlook, type Outlook, type OutlookInput } from '@/core/snow/outlook';

const MEMBERS = 40;
const known = new Map<string, Outlook>();

/** An outlook with few members, each question once: a screen shows the same with fewer. */
export function fewMembers(input: OutlookInput): Outlook {
  const key = JSON.stringify(input);
  const made =
    known.get(key) ?? outlook({ ...input, members: Math.min(MEMBERS, input.members ?? MEMBERS) });
  known.set(key, made);
  return made;
}
