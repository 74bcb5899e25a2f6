import { revalidatePath } from 'next/cache';

/** Every screen is fetched anew when it is next shown. */
export function refreshScreens(): void {
  try {
    revalidatePath('/', 'layout');
  } catch {
    // Outside a request of Next, as in tests, there is no screen.
  }
}
