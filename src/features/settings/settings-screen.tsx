'use client';

import type { TeamSettings } from '@/core/model';
import { useSyncExternalStore } from 'react';
import { Box, Flex, Grid, Text } from '@chakra-ui/react';
import { useTheme } from 'next-themes';
import { ChoiceRow } from '@/ui/fields/choice-row';
import type { Locale } from '@/words/locale';
import { UNIT_CHOICES, UNITS_OF, type UnitOf, type Units } from '@/words/units';
import { useUnits } from '@/ui/format/units-context';
import { Part, Sheet } from '@/ui/frame/sheet';
import { SheetLink } from '@/ui/frame/sheet-link';
import { saveUnitsAction } from './actions';
import { CopiesPart } from './copies-part';
import type { ListedCopy } from './use-cases/copies';
import { ExchangePart } from './exchange-part';
import { LanguageChoice } from './language-choice';
import { HubPart } from './hub-part';
import type { ShownHub } from './use-cases/link-hub';
import { TeamPart } from './team-part';
import { settingsScreenWords } from '@/words/screens/settings';

const WORDS = settingsScreenWords.settingsScreen;
const DEVICES = settingsScreenWords.devices;

const themes = () =>
  [
    { value: 'system', label: WORDS.asTheDevice },
    { value: 'light', label: WORDS.light },
    { value: 'dark', label: WORDS.dark },
  ] as const;
type Theme = ReturnType<typeof themes>[number]['value'];

const never = () => () => undefined;
const useIsInBrowser = () =>
  useSyncExternalStore(
    never,
    () => true,
    () => false,
  );

const unitTitles = (): Record<UnitOf, string> => ({
  temperature: WORDS.temperature,
  length: WORDS.altitudeAndLength,
  distance: WORDS.distance,
});
/** How a unit is written on its button. */
const signOf = (unit: Units[UnitOf]) => (unit === 'C' || unit === 'F' ? `°${unit}` : unit);

interface SettingsScreenProps {
  team: TeamSettings;
  copies: readonly ListedCopy[];
  hub: ShownHub | undefined;
  /** Of the outing: times are said on its clock. */
  timeZone: string;
  /** The language chosen on this device. */
  locale: Locale | undefined;
}

/** Units and light of this device, the team's own ways, and copies of the data. */
export function SettingsScreen({ team, copies, hub, timeZone, locale }: SettingsScreenProps) {
  const units = useUnits();
  const { theme, setTheme } = useTheme();
  const isInBrowser = useIsInBrowser();
  const save = (change: Partial<Units>) => void saveUnitsAction(change);
  return (
    <Sheet
      question={WORDS.howShouldItRead}
      answer={<Text textStyle="title">{WORDS.unitsAndLightHereThe}</Text>}
    >
      <Grid
        templateColumns={{ base: 'minmax(0, 1fr)', lg: '1fr 1fr' }}
        columnGap="10"
        alignItems="start"
      >
        <Box minW="0" maxW="600px">
          <Part title={WORDS.thisDevice}>
            <Flex direction="column" gap="4">
              <LanguageChoice chosen={locale} />
              {UNITS_OF.map((of) => (
                <ChoiceRow
                  key={of}
                  legend={unitTitles()[of]}
                  name={of}
                  value={units[of]}
                  onChange={(unit) => save({ [of]: unit })}
                  options={UNIT_CHOICES[of].map((value) => ({ value, label: signOf(value) }))}
                />
              ))}
              <ChoiceRow<Theme>
                legend={WORDS.screen}
                name="theme"
                value={isInBrowser ? ((theme as Theme | undefined) ?? 'system') : undefined}
                onChange={setTheme}
                options={themes()}
              />
            </Flex>
          </Part>
          <Part title={DEVICES.title}>
            <Text textStyle="body">{DEVICES.hint}</Text>
            <SheetLink href="/devices">{DEVICES.open}</SheetLink>
          </Part>
          <CopiesPart copies={copies} timeZone={timeZone} />
          <HubPart hub={hub} timeZone={timeZone} />
        </Box>
        <Box minW="0" maxW="600px">
          <TeamPart stored={team} />
        </Box>
      </Grid>
      <ExchangePart />
    </Sheet>
  );
}
