// @vitest-environment happy-dom
import { Suspense } from 'react';
import { Box } from '@chakra-ui/react';
import { act, render, screen } from '@testing-library/react';
import { expect, it, vi } from 'vitest';
import { DEFAULT_UNITS } from '@/words/units';

it('shows a page once the theme is there, in a tab that nobody sees too', async () => {
  // A tab that nobody sees draws no frames.
  vi.stubGlobal('requestAnimationFrame', () => 0);
  const { AppProvider } = await import('./provider');
  await act(async () => {
    render(
      <Suspense fallback="not yet">
        <AppProvider units={DEFAULT_UNITS} nonce={undefined}>
          <Box color="ink">the page</Box>
        </AppProvider>
      </Suspense>,
    );
    await Promise.resolve();
  });
  expect(document.body.textContent).toBe('not yet');
  expect((await screen.findByText('the page')).className).not.toBe('');
  vi.unstubAllGlobals();
});
