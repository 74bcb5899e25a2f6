/** Runs once before the server takes its first request. */
export async function register(): Promise<void> {
  if (process.env.NEXT_RUNTIME !== 'nodejs') return;
  // Started by a script: end when that ends, however it does.
  if (process.channel) process.once('disconnect', () => process.exit(0));
  const { prepareData } = await import('./src/data/prepare');
  await prepareData();
}
