'use client';

import { temperature, temperatureWithSpread } from '@/words/quantities';
import type { DaySnow } from '@/core/choice';
import { useUnits } from '@/ui/format/units-context';
import { LineItem } from './snow-line';
import { frameScreenWords } from '@/words/screens/frame';

const WORDS = frameScreenWords.snowLine;

/** The snow at the start, as on every other screen: over the course, or as measured there. */
export function AtStart({ day }: { day: Omit<DaySnow, 'cases'> | undefined }) {
  const units = useUnits();
  if (!day) return null;
  const { snow, basis } = day;
  const label =
    basis.kind === 'modelled' && snow.airTemperatureC !== undefined
      ? WORDS.snowAtStartModelled(temperature(snow.airTemperatureC, units))
      : WORDS.snowAtStartMeasured;
  return (
    <LineItem short={WORDS.atStart} label={label}>
      <span data-testid="line-start">
        {temperatureWithSpread(snow.temperatureC, snow.temperatureSdC ?? 0, units)}
      </span>
    </LineItem>
  );
}

/** Its place while the outlook is computed. */
export function AtStartPlace() {
  return (
    <LineItem short={WORDS.atStart} label={WORDS.atStart}>
      {WORDS.computing}
    </LineItem>
  );
}
