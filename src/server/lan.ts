/** Where devices reach this server, told by the host before the app starts. */
export interface Lan {
  /** Addresses with https, such as `https://192.168.1.5:3211`. */
  origins: string[];
  /** Of the authority that vouches for them, SHA-256. */
  fingerprint: string;
}

/** Where devices reach this server; undefined where it listens on this machine alone. */
export function lan(): Lan | undefined {
  const rendered = process.env.FROST_PICK_LAN;
  return rendered ? (JSON.parse(rendered) as Lan) : undefined;
}
