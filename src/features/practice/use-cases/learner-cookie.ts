/** Which of the people of this server practises on this device. */
export const LEARNER_COOKIE = 'frost-learner';
