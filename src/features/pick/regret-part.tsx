'use client';

import { Text } from '@chakra-ui/react';
import { WORLD_STEP_K, WORLDS, type RobustChoice, type World } from '@/core/choice';
import { writeSpan } from '@/core/units';
import { temperature } from '@/ui/format/quantities';
import { useUnits } from '@/ui/format/units-context';
import { DataTable } from '@/ui/frame/data-table';

const worldWords = (degrees: string): Record<World, string> => ({
  colder: `${degrees} colder`,
  likely: 'As likely',
  warmer: `${degrees} warmer`,
  drier: 'Drier air',
  moister: 'Moister',
});

/** What each of the first products loses over the best, were the day otherwise. */
export function RegretTable({ choice }: { choice: RobustChoice }) {
  const units = useUnits();
  if (choice.regret.length === 0) return null;
  const words = worldWords(writeSpan(WORLD_STEP_K, units.temperature, 0));
  return (
    <>
      <DataTable
        caption="Loss over the best wax, in per cent, if the day turns out otherwise"
        columns={[
          { title: 'If the day is' },
          ...WORLDS.map((world) => ({ title: words[world], isNumber: true })),
        ]}
        rows={choice.regret.map((row) => ({
          key: row.id,
          cells: [
            <strong key="name">{row.name}</strong>,
            ...WORLDS.map((world) => {
              const regret = row.regretPercent[world];
              return regret < 0.005 ? 'best' : `+${regret.toFixed(2)} %`;
            }),
          ],
        }))}
      />
      <Text textStyle="small" color="faint" mt="1">
        Over the best wax of that day. Perfect knowledge of the snow would save{' '}
        {choice.regretPercent.toFixed(2)} % on average.
      </Text>
    </>
  );
}

/** What going by the air's temperature would have chosen, and what that would cost. */
export function ByAirLine({ choice }: { choice: RobustChoice }) {
  const units = useUnits();
  const { byAir } = choice;
  const best = choice.ranking.find((one) => !one.excluded);
  if (!byAir || !best) return null;
  const air = temperature(byAir.airTemperatureC, units);
  return (
    <Text textStyle="body" mt="3" data-testid="by-air">
      {byAir.id === best.id ? (
        `Going by the air (${air}) would choose the same.`
      ) : (
        <>
          Going by the air ({air}) would choose <strong>{byAir.name}</strong>: expected loss{' '}
          <strong>{byAir.lossPercent.toFixed(2)} %</strong> instead of{' '}
          {best.expectedLossPercent.toFixed(2)} %.
        </>
      )}
    </Text>
  );
}
