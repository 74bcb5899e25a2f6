'use client';

import { Box, Grid, Text } from '@chakra-ui/react';
import { AMOUNTS, CHANCES, WIND_WORDS } from '@/core/snow/forecast-terms';
import { SKIES } from '@/core/terms';
import { localFromInstant } from '@/core/time';
import { lateForm } from '@/formats/schemas/form-resolver';
import type { TypedForecast } from '@/formats/schemas/simple-forecast';
import type { Answer } from '@/ui/fields/answer';
import { ActionButton } from '@/ui/fields/action-button';
import { ChoiceRow, optionsOf } from '@/ui/fields/choice-row';
import { NumberField } from '@/ui/fields/number-field';
import { SheetForm } from '@/ui/fields/sheet-form';
import { useDraftedForm } from '@/ui/fields/use-drafted-form';
import { useScales } from '@/ui/fields/scales';
import { dayOf } from '@/words/times';
import { termsWords } from '@/words/areas/terms';
import { venueScreenWords } from '@/words/screens/venue';

const WORDS = venueScreenWords.twoLineForecast;

const NOON = 12;

type Draft = Partial<TypedForecast>;

/** The day and the night about a start: before noon the night comes first. */
export function halvesAbout(
  startAt: string,
  timeZone: string,
): Pick<TypedForecast, 'day' | 'first'> {
  const [day = '', clock = ''] = localFromInstant(startAt, timeZone).split('T');
  return { day, first: Number(clock.slice(0, 2)) < NOON ? 'night' : 'day' };
}

const resolver = lateForm<Draft>(() =>
  import('@/formats/schemas/simple-forecast').then(
    ({ simpleForecastSchema }) => simpleForecastSchema,
  ),
);

interface TwoLineForecastProps {
  venueId: string;
  startAt: string;
  timeZone: string;
  isBusy: boolean;
  onForecast: (forecast: Draft) => Promise<Answer<unknown>>;
}

/** A forecast as one reads it anywhere: a day, a night, wind, and what may fall. */
export function TwoLineForecast(props: TwoLineForecastProps) {
  const { venueId, startAt, timeZone, isBusy, onForecast } = props;
  const about = halvesAbout(startAt, timeZone);
  const form = useDraftedForm<Draft>(
    `forecast:${venueId}:${about.day}`,
    {
      ...about,
      daySky: 'clear',
      nightSky: 'clear',
      wind: 'light',
      chance: 'none',
      amount: 'light',
    },
    resolver,
  );
  const { bind } = form;
  const send = () => form.submit((draft) => onForecast({ ...draft, ...about }));
  const day = <HalfDay key="day" half="day" title={WORDS.byDay(dayOf(about.day))} form={form} />;
  const night = (
    <HalfDay
      key="night"
      half="night"
      title={about.first === 'night' ? WORDS.theNightBefore : WORDS.theNightAfter}
      form={form}
    />
  );
  return (
    <SheetForm onSubmit={send}>
      <Grid templateColumns={{ base: '1fr', md: '1fr 1fr' }} gap="6" mb="4">
        {about.first === 'night' ? [night, day] : [day, night]}
      </Grid>
      <Grid templateColumns={{ base: '1fr', md: '1fr 1fr' }} gap="6" mb="3">
        <ChoiceRow
          legend={WORDS.wind}
          name="wind-word"
          {...bind('wind')}
          options={optionsOf(WIND_WORDS, WORDS.WIND)}
        />
        <Box>
          <ChoiceRow
            legend={WORDS.snowOrRain}
            name="chance"
            {...bind('chance')}
            options={optionsOf(CHANCES, WORDS.CHANCE)}
          />
          {form.values.chance !== 'none' && (
            <Box mt="3">
              <ChoiceRow
                legend={WORDS.howMuch}
                name="amount"
                {...bind('amount')}
                options={optionsOf(AMOUNTS, WORDS.AMOUNT)}
              />
            </Box>
          )}
        </Box>
      </Grid>
      <Text textStyle="small" color="faint" mb="3">
        {WORDS.becomesHours}
      </Text>
      <ActionButton type="submit" loading={isBusy} loadingText={WORDS.adding}>
        {WORDS.useThisForecast}
      </ActionButton>
    </SheetForm>
  );
}

type Form = ReturnType<typeof useDraftedForm<Draft>>;

function HalfDay(props: { half: 'day' | 'night'; title: string; form: Form }) {
  const { half, title, form } = props;
  const scales = useScales();
  const figure = (field: 'dayLowC' | 'dayHighC' | 'nightLowC' | 'nightHighC') => ({
    scale: scales.temperature,
    step: 1,
    decimals: 0,
    ...form.bind(field),
  });
  const isDay = half === 'day';
  return (
    <Box as="fieldset">
      <Text as="legend" textStyle="strong" mb="2">
        {title}
      </Text>
      <Grid templateColumns="1fr 1fr" gap="3" mb="3">
        <NumberField
          label={isDay ? WORDS.lowByDay : WORDS.lowByNight}
          {...figure(isDay ? 'dayLowC' : 'nightLowC')}
        />
        <NumberField
          label={isDay ? WORDS.highByDay : WORDS.highByNight}
          {...figure(isDay ? 'dayHighC' : 'nightHighC')}
        />
      </Grid>
      <ChoiceRow
        legend={WORDS.sky}
        name={`${half}-sky`}
        {...form.bind(isDay ? 'daySky' : 'nightSky')}
        options={optionsOf(SKIES, termsWords.SKY_WORDS)}
      />
    </Box>
  );
}
