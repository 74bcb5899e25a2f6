'use client';

import type { OutlookCurves } from '@/core/snow/outlook';
import { DataTable } from '@/ui/frame/data-table';
import { Disclosure } from '@/ui/frame/disclosure';
import { fixed, percent, temperatureUnit, temperatureValue } from '@/words/quantities';
import { dayAndTime } from '@/words/times';
import type { Units } from '@/words/units';
import { snowScreenWords } from '@/words/screens/snow';

const WORDS = snowScreenWords.outlookChart;

const TABLE_EVERY_MS = 3 * 3_600_000;

/** The outlook in figures, for who cannot see the chart or wants them. */
export function OutlookTable(props: { outlook: OutlookCurves; timeZone: string; units: Units }) {
  const { outlook, units, timeZone } = props;
  const shown = (value: number) => fixed(temperatureValue(value, units));
  const rows = outlook.timesMs
    .map((ms, k) => ({ ms, k }))
    .filter(({ ms }) => ms % TABLE_EVERY_MS === 0)
    .map(({ ms, k }) => ({
      key: String(ms),
      cells: [
        dayAndTime(new Date(ms).toISOString(), timeZone),
        shown(outlook.contactTemperatureC.p50[k]!),
        `${shown(outlook.contactTemperatureC.p10[k]!)} … ${shown(outlook.contactTemperatureC.p90[k]!)}`,
        shown(outlook.surfaceTemperatureC.p50[k]!),
        fixed(outlook.liquidWaterPercent.p50[k]!),
        fixed(outlook.sharpness.p50[k]!, 2),
        percent(outlook.humidityOverIceFraction[k]!),
        fixed(outlook.hoarKgPerM2.p50[k]! * 1000, 0),
      ],
    }));
  const unit = temperatureUnit(units);
  return (
    <Disclosure title={WORDS.asTable}>
      <DataTable
        caption={WORDS.outlookTable}
        columns={[
          { title: WORDS.time },
          { title: WORDS.snow(unit), isNumber: true },
          { title: WORDS.n80Band, isNumber: true },
          { title: WORDS.surface(unit), isNumber: true },
          { title: WORDS.waterVol, isNumber: true },
          { title: WORDS.sharpness, isNumber: true },
          { title: WORDS.humidityOverIce, isNumber: true },
          { title: WORDS.hoarGM, isNumber: true },
        ]}
        rows={rows}
      />
    </Disclosure>
  );
}
