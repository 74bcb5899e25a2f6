/** Runs once before the server takes its first request. */
export async function register(): Promise<void> {
  if (process.env.NEXT_RUNTIME !== 'nodejs') return;
  const { prepareData } = await import('./src/data/prepare');
  await prepareData();
}
