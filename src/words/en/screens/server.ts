export const deed = {
  theKeyMustBe8: 'The key must be 8 to 64 letters, digits, - or _.',
};

export const permission = {
  looksOnly: 'This device may only look. Ask at the host computer for the right to work.',
  atHostOnly: 'This is decided at the host computer alone: open Devices there.',
};

export const reception = {
  title: 'Not paired',
  notPaired:
    'This device is not paired with Frost Pick. Pair it first, with the code from the host computer.',
  toPairing: 'Pair this device',
  busyPage: 'Frost Pick has much to do just now. This page tries again by itself.',
};

/** What is refused before the app sees it, by its code. */
export const REFUSAL = {
  busy: 'The server has too much to do just now: try again in a second.',
  not_found: 'There is no such file.',
  failed: 'The request could not be answered: nothing was saved.',
  foreign_origin: 'Another site may not write here.',
  invalid_path: 'The address cannot be read.',
  method_not_allowed: 'This method is not answered.',
  unknown_action: 'This action is not known: reload the page.',
  unknown_host:
    'This name is not one of Frost Pick. Start it with --host-name NAME to answer under another.',
};
