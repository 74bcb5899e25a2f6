'use client';

import { useSyncExternalStore } from 'react';
import { Flex, Text } from '@chakra-ui/react';
import { useTheme } from 'next-themes';
import type { TeamSettings } from '@/data/team-settings';
import { ChoiceRow } from '@/ui/fields/choice-row';
import type { Units } from '@/ui/format/units';
import { useUnits } from '@/ui/format/units-context';
import { Part, Sheet } from '@/ui/frame/sheet';
import { saveUnitsAction } from './actions';
import { TeamPart } from './team-part';

const THEMES = [
  { value: 'system', label: 'As the device' },
  { value: 'light', label: 'Light' },
  { value: 'dark', label: 'Dark' },
] as const;
type Theme = (typeof THEMES)[number]['value'];

const never = () => () => undefined;
const useIsInBrowser = () =>
  useSyncExternalStore(
    never,
    () => true,
    () => false,
  );

/** Units and light of this device, and the team's own ways. */
export function SettingsScreen({ team }: { team: TeamSettings }) {
  const units = useUnits();
  const { theme, setTheme } = useTheme();
  const isInBrowser = useIsInBrowser();
  const save = (change: Partial<Units>) => void saveUnitsAction(change);
  return (
    <Sheet
      question="How should it read?"
      answer={<Text textStyle="title">Units and light here; the bench for the team</Text>}
    >
      <Flex direction="column" maxW="560px">
        <Part title="Units">
          <Flex direction="column" gap="4">
            <ChoiceRow
              legend="Temperature"
              name="temperature"
              value={units.temperature}
              onChange={(temperature) => save({ temperature })}
              options={[
                { value: 'C', label: '°C' },
                { value: 'F', label: '°F' },
              ]}
            />
            <ChoiceRow
              legend="Altitude and length"
              name="length"
              value={units.length}
              onChange={(length) => save({ length })}
              options={[
                { value: 'm', label: 'm' },
                { value: 'ft', label: 'ft' },
              ]}
            />
            <ChoiceRow
              legend="Distance"
              name="distance"
              value={units.distance}
              onChange={(distance) => save({ distance })}
              options={[
                { value: 'km', label: 'km' },
                { value: 'mi', label: 'mi' },
              ]}
            />
          </Flex>
        </Part>
        <Part title="Light">
          <ChoiceRow<Theme>
            legend="Screen"
            name="theme"
            value={isInBrowser ? ((theme as Theme | undefined) ?? 'system') : undefined}
            onChange={setTheme}
            options={THEMES}
          />
        </Part>
        <TeamPart stored={team} />
      </Flex>
    </Sheet>
  );
}
