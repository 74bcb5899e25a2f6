import type { DeviceRole } from '../../../core/model';

export const ROLE: Record<DeviceRole, string> = {
  works: 'Works',
  looks: 'Looks only',
};

export const devicesScreen = {
  title: 'Devices',
  count: (devices: number) =>
    devices === 0
      ? 'No device is paired yet'
      : devices === 1
        ? '1 device is paired'
        : `${devices} devices are paired`,
  hereAlone: 'This computer alone',
  howToOpen:
    'Frost Pick was started for this computer alone. To use it from tablets and phones, stop it and start it with: npm start -- --lan',
  decidedAtHost: 'Only the host computer can add or remove devices.',
  back: 'Back to Frost Pick',
};

export const pairing = {
  triesTitle: 'Somebody tries to pair',
  tryLine: (name: string, from: string, ago: string) => `“${name}” from ${from}, ${ago}`,
  letIn: 'Let it in',
  letInOf: (name: string) => `Let ${name} in`,
  invited: (name: string) => `Now press Pair again on ${name}, within five minutes.`,
  title: 'Pair a device',
  hint: 'Scan the picture with the tablet or phone, or open the address there and type the code. A code lets one device in and works for five minutes.',
  mayDo: 'What the device may do',
  show: 'Show a code',
  another: 'Show another code',
  putAway: 'Put the code away',
  qr: 'Address and code as a QR picture',
  code: 'Code',
  address: 'Address',
  left: (span: string, role: string) => `${role}. Expires in ${span}.`,
  over: 'The code has run out. Show another one.',
  paired: 'A device was paired.',
};

export const list = {
  title: 'Paired devices',
  none: 'No device is paired.',
  seen: (role: string, when: string) => `${role} · last seen ${when}`,
  never: (role: string) => `${role} · not seen yet`,
  now: 'just now',
  ago: (span: string) => `${span} ago`,
  change: 'Change',
  changeOf: (name: string) => `Change ${name}`,
  save: 'Save',
  cancel: 'Cancel',
  name: 'Name',
  revoke: 'Revoke',
  revokeOf: (name: string) => `Revoke ${name}`,
  sure: (name: string) => `${name} will be turned away at once and has to be paired again.`,
  keep: 'Keep it',
  saved: (name: string) => `Saved: ${name}.`,
  revoked: (name: string) => `${name} is turned away from now on.`,
};

export const tokens = {
  title: 'Tokens for scripts',
  new: 'A script',
  hint: 'A script sends its token with each request: Authorization: Bearer TOKEN.',
  name: 'Name of the script',
  mayDo: 'What the script may do',
  make: 'Make a token',
  made: 'Copy the token now: it is shown this once.',
  token: 'Token',
};

export const trust = {
  title: 'Trust this computer',
  why: 'The connection is encrypted with a certificate that this computer made itself, so a browser warns at the first visit. Install the certificate once on each device and the warning goes away, and the camera, the wake lock and work without a connection are allowed.',
  bounds:
    'The certificate can vouch for addresses of private networks and for the names of this computer, and for nothing else.',
  download: 'Download the certificate',
  fingerprint: 'Fingerprint (SHA-256)',
  compare:
    'Before you install it, compare this fingerprint with the one on the screen of the host computer, under Devices.',
  steps: [
    {
      kind: 'Tablet or phone with profiles',
      how: 'Download it, then open the device settings: Profile downloaded, Install. Then under General, About, Certificate trust, switch it on.',
    },
    {
      kind: 'Other tablets and phones',
      how: 'Download it, then open the device settings and search for “CA certificate”: Install, and choose the file.',
    },
    {
      kind: 'Computer',
      how: 'Download it, open the file, and put it into the trusted root authorities of the system. A browser with a store of its own takes it under Settings, Certificates, Authorities.',
    },
  ],
};

export const pairScreen = {
  scanned: 'The code is scanned: give the device a name',
  title: 'Pair this device',
  answer: 'Type the code from the host computer',
  code: 'Code',
  codeHint: 'Eight letters and figures. At the host computer: Devices, Show a code.',
  name: 'Name of this device',
  nameHint: 'What is done on the device is logged under this name, such as “Bench tablet”.',
  pair: 'Pair',
  NO: {
    wrong_code: 'This code is not right, or it has run out. Look at the host computer again.',
    too_many:
      'Too many wrong codes. Show a new code at the host computer, or let this device in there: Devices shows this try.',
    no_name: 'Give the device a name.',
    odd_name: 'This name has signs that a name cannot have, such as < or >.',
    name_taken:
      'Another device has this name already. Choose another name, or delete that device at the host computer.',
  },
};

export const changes = {
  nameTaken: 'Another device or token has this name already.',
  noTry: 'Nobody tries to pair from there any more.',
  gone: 'This device is not paired any more.',
  role: 'Say whether the device works or looks only.',
};
