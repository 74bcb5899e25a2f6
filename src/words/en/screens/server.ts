export const deed = {
  theKeyMustBe8: 'The key must be 8 to 64 letters, digits, - or _.',
};
