const scope = globalThis as unknown as {
  onmessage: (message: MessageEvent<string>) => void;
  close(): void;
};

scope.onmessage = ({ data: locale }) => {
  const clock = { hour: '2-digit', minute: '2-digit', timeZone: 'UTC' } as const;
  new Intl.DateTimeFormat(locale, clock).format(0);
  new Intl.NumberFormat(locale).format(0);
  scope.close();
};

export {};
