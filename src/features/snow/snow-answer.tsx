'use client';

import { Box, Flex, Text } from '@chakra-ui/react';
import type { Outing, Reading } from '@/core/model';
import type { DaySnow } from '@/core/choice';
import { useUnits } from '@/ui/format/units-context';
import { SheetLink } from '@/ui/frame/sheet-link';
import { NotchGauge } from '@/ui/marks/notch-gauge';
import { percent, temperature, temperatureWithSpread } from '@/words/quantities';
import { clockTime, dayAndTime } from '@/words/times';
import { termsWords } from '@/words/areas/terms';
import { snowScreenWords } from '@/words/screens/snow';

const WORDS = snowScreenWords.snowScreen;

/** The snow at the start, as every screen means it, and what it asks for. */
export interface StartAnswer extends Omit<DaySnow, 'cases'> {
  equivalentTemperatureC: number;
  equivalentSdC: number;
  hardness: number;
  /** The moments it is meant over, ms. */
  fromMs: number;
  toMs: number;
}

interface SnowAnswerProps {
  start: StartAnswer;
  latest: Reading | undefined;
  outing: Outing;
}

/** The snow over the course at the start, what it asks for, and what was measured last. */
export function SnowAnswer({ start, latest, outing }: SnowAnswerProps) {
  const units = useUnits();
  const { snow } = start;
  const { timeZone } = outing.venue;
  const isMeasured = start.basis.kind === 'measured';
  return (
    <>
      <Text textStyle="hero" data-testid={isMeasured ? 'snow-now' : 'snow-start'}>
        {temperatureWithSpread(snow.temperatureC, snow.temperatureSdC ?? 0, units)}
      </Text>
      {isMeasured && latest ? (
        <Measured latest={latest} start={start} timeZone={timeZone} />
      ) : (
        <Text textStyle="body">
          {WORDS.overTheCourse(spanOf(start, timeZone), wetnessOf(start))}
          <strong data-testid="air-start">
            {temperature(snow.airTemperatureC ?? snow.temperatureC, units)}
          </strong>{' '}
          {WORDS.atHumidity(percent(snow.humidityFraction))}
        </Text>
      )}
      <Flex textStyle="body" align="center" columnGap="4" wrap="wrap">
        <Box as="span">
          {WORDS.asksForAWax}
          <strong data-testid="asked-equivalent">
            {temperatureWithSpread(start.equivalentTemperatureC, start.equivalentSdC, units)}
          </strong>
          .
        </Box>
        <NotchGauge hardness={start.hardness} />
        <SheetLink href={`/outing/${outing.id}/pick`}>{WORDS.choose}</SheetLink>
      </Flex>
      {latest && !isMeasured && (
        <Text textStyle="body" color="faint">
          {WORDS.last(latest.source === 'guess' ? WORDS.guessed : WORDS.measured)}
          <span data-testid="snow-now">
            {temperatureWithSpread(latest.temperatureC, latest.temperatureSdC, units)}
          </span>
          , {dayAndTime(latest.takenAt, timeZone)}
          {latest.spot ? `, ${latest.spot}` : ''}.
        </Text>
      )}
    </>
  );
}

const wetnessOf = ({ snow }: StartAnswer) =>
  termsWords.inSentence(termsWords.WETNESS_WORDS[snow.wetness]);

function spanOf({ fromMs, toMs }: StartAnswer, timeZone: string): string {
  const clock = (ms: number) => clockTime(new Date(ms).toISOString(), timeZone);
  return toMs > fromMs ? WORDS.fromTo(clock(fromMs), clock(toMs)) : WORDS.atTheStart(clock(fromMs));
}

/** A reading at the start counts as it is; without weather the last one is all there is. */
function Measured(props: { latest: Reading; start: StartAnswer; timeZone: string }) {
  const { latest, start, timeZone } = props;
  if (start.basis.reason.code === 'measured_at_start') {
    return <Text textStyle="body">{WORDS.asMeasured(wetnessOf(start))}</Text>;
  }
  return (
    <Text textStyle="body">
      {WORDS.withoutWeather(
        latest.source === 'guess'
          ? WORDS.guessedNotMeasured
          : WORDS.measuredBy(
              termsWords.inSentence(termsWords.SOURCE_WORDS[latest.source] ?? latest.source),
            ),
        dayAndTime(latest.takenAt, timeZone),
        latest.spot ? `, ${latest.spot}` : '',
      )}
    </Text>
  );
}
