'use client';

import { Text } from '@chakra-ui/react';
import { WORLD_STEP_K, WORLDS, type RobustChoice, type World } from '@/core/choice';
import { lossInTime, temperature } from '@/words/quantities';
import { writerFor } from '@/words/write';
import { useUnits } from '@/ui/format/units-context';
import { DataTable } from '@/ui/frame/data-table';
import { pickScreenWords } from '@/words/screens/pick';

const WORDS = pickScreenWords.regretPart;

const worldWords = (degrees: string): Record<World, string> => ({
  colder: WORDS.colder(degrees),
  likely: WORDS.asLikely,
  warmer: WORDS.warmer(degrees),
  drier: WORDS.drierAir,
  moister: WORDS.moister,
});

/** What each of the first products loses over the best, were the day otherwise. */
export function RegretTable({ choice }: { choice: RobustChoice }) {
  const units = useUnits();
  if (choice.regret.length === 0) return null;
  const words = worldWords(writerFor(units).difference(WORLD_STEP_K, 0));
  return (
    <>
      <DataTable
        caption={WORDS.extraLossTable}
        columns={[
          { title: WORDS.ifTheDayIs },
          ...WORLDS.map((world) => ({ title: words[world], isNumber: true })),
        ]}
        rows={choice.regret.map((row) => ({
          key: row.id,
          cells: [
            <strong key="name">{row.name}</strong>,
            ...WORLDS.map((world) => {
              const regret = row.regretPercent[world];
              return regret < 0.005
                ? WORDS.best
                : `+${lossInTime(regret, regret * choice.secondsPerPercent)}`;
            }),
          ],
        }))}
      />
      <Text textStyle="small" color="faint" mt="1">
        {WORDS.regretHint(
          lossInTime(choice.regretPercent, choice.regretPercent * choice.secondsPerPercent),
        )}
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
  const lossOf = ({ id }: { id: string }) => {
    const { expectedLossPercent, expectedLossSeconds } = choice.ranking.find(
      (one) => one.id === id,
    )!;
    return lossInTime(expectedLossPercent, expectedLossSeconds);
  };
  const air = temperature(byAir.airTemperatureC, units);
  return (
    <Text textStyle="body" mt="3" data-testid="by-air">
      {byAir.id === best.id ? (
        WORDS.byAirSame(air)
      ) : (
        <>
          {WORDS.byAirOther(air)} <strong>{byAir.name}</strong>
          {WORDS.expectedLoss}
          <strong>{lossOf(byAir)}</strong> {WORDS.insteadOf(lossOf(best))}
        </>
      )}
    </Text>
  );
}
