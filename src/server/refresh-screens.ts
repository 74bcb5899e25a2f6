import { revalidatePath } from 'next/cache';
import type { WireResult } from '@/formats/wire';

/** Every screen is fetched anew when it is next shown. */
export function refreshScreens(): void {
  try {
    revalidatePath('/', 'layout');
  } catch {
    // Outside a request of Next, as in tests, there is no screen.
  }
}

/** What a change gave; where it was made, every screen is fetched anew. */
export function refreshed<T>(result: WireResult<T>): WireResult<T> {
  if (result.ok) refreshScreens();
  return result;
}
