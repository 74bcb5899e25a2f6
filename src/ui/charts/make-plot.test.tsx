// @vitest-environment happy-dom
import { render, waitFor } from '@testing-library/react';
import type Plotly from 'plotly.js';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { makePlot } from './make-plot';

interface Figure {
  data: unknown;
  layout: { xaxis?: { type?: string } };
}

/** Stands in for Plotly: it writes into the layout as the real one does. */
function pen() {
  const draw = vi.fn((_: unknown, { layout }: Figure) => {
    if (layout.xaxis) layout.xaxis.type = 'linear';
    return Promise.resolve();
  });
  const register = vi.fn();
  const plotly = { react: draw, purge: vi.fn(), register, Plots: { resize: vi.fn() } };
  return { draw, register, Plot: makePlot(plotly as unknown as typeof Plotly) };
}

/** A chart as a screen hands it over: all of it new objects each time. */
const chart = (y: number[]) => ({
  data: [{ x: [0, 1], y, type: 'scatter' as const }],
  layout: { xaxis: { title: { text: 'Time' } } },
  config: { displayModeBar: false },
});

afterEach(() => {
  document.documentElement.lang = '';
});

describe('a chart', () => {
  it('is drawn once as long as it shows the same, and anew when it does not', async () => {
    const { draw, Plot } = pen();
    const { rerender, unmount } = render(<Plot {...chart([1, 2])} />);
    await waitFor(() => expect(draw).toHaveBeenCalledTimes(1));
    rerender(<Plot {...chart([1, 2])} />);
    rerender(<Plot {...chart([1, 2])} />);
    rerender(<Plot {...chart([1, 3])} />);
    await waitFor(() => expect(draw).toHaveBeenCalledTimes(2));
    expect(draw.mock.calls[1]![1].data).toEqual(chart([1, 3]).data);
    unmount();
  });

  it('draws a name as it is, never as a link', async () => {
    const { draw, Plot } = pen();
    const evil = '<a href="https://evil.example">Frost</a><br>new';
    const { data, ...rest } = chart([1, 2]);
    const named = data.map((one) => ({ ...one, name: evil, hovertemplate: '%{y}<extra></extra>' }));
    render(<Plot data={named} {...rest} />);
    await waitFor(() => expect(draw).toHaveBeenCalledTimes(1));
    const [{ name, hovertemplate, x }] = draw.mock.calls[0]![1].data as [Record<string, unknown>];
    expect(name).toBe('&lt;a href="https://evil.example">Frost&lt;/a><br>new');
    expect(hovertemplate).toBe('%{y}<extra></extra>');
    expect(x).toEqual([0, 1]);
  });

  it('follows its size and its words too', async () => {
    const { draw, Plot } = pen();
    const { rerender } = render(<Plot {...chart([1, 2])} />);
    await waitFor(() => expect(draw).toHaveBeenCalledTimes(1));
    rerender(<Plot {...chart([1, 2])} layout={{ xaxis: { title: { text: 'Zeit' } } }} />);
    await waitFor(() => expect(draw).toHaveBeenCalledTimes(2));
  });

  it.each([
    ['en', 0],
    ['nb', 1],
    ['de', 1],
  ])('in %s takes the days and months of the language', (tag, times) => {
    document.documentElement.lang = tag;
    const { register } = pen();
    expect(register).toHaveBeenCalledTimes(times);
    if (times > 0) expect(register).toHaveBeenCalledWith(expect.objectContaining({ name: tag }));
  });
});
