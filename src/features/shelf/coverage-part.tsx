'use client';

import { Text } from '@chakra-ui/react';
import type { Data, Layout } from 'plotly.js';
import { HOLE_PERCENT, type Hole, type SnowKind } from '@/core/shelf';
import { Chart, useChartInks } from '@/ui/charts/chart';
import { fixed, temperatureRange, temperatureUnit, temperatureValue } from '@/words/quantities';
import { useUnits } from '@/ui/format/units-context';
import { DataTable } from '@/ui/frame/data-table';
import { Part } from '@/ui/frame/sheet';
import { Disclosure } from '@/ui/frame/disclosure';
import type { ShelfView } from './use-cases/load-shelf';
import { termsWords } from '@/words/areas/terms';
import { shelfScreenWords } from '@/words/screens/shelf';
import { listed } from '@/words/listed';

const WORDS = shelfScreenWords.coveragePart;

export const kindWords = (): Record<SnowKind, string> => ({
  plain: WORDS.plainSnow,
  lubricant: WORDS.lubricantSnow,
  repellent: WORDS.repellentSnow,
  both: WORDS.bothSnow,
});
/** Where the shading is darkest, %. */
const DARKEST_PERCENT = 1.5;
const TABLE_EVERY = 6;

/** The holes in words, the worst first. */
export function holesInWords(
  holes: readonly Hole[],
  range: (lowC: number, highC: number) => string,
): string[] {
  return [...holes]
    .sort((a, b) => b.worstPercent - a.worstPercent)
    .map((hole) => `${kindWords()[hole.kind]}, ${range(hole.fromC, hole.toC)}`);
}

/** What the shelf serves and where it has holes, with the one purchase that would help most. */
export function CoveragePart({ view, venueName }: { view: ShelfView; venueName: string }) {
  const units = useUnits();
  const inks = useChartInks();
  const { coverage, purchase, weatherHours } = view;
  const { gridC, rows, holes } = coverage;
  const x = gridC.map((t) => temperatureValue(t, units));
  const names = rows.map((row) => kindWords()[row.kind]);
  const half = 0.5 * (x[1]! - x[0]!);
  const nameOf = new Map(view.products.map((one) => [one.id, one.name]));
  const data: Data[] = [
    {
      type: 'heatmap',
      x,
      y: names,
      z: rows.map((row) => row.lossPercent.map((loss) => Math.min(DARKEST_PERCENT, loss))),
      customdata: rows.map((row) =>
        row.bestId.map((id) => (id && nameOf.get(id)) ?? WORDS.nothing),
      ) as never,
      zmin: 0,
      zmax: DARKEST_PERCENT,
      colorscale: [
        [0, inks.paper],
        [1, inks.ink],
      ],
      xgap: 0,
      ygap: 4,
      colorbar: { title: { text: WORDS.loss }, thickness: 12, outlinewidth: 0 },
      hovertemplate: '%{y}, %{x}: %{customdata}, %{z:.2f} %<extra></extra>',
    },
  ];
  const layout: Partial<Layout> = {
    xaxis: { title: { text: WORDS.equivalentTemperature(temperatureUnit(units)) } },
    yaxis: { autorange: 'reversed', automargin: true },
    margin: { l: 170, r: 16, t: 12, b: 48 },
    shapes: holes.map((hole) => {
      const row = rows.findIndex((one) => one.kind === hole.kind);
      return {
        type: 'rect',
        x0: temperatureValue(hole.fromC, units) - half,
        x1: temperatureValue(hole.toC, units) + half,
        y0: row - 0.48,
        y1: row + 0.48,
        line: { color: inks.danger, width: 3 },
        fillcolor: 'transparent',
      };
    }),
  };
  const gaps = holesInWords(holes, (low, high) => temperatureRange(low, high, units));
  const label = WORDS.coverageLabel(
    gaps.length === 0 ? WORDS.noHoles : WORDS.holes(gaps.join('; ')),
  );
  return (
    <Part title={WORDS.whatTheShelfServes}>
      <Chart label={label} data={data} layout={layout} height={260} />
      <Text textStyle="body" mt="2" data-testid="holes">
        {gaps.length === 0
          ? WORDS.noHolesEverywhereTheBest(HOLE_PERCENT)
          : WORDS.gapsWhere(HOLE_PERCENT, gaps.join('; '))}
      </Text>
      <Text textStyle="body" mt="2" data-testid="purchase">
        {purchase ? (
          <>
            {WORDS.bestPurchase}
            <strong>{temperatureRange(purchase.labelLowC, purchase.labelHighC, units)}</strong>
            {WORDS.overHOfWeatherAt(
              purchase.additives.length > 0
                ? WORDS.withWord(
                    listed(
                      purchase.additives.map((one) =>
                        termsWords.inSentence(termsWords.ADDITIVE_WORDS[one]),
                      ),
                    ),
                  )
                : WORDS.plain,
              weatherHours,
              venueName,
              fixed(purchase.beforePercent, 2),
              fixed(purchase.afterPercent, 2),
            )}
          </>
        ) : weatherHours > 0 ? (
          WORDS.noPurchaseHelps(venueName, weatherHours)
        ) : (
          WORDS.noRecordedWeather(venueName)
        )}
      </Text>
      <Disclosure title={WORDS.asTable}>
        <DataTable
          caption={WORDS.coverageTable}
          columns={[
            { title: WORDS.equivalent(temperatureUnit(units)), isNumber: true },
            ...names.map((title) => ({ title })),
          ]}
          rows={gridC
            .map((t, i) => ({ t, i }))
            .filter(({ i }) => i % TABLE_EVERY === 0)
            .map(({ t, i }) => ({
              key: String(t),
              cells: [
                fixed(temperatureValue(t, units), 0),
                ...rows.map((row) => {
                  const id = row.bestId[i];
                  return id
                    ? `${fixed(row.lossPercent[i]!, 2)} %, ${nameOf.get(id)!}`
                    : WORDS.nothing;
                }),
              ],
            }))}
        />
      </Disclosure>
    </Part>
  );
}
