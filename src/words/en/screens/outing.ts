export const saveOuting = {
  thatVenueIsGoneChoose: 'That venue no longer exists. Choose another one.',
};

export const newOutingScreen = {
  question: 'What are the skis for?',
  aNewOuting: 'A new outing',
  startHereWhereAndWhen: 'Where and when do you ski next?',
  saving: 'Saving…',
  saveTheOuting: 'Save outing',
  back: 'Back',
  theOuting: 'The outing',
  name: 'Name',
  startOnTheVenuesClock: 'Start, local time of the venue',
  discipline: 'Discipline',
  purpose: 'Purpose',
  distance: 'Distance',
  timeZone: 'Time zone',
  startOn: 'Usual starts',
  quickSnow: (snow: string) => `The snow of the quick answer: ${snow}`,
  keepItAsAReading: 'Keep as first reading',
  leaveItOut: 'Do not use it',
  preset: { tonight: 'Tonight 18:00', tomorrow: 'Tomorrow 9:00', saturday: 'Saturday 9:00' },
};

export const placePart = {
  theVenue: 'The venue',
  where: 'Where',
  anotherPlace: 'New place',
  nameOfThePlace: 'Name of the place',
  altitude: 'Altitude',
  ifYouKnowIt: 'If you know it. Else that of its weather station',
  orLeaveItEmpty: '46.61 N 10.19 E, or leave it empty: then there is no outlook yet',
  gpxFile: 'GPX file of the course',
  fromATrack: 'From a GPX track',
  thisDevicesPosition: 'Position of this device',
  asking: 'Asking the device…',
  positionRefused:
    'The browser does not give the position. Allow it for this page, or type it below.',
  positionUnknown: 'This device does not know where it is. Type the position below.',
  trackWithoutAltitude:
    'The track has no altitude, so its course is left out. Read it again under Venue once the altitude is known.',
  courseOf: (count: number) => `The course has ${count} segments from the track.`,
  withoutIt: 'Do not use it',
};
