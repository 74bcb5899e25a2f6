'use client';

import type { Outing } from '@/core/model';
import { SimpleGrid, Text } from '@chakra-ui/react';
import { CHART_SNOWS, type ChartCell, type VenueChart } from '@/core/season';
import { useWords } from '@/ui/format/use-words';
import { DataTable } from '@/ui/frame/data-table';
import { Part } from '@/ui/frame/sheet';
import { termsWords } from '@/words/areas/terms';
import { probability } from '@/words/quantities';
import { seasonScreenWords } from '@/words/screens/season';

const WORDS = seasonScreenWords.season;

const cellOf = ({ name, probabilityBest }: ChartCell) =>
  WORDS.cell(name, probability(probabilityBest));

/** The venue's own table: from snow temperature and kind of snow to what to take. One page on paper. */
export function ChartPart({ outing, chart }: { outing: Outing; chart: VenueChart }) {
  const { write } = useWords();
  return (
    <Part title={WORDS.chart(outing.venue.name)}>
      {chart.dry.length === 0 ? (
        <Text textStyle="body">{WORDS.emptyShelf}</Text>
      ) : (
        <>
          <Text textStyle="small" color="faint">
            {WORDS.chartHint(write.distance(outing.distanceKm))}
          </Text>
          <DataTable
            caption={WORDS.dryTable}
            columns={[
              { title: WORDS.snow, isNumber: true },
              ...CHART_SNOWS.map((kind) => ({ title: WORDS.SNOW[kind] })),
            ]}
            rows={chart.dry.map(({ temperatureC, cells }) => ({
              key: String(temperatureC),
              cells: [write.temperature(temperatureC, 0), ...cells.map(cellOf)],
            }))}
          />
          <SimpleGrid columns={{ base: 1, lg: 2 }} mt="4">
            <DataTable
              caption={WORDS.wetTable}
              columns={[{ title: WORDS.wetness }, { title: WORDS.take }]}
              rows={chart.wet.map(({ wetness, cell }) => ({
                key: wetness,
                cells: [termsWords.WETNESS_WORDS[wetness], cellOf(cell)],
              }))}
            />
          </SimpleGrid>
        </>
      )}
    </Part>
  );
}
