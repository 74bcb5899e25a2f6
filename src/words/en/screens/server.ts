export const deed = {
  theKeyMustBe8: 'The key must be 8 to 64 letters, digits, - or _.',
};

export const permission = {
  looksOnly: 'This device may only look. Ask at the host computer for the right to work.',
  atHostOnly: 'This is decided at the host computer alone: open Devices there.',
};

export const reception = {
  language: 'en',
  title: 'Not paired',
  notPaired:
    'This device is not paired with Frost Pick. Pair it first, with the code from the host computer.',
  toPairing: 'Pair this device',
};
