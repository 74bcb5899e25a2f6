import { megabytes } from '../../quantities';

export const teamPart = {
  theBench: 'The bench',
  freshAir: 'Fresh air',
  ventilated: 'Ventilated',
  closedRoom: 'Closed room',
  basesMostly: 'Most bases are',
  toolsThereAre: 'Tools you have',
  theTeamsOwnWays: 'How the team works',
  goodTechniciansDifferHereWhat:
    'Good technicians work in different ways. What you set here is used for every choice and job.',
};

export const settingsScreen = {
  asTheDevice: 'Same as device',
  light: 'Light',
  dark: 'Dark',
  howShouldItRead: 'Settings',
  unitsAndLightHereThe: 'Units and colours for this device, the bench for the team',
  units: 'Units',
  temperature: 'Temperature',
  altitudeAndLength: 'Altitude and length',
  distance: 'Distance',
  screen: 'Screen',
};

export const copies = {
  title: 'Copies of all data',
  hint: 'While Frost Pick runs, it makes a copy a day and keeps fourteen. Take one away with you now and then. To bring one back, stop Frost Pick and run npm run restore -- FILE.',
  copyNow: 'Copy now',
  copying: 'Copying…',
  copied: (name: string, bytes: number) => `Copied and checked: ${name} (${megabytes(bytes)}).`,
  line: (time: string, name: string, bytes: number) => `${time}: ${name}, ${megabytes(bytes)}`,
  failed: (detail: string) =>
    `The copy could not be made (${detail}). Free some disk space, then try again.`,
};
