export const write = {
  unknown: 'Frost Pick does not know this change. Load the page again.',
  keyMalformed: 'The key must be 8 to 64 letters, digits, - or _.',
};

export const permission = {
  looksOnly: 'This device may only look. Let it work under Devices on the host computer.',
  atHostOnly: 'Only the host computer decides this. Open Devices there.',
};

export const reception = {
  title: 'Not paired',
  notPaired:
    'This device is not paired with Frost Pick. Pair it first, with the code from the host computer.',
  toPairing: 'Pair this device',
  busyPage: 'Frost Pick is busy. This page tries again by itself.',
};

/** What is refused before the app sees it, by its code. */
export const REFUSAL = {
  busy: 'The server is busy. Try again in a second.',
  not_found: 'There is no such file.',
  failed: 'The request could not be answered. Nothing was saved.',
  foreign_origin: 'Another site cannot write here.',
  invalid_path: 'The address cannot be read.',
  method_not_allowed: 'This method is not answered.',
  unknown_action: 'This action is not known. Reload the page.',
  unknown_host: 'Frost Pick does not answer to this name. Start it with --host-name NAME.',
};
