import type { ReactNode } from 'react';
import { renderToStaticMarkup } from 'react-dom/server';
import { ChakraProvider } from '@chakra-ui/react';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { GRAINS } from '../core/terms';
import type { RenderedLine, RenderedRanked } from '../core/choice';
import { readDraft, writeDraft } from './fields/draft-store';
import { UnitsProvider } from './format/units-context';
import { DEFAULT_UNITS, type Units } from '../words/units';
import { DataTable } from './frame/data-table';
import { GrainGlyph } from './marks/grain-glyph';
import { NotchGauge } from './marks/notch-gauge';
import { system } from './theme/system';
import { LedgerTable } from './wax/ledger-table';
import { RankingList } from './wax/ranking-list';

/** What a person reads of a component, in these units. */
function markup(node: ReactNode, units: Units = DEFAULT_UNITS): string {
  return renderToStaticMarkup(
    <ChakraProvider value={system()}>
      <UnitsProvider units={units}>{node}</UnitsProvider>
    </ChakraProvider>,
  ).replace(/<style[^>]*>.*?<\/style>/gs, '');
}
const words = (html: string) =>
  html
    .replace(/<[^>]+>/g, ' ')
    .replace(/[\u2009\u202f\u00a0\s]+/g, ' ')
    .trim();

const lines: RenderedLine[] = [
  { key: 'temperature', label: 'Snow temperature', valueC: -9.6, reason: 'Labels.' },
  { key: 'sharpness', label: 'Sharpness', valueC: 1.2, reason: 'Round.' },
  { key: 'glazed', label: 'Glazed', valueC: 0, reason: 'Not glazed.' },
];
const ranked = (id: string, more: Partial<RenderedRanked> = {}): RenderedRanked => ({
  id,
  name: `Wax ${id}`,
  expectedLossPercent: 0.12,
  lossP90Percent: 0.3,
  probabilityBest: 0.71,
  reasons: ['Fits.'],
  excluded: false,
  ...more,
});

describe('the ledger on screen', () => {
  it('shows each line as a change with its reason, and the sum', () => {
    const text = words(markup(<LedgerTable lines={lines} equivalentTemperatureC={-8.4} />));
    expect(text).toContain('Snow temperature Labels. −9.6');
    expect(text).toContain('Sharpness Round. +1.2');
    expect(text).toContain('Equivalent temperature −8.4 °C');
  });

  it('adds up in °F too: the first line is a temperature, the others are differences', () => {
    const units = { ...DEFAULT_UNITS, temperature: 'F' } as const;
    const text = words(markup(<LedgerTable lines={lines} equivalentTemperatureC={-8.4} />, units));
    expect(text).toContain('14.7');
    expect(text).toContain('+2.2');
    expect(text).toContain('16.9 °F');
  });
});

describe('the shelf on screen', () => {
  const many = Array.from({ length: 12 }, (_, i) => ranked(String(i)));

  it('shows the first eight, the one taken wherever it stands, and how many there are', () => {
    const html = markup(
      <RankingList ranking={many} products={[]} takenId="10" onTake={() => undefined} />,
    );
    expect(html.match(/<li/g)).toHaveLength(9);
    expect(words(html)).toContain('Wax 10');
    expect(words(html)).toContain('Show all 12');
    expect(html).toMatch(
      /aria-label="Take Wax 10"[^>]*checked|checked=""[^>]*aria-label="Take Wax 10"/,
    );
  });

  it('never offers or ranks what a rule excludes', () => {
    const excluded = ranked('old', { excluded: true, reasons: ['Excluded: fluorocarbons.'] });
    const html = markup(
      <RankingList ranking={[excluded]} products={[]} onTake={() => undefined} />,
    );
    expect(html).not.toContain('type="radio"');
    expect(words(html)).toContain('Excluded: fluorocarbons.');
    expect(words(html)).not.toContain('0.12 %');
  });

  it('shows names as text, whatever they hold', () => {
    const html = markup(
      <RankingList ranking={[ranked('x', { name: '<img src=x>' })]} products={[]} />,
    );
    expect(html).toContain('&lt;img');
    expect(html).not.toContain('<img');
  });
});

describe('marks', () => {
  it('files more notches the harder the wax, and says the number', () => {
    const notches = (hardness: number) =>
      markup(<NotchGauge hardness={hardness} />).match(/L\d+(\.\d+)? 17\.36/g)?.length ?? 0;
    expect([0, 20, 50, 100].map(notches)).toEqual([0, 2, 5, 10]);
    expect(markup(<NotchGauge hardness={48} />)).toContain('aria-label="Hardness 48 of 100"');
  });

  it('draws each grain differently', () => {
    expect(new Set(GRAINS.map((grain) => markup(<GrainGlyph grain={grain} />))).size).toBe(7);
  });

  it('names its tables for those who cannot see them', () => {
    const html = markup(
      <DataTable
        caption="Readings"
        columns={[{ title: 'Time' }, { title: 'Snow', isNumber: true }]}
        rows={[{ key: 'a', cells: ['12:00', '−7.4'] }]}
      />,
    );
    expect(html).toContain('aria-label="Readings"');
    expect(words(html)).toBe('Readings Time Snow 12:00 −7.4');
  });
});

describe('drafts', () => {
  const kept = new Map<string, string>();
  beforeEach(() => {
    kept.clear();
    globalThis.localStorage = {
      getItem: (key: string) => kept.get(key) ?? null,
      setItem: (key: string, value: string) => void kept.set(key, value),
      removeItem: (key: string) => void kept.delete(key),
    } as Storage;
  });
  afterEach(() => {
    Reflect.deleteProperty(globalThis, 'localStorage');
  });

  it('come back as typed, without what was no number, until they are cleared', () => {
    writeDraft('form', { temperatureC: -7.5, humidityFraction: NaN, note: 'cold' });
    expect(readDraft('form')).toEqual({ temperatureC: -7.5, note: 'cold' });
    writeDraft('form', undefined);
    expect(readDraft('form')).toBeUndefined();
  });

  it('are nothing where the store is broken or holds nonsense', () => {
    kept.set('frost-draft:form', '{broken');
    expect(readDraft('form')).toBeUndefined();
    globalThis.localStorage = {
      setItem: () => {
        throw new Error('full');
      },
    } as unknown as Storage;
    expect(() => writeDraft('form', { a: 1 })).not.toThrow();
    expect(readDraft('form')).toBeUndefined();
  });
});
