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
