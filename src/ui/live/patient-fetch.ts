import { linkState } from './link-state';

const AGAIN_MS = 3000;
const NO_CONTENT = 204;

/**
 * The page that is open, fetched anew: not a page that somebody goes to. Next marks it by a header
 * (tests/unit/held-for.test.ts).
 */
function isRefresh(input: RequestInfo | URL, init: RequestInit | undefined): boolean {
  if ((init?.method ?? 'GET') !== 'GET' || !new Headers(init?.headers).has('rsc')) return false;
  const url = new URL(input instanceof Request ? input.url : String(input), window.location.href);
  url.searchParams.delete('_rsc');
  const here = new URL(window.location.href);
  return (
    url.pathname === here.pathname && url.searchParams.toString() === here.searchParams.toString()
  );
}

/** Until the server is heard again, or a moment has passed. */
const again = () =>
  new Promise<void>((resolve) => {
    const end = () => {
      clearTimeout(timer);
      unsubscribe();
      resolve();
    };
    const timer = setTimeout(end, AGAIN_MS);
    const unsubscribe = linkState.subscribe(() => {
      if (linkState.get().state === 'open') end();
    });
  });

/** An answer that has come to its end: one that is cut off half-way would break the page that it was for. */
async function whole(answer: Response): Promise<Response> {
  const { status, statusText, headers, url, redirected } = answer;
  const body = status === NO_CONTENT ? null : await answer.arrayBuffer();
  const copy = new Response(body, { status, statusText, headers });
  // The router looks at where the answer came from.
  return Object.defineProperties(copy, { url: { value: url }, redirected: { value: redirected } });
}

let isPatient = false;

/**
 * Makes the fetch of the open page wait for the server. The router would else load the whole page when it is out of
 * reach: what stands on the screen would be lost for a page that cannot come.
 */
export function makeRefreshPatient(): void {
  if (isPatient) return;
  isPatient = true;
  const real = window.fetch.bind(window);
  window.fetch = async (input, init) => {
    if (!isRefresh(input, init)) return real(input, init);
    for (;;) {
      try {
        return await whole(await real(input, init));
      } catch (error) {
        if (init?.signal?.aborted) throw error;
        await again();
      }
    }
  };
}
