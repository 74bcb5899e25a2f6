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
  unread: 'Looking through this device',
  none: 'This browser keeps nothing, so nothing can wait here',
  hint: 'What you did while the host computer could not be reached stands here, in its order. It is sent by itself as soon as it answers, each once.',
  refusedHint:
    'What was refused is not lost. Put right what it says, then send it again; or drop it.',
  waits: 'waits',
  again: 'Send again',
  againOf: (label: string) => `Send again: ${label}`,
  drop: 'Drop',
  dropOf: (label: string) => `Drop: ${label}`,
  dropped: (label: string) => `Dropped: ${label}.`,
  copy: 'Copy what waits',
  copied: 'Copied.',
  back: 'Back to Frost Pick',
};

export const offline = {
  title: 'No connection',
  answer: 'This page is not on this device',
  hint: 'The host computer cannot be reached. Pages that were open before are kept here, and what you do on them is kept and sent later.',
  quick: 'Take a quick answer',
  waiting: 'See what waits on this device',
  again: 'Try again',
};
