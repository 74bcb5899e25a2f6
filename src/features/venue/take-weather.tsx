'use client';

import type { Venue } from '@/core/model';
import { useState } from 'react';
import { Box, Flex, SimpleGrid, Text } from '@chakra-ui/react';
import { instantFromLocal, isLocalTime, localFromInstant } from '@/core/time';
import { ActionButton } from '@/ui/fields/action-button';
import { ChoiceRow, optionsOf } from '@/ui/fields/choice-row';
import { CSV_ACCEPT, FileField } from '@/ui/fields/file-field';
import { LongTextField } from '@/ui/fields/long-text-field';
import { NumberField } from '@/ui/fields/number-field';
import { TextField } from '@/ui/fields/text-field';
import { useScales } from '@/ui/fields/scales';
import { DataTable } from '@/ui/frame/data-table';
import { Part } from '@/ui/frame/sheet';
import { UndoNotice } from '@/ui/frame/undo-notice';
import { SERVICE_MOODS, type ServiceMood } from './stand-in-service';
import type { StationSummary } from './station-list';
import { useTakeWeather, type TakeState } from './use-take-weather';
import { TwoLineForecast } from './two-line-forecast';
import type { TakenWeather, WeatherInput } from './use-cases/take-weather';
import { venueScreenWords } from '@/words/screens/venue';

const WORDS = venueScreenWords.takeWeather;

type Way = WeatherInput['kind'];

const ways = (): { value: Way; label: string }[] => [
  { value: 'simple', label: WORDS.dayAndNight },
  { value: 'file', label: WORDS.csvFile },
  { value: 'reports', label: WORDS.metarOrTaf },
  { value: 'typed', label: WORDS.byHand },
  { value: 'service', label: WORDS.weatherService },
];
const moodWords = (): Record<ServiceMood, string> => ({
  well: WORDS.well,
  late: WORDS.late,
  stale: WORDS.stale,
  down: WORDS.down,
});

/** Gets weather in by one of five ways; whatever fails, another way stays open. */
export function TakeWeather(props: {
  venue: Venue;
  startAt: string;
  stations: readonly StationSummary[];
}) {
  const { venue, startAt, stations } = props;
  const [chosen, setChosen] = useState<string>();
  const [way, setWay] = useState<Way>('simple');
  const stationId = stations.find((one) => one.id === chosen)?.id ?? stations[0]?.id;
  const { state, take, forget, refuse, reset } = useTakeWeather(venue.id, stationId);
  return (
    <Part title={WORDS.getWeatherIn}>
      <Flex direction="column" gap="4" maxW="900px">
        {stations.length > 1 && (
          <ChoiceRow
            legend={WORDS.forStation}
            name="station"
            optionWidth="160px"
            value={stationId}
            onChange={setChosen}
            options={stations.map((one) => ({ value: one.id, label: one.name }))}
          />
        )}
        <ChoiceRow
          legend={WORDS.from}
          name="way"
          optionWidth="140px"
          value={way}
          onChange={setWay}
          options={ways()}
        />
        {way === 'simple' && (
          <TwoLineForecast
            venueId={venue.id}
            startAt={startAt}
            timeZone={venue.timeZone}
            isBusy={state.kind === 'busy'}
            onForecast={(forecast) => take({ kind: 'simple', forecast })}
          />
        )}
        {way === 'file' && (
          <FromFile
            timeZone={venue.timeZone}
            onText={(text) => void take({ kind: 'file', text })}
            onFailure={refuse}
          />
        )}
        {way === 'reports' && (
          <FromReports onText={(text) => void take({ kind: 'reports', text })} />
        )}
        {way === 'typed' && (
          <ByHand
            timeZone={venue.timeZone}
            onSample={(sample) => void take({ kind: 'typed', sample })}
          />
        )}
        {way === 'service' && (
          <FromService onAsk={(mood) => void take({ kind: 'service', mood })} />
        )}
        <Outcome state={state} onUndo={(taken) => void forget(taken)} onClose={reset} />
      </Flex>
    </Part>
  );
}

function Outcome(props: {
  state: TakeState;
  onUndo: (taken: TakenWeather) => void;
  onClose: () => void;
}) {
  const { state, onUndo, onClose } = props;
  if (state.kind === 'busy') {
    return (
      <Text role="status" textStyle="body">
        {WORDS.takingTheWeatherIn}
      </Text>
    );
  }
  if (state.kind === 'done') {
    const { hours, notes } = state.taken;
    return (
      <UndoNotice
        message={[WORDS.hourTakenIn(hours), ...notes].join(' ')}
        onUndo={() => onUndo(state.taken)}
        onClose={onClose}
      />
    );
  }
  if (state.kind !== 'failed') return null;
  return (
    <Box role="alert">
      <Text textStyle="strong" color="danger">
        {state.message}
      </Text>
      {state.problems.length > 0 && (
        <DataTable
          caption={WORDS.whatToMend}
          columns={[
            { title: WORDS.line, isNumber: true },
            { title: WORDS.field },
            { title: WORDS.whatIsWrong },
          ]}
          rows={state.problems.map((one, i) => ({
            key: String(i),
            cells: [one.line ?? '–', one.field, one.message],
          }))}
        />
      )}
    </Box>
  );
}

const MOST_BYTES = 2_000_000;

interface FromFileProps {
  timeZone: string;
  onText: (text: string) => void;
  onFailure: (message: string) => void;
}

function FromFile({ timeZone, onText, onFailure }: FromFileProps) {
  const read = async (file: File) => {
    if (file.size > MOST_BYTES) {
      onFailure(WORDS.theFileIsOver2Mb);
      return;
    }
    const { decodeText } = await import('@/formats/text');
    const decoded = decodeText(new Uint8Array(await file.arrayBuffer()));
    if (decoded.ok) onText(decoded.text);
    else onFailure(decoded.message);
  };
  return (
    <FileField
      label={WORDS.csvHint(timeZone)}
      button={WORDS.chooseFile}
      id="weather-file"
      accept={CSV_ACCEPT}
      onFile={(file) => {
        read(file).catch(() => onFailure(WORDS.fileUnreadable));
      }}
    />
  );
}

function FromReports({ onText }: { onText: (text: string) => void }) {
  const [text, setText] = useState('');
  return (
    <Flex direction="column" gap="3" align="stretch">
      <LongTextField id="reports" label={WORDS.pasteHint} value={text} onChange={setText} />
      <ActionButton alignSelf="flex-start" onClick={() => onText(text)}>
        {WORDS.readThem}
      </ActionButton>
    </Flex>
  );
}

interface HandDraft {
  local: string;
  airTemperatureC?: number;
  humidityFraction?: number;
  windMPerS?: number;
  cloudFraction?: number;
}

function ByHand(props: { timeZone: string; onSample: (sample: unknown) => void }) {
  const scales = useScales();
  const [draft, setDraft] = useState<HandDraft>({ local: '', windMPerS: 1, cloudFraction: 0.5 });
  const set = (change: Partial<HandDraft>) => setDraft({ ...draft, ...change });
  const { local, ...figures } = draft;
  const time = isLocalTime(local) ? instantFromLocal(local, props.timeZone) : undefined;
  return (
    <Box>
      <SimpleGrid columns={{ base: 1, sm: 2, lg: 3 }} gap="4" mb="3">
        <TextField
          label={WORDS.hour(props.timeZone)}
          type="datetime-local"
          value={local}
          onChange={(next) => set({ local: next })}
        />
        <NumberField
          label={WORDS.air}
          scale={scales.temperature}
          step={0.5}
          value={draft.airTemperatureC}
          onChange={(airTemperatureC) => set({ airTemperatureC })}
        />
        <NumberField
          label={WORDS.humidity}
          scale={scales.humidity}
          step={5}
          decimals={0}
          startShown={70}
          value={draft.humidityFraction}
          onChange={(humidityFraction) => set({ humidityFraction })}
        />
        <NumberField
          label={WORDS.wind}
          scale={scales.wind}
          step={0.5}
          value={draft.windMPerS}
          onChange={(windMPerS) => set({ windMPerS })}
        />
        <NumberField
          label={WORDS.cloud}
          scale={scales.humidity}
          step={10}
          decimals={0}
          value={draft.cloudFraction}
          onChange={(cloudFraction) => set({ cloudFraction })}
        />
      </SimpleGrid>
      <ActionButton
        onClick={() => {
          props.onSample({ ...figures, time });
          if (time)
            set({
              local: localFromInstant(
                new Date(Date.parse(time) + 3_600_000).toISOString(),
                props.timeZone,
              ),
            });
        }}
      >
        {WORDS.addThisHour}
      </ActionButton>
    </Box>
  );
}

function FromService({ onAsk }: { onAsk: (mood: ServiceMood) => void }) {
  const [mood, setMood] = useState<ServiceMood>('well');
  return (
    <Box>
      <Text textStyle="small" color="faint" mb="2">
        {WORDS.aStandInThatShips}
      </Text>
      <Box maxW="480px" mb="3">
        <ChoiceRow
          legend={WORDS.theServiceIs}
          name="mood"
          value={mood}
          onChange={setMood}
          options={optionsOf(SERVICE_MOODS, moodWords())}
        />
      </Box>
      <ActionButton onClick={() => onAsk(mood)}>{WORDS.askTheService}</ActionButton>
    </Box>
  );
}
