import { act, fireEvent, render, screen, waitFor, type RenderResult } from '@testing-library/react';
import userEvent, { type UserEvent } from '@testing-library/user-event';
import { ChakraProvider } from '@chakra-ui/react';
import type { ReactNode } from 'react';
import { expect, vi } from 'vitest';
import { UnitsProvider } from '@/ui/format/units-context';
import { system } from '@/ui/theme/system';
import { DEFAULT_UNITS, type Units } from '@/words/units';

/** A component as it stands in the app, on a device with these units. */
export const inApp = (node: ReactNode, units: Units = DEFAULT_UNITS) => (
  <ChakraProvider value={system()}>
    <UnitsProvider units={units}>{node}</UnitsProvider>
  </ChakraProvider>
);

/** Shows a component as the app does, on a device with these units, with a person at it. */
export function show(
  node: ReactNode,
  units: Units = DEFAULT_UNITS,
): RenderResult & { user: UserEvent; text: () => string } {
  const user = userEvent.setup();
  const view = render(inApp(node, units));
  const text = () => (view.container.textContent ?? '').replace(/[\u2009\u202f\u00a0]/g, ' ');
  return { ...view, user, text };
}

export const AMERICAN: Units = { temperature: 'F', length: 'ft', distance: 'mi' };

/** The text field of a label. */
export const field = (name: string | RegExp): HTMLInputElement =>
  screen.getByRole<HTMLInputElement>('textbox', { name });

/** Puts a text into the field of a label, as pasting does. */
export function fill(name: string | RegExp, text: string): void {
  fireEvent.change(field(name), { target: { value: text } });
}

/** Opens the menu of a row and takes one of its items, as a finger does. */
export async function chooseFrom(button: HTMLElement, name: string): Promise<void> {
  fireEvent.click(button);
  const item = await screen.findByRole('menuitem', { name });
  await waitFor(() => {
    fireEvent.pointerDown(item);
    expect(item.hasAttribute('data-highlighted')).toBe(true);
  });
  fireEvent.click(item);
}

/** The browser's own field for a file, once the kit's part has come. */
export const fileInput = (id: string): Promise<HTMLInputElement> =>
  waitFor(() => {
    const input = document.querySelector<HTMLInputElement>(`#${id}`);
    if (!input) throw new Error(`There is no field with the id ${id} yet.`);
    return input;
  });

/** Waits until every part that comes after the page is there, and what computes its answers. */
export async function arrived(): Promise<void> {
  await waitFor(() => {
    if (document.querySelector('[aria-busy="true"]'))
      throw new Error('A part is still on its way.');
  });
  await act(() => vi.dynamicImportSettled());
}

/** Shows a screen with what comes after it. */
export async function showWhole(
  ...given: Parameters<typeof show>
): Promise<ReturnType<typeof show>> {
  const shown = show(...given);
  await arrived();
  return shown;
}

/** What a chart of the screen is drawn from. */
interface ShownChart {
  label: string;
  data: { x?: unknown[]; y?: unknown[]; z?: unknown[][]; text?: unknown; name?: string }[];
  layout: Record<string, Record<string, unknown> | undefined>;
}

/** The charts of the screen, in their order. */
export const shownCharts = (): ShownChart[] =>
  [...document.querySelectorAll<HTMLElement>('[data-chart]')].map(
    ({ dataset }) => JSON.parse(dataset.chart!) as ShownChart,
  );

/** The chart of this label. */
export function chartOf(label: string | RegExp): ShownChart {
  const charts = shownCharts();
  const found = charts.find((one) =>
    typeof label === 'string' ? one.label === label : label.test(one.label),
  );
  if (!found) throw new Error(`No such chart, but: ${charts.map((one) => one.label).join('; ')}`);
  return found;
}
