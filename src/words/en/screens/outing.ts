export const saveOuting = {
  thatVenueIsGoneChoose: 'That venue no longer exists. Choose another one.',
};

export const newOutingScreen = {
  whatAreTheSkisFor: 'What are the skis for?',
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
  theVenue: 'The venue',
  where: 'Where',
  anotherPlace: 'New place',
  nameOfThePlace: 'Name of the place',
  timeZone: 'Time zone',
  startOn: 'Usual starts',
  preset: { tonight: 'Tonight 18:00', tomorrow: 'Tomorrow 9:00', saturday: 'Saturday 9:00' },
  altitude: 'Altitude',
  latitudeSouthNegative: 'Latitude (south negative)',
  longitudeWestNegative: 'Longitude (west negative)',
};
