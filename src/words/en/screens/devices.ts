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
  hereAlone: 'This computer only',
  howToOpen:
    'Frost Pick was started for this computer only. To use it on tablets and phones, stop it and run: npm start -- --lan',
  decidedAtHost: 'Only the host computer can add or delete devices.',
  back: 'Back to Frost Pick',
};

export const pairing = {
  triesTitle: 'Somebody is trying to pair',
  tryLine: (name: string, from: string, ago: string) => `“${name}” from ${from}, ${ago}`,
  letIn: 'Let it in',
  letInOf: (name: string) => `Let ${name} in`,
  invited: (name: string) => `Press Pair again on ${name} within five minutes.`,
  title: 'Pair a device',
  hint: 'Scan the picture with the tablet or phone. Or open the address there and type the code. A code works once, for five minutes.',
  mayDo: 'What the device may do',
  show: 'Show a code',
  another: 'Show another code',
  putAway: 'Hide the code',
  qr: 'Address and code as a QR code',
  code: 'Code',
  address: 'Address',
  left: (span: string, role: string) => `${role}. Expires in ${span}.`,
  over: 'The code has expired. Show another one.',
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
  revoke: 'Delete',
  revokeOf: (name: string) => `Delete ${name}`,
  sure: (name: string) => `${name} loses access at once. To use it again, pair it again.`,
  keep: 'Keep it',
  saved: (name: string) => `Saved: ${name}.`,
  revoked: (name: string) => `Deleted: ${name}.`,
};

export const tokens = {
  title: 'Tokens for scripts',
  new: 'A script',
  hint: 'A script sends its token with each request: Authorization: Bearer TOKEN.',
  name: 'Name of the script',
  mayDo: 'What the script may do',
  make: 'Make a token',
  made: 'Copy the token now. It is shown only once.',
  token: 'Token',
};

export const trust = {
  title: 'Trust this computer',
  why: 'This computer made its own certificate, so browsers warn at the first visit. Install the certificate once on each device. Then the warning goes away, and the camera, the wake lock and offline work are allowed.',
  bounds:
    'The certificate covers only addresses of private networks and the names of this computer.',
  download: 'Download the certificate',
  fingerprint: 'Fingerprint (SHA-256)',
  compare:
    'Before you install it, compare this fingerprint with the one under Devices on the host computer.',
  steps: [
    {
      kind: 'Tablet or phone with profiles',
      how: 'Download it, then open the device settings: Profile downloaded, Install. Then under General, About, Certificate trust, switch it on.',
    },
    {
      kind: 'Other tablets and phones',
      how: 'Download it. In the device settings, search for “CA certificate”, choose Install and pick the file.',
    },
    {
      kind: 'Computer',
      how: 'Download it, open the file, and put it into the trusted root authorities of the system. A browser with a store of its own takes it under Settings, Certificates, Authorities.',
    },
  ],
};

export const pairScreen = {
  scanned: 'Code scanned. Give the device a name.',
  title: 'Pair this device',
  answer: 'Type the code from the host computer',
  code: 'Code',
  codeHint: 'Eight letters and digits. On the host computer, open Devices and choose Show a code.',
  name: 'Name of this device',
  nameHint: 'The log shows this name, such as “Bench tablet”.',
  pair: 'Pair',
  NO: {
    wrong_code: 'This code is wrong or has expired. Check it on the host computer.',
    too_many:
      'Too many wrong codes. On the host computer, open Devices. Show a new code or let this device in.',
    no_name: 'Give the device a name.',
    odd_name: 'A name cannot contain characters such as < or >.',
    name_taken:
      'Another device has this name. Choose another name, or delete that device on the host computer.',
  },
};

export const changes = {
  nameTaken: 'Another device or token has this name.',
  noTry: 'That device is no longer trying to pair.',
  gone: 'This device is no longer paired.',
  role: 'Choose whether the device works or only looks.',
};
