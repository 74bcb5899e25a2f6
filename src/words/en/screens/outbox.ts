export const outboxScreen = {
  title: 'Waiting on this device',
  answer: (waiting: number, refused: number) =>
    waiting + refused === 0
      ? 'Nothing is waiting'
      : refused === 0
        ? `${waiting} to be sent`
        : waiting === 0
          ? `${refused} refused`
          : `${waiting} to be sent, ${refused} refused`,
  unread: 'Checking this device',
  none: 'This browser stores nothing, so nothing can wait here',
  hint: 'Changes made while the host computer is out of reach are saved here and sent automatically.',
  refusedHint: 'The host computer refused some of them. Fix them and send again, or delete them.',
  waits: 'waiting',
  again: 'Send again',
  againOf: (label: string) => `Send again: ${label}`,
  delete: 'Delete',
  deleteOf: (label: string) => `Delete: ${label}`,
  deleted: (label: string) => `Deleted: ${label}.`,
  details: 'Details',
  detailsOf: (label: string) => `Details: ${label}`,
  copy: 'Copy all',
  copied: 'Copied.',
  back: 'Back to Frost Pick',
};

export const offline = {
  title: 'No connection',
  answer: 'This page is not on this device',
  hint: 'The host computer cannot be reached. Pages you opened before still work. Changes are saved here and sent later.',
  quick: 'Get a quick answer',
  waiting: 'Changes waiting on this device',
  again: 'Try again',
};
