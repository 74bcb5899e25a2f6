'use client';

import { useState } from 'react';
import { Box, Flex, Input, SimpleGrid, Text, Textarea } from '@chakra-ui/react';
import type { Venue } from '@/data/venues';
import { instantFromLocal, isLocalTime, localFromInstant } from '@/core/time';
import { decodeText } from '@/formats/text';
import { ActionButton } from '@/ui/fields/action-button';
import { ChoiceRow } from '@/ui/fields/choice-row';
import { NumberField } from '@/ui/fields/number-field';
import { TextField } from '@/ui/fields/text-field';
import { useScales } from '@/ui/fields/scales';
import { DataTable } from '@/ui/frame/data-table';
import { Part } from '@/ui/frame/sheet';
import { UndoNotice } from '@/ui/frame/undo-notice';
import { SERVICE_MOODS, type ServiceMood } from './stand-in-service';
import type { StationSummary } from './station-list';
import { useTakeWeather, type TakeState } from './use-take-weather';
import type { WeatherInput } from './use-cases/take-weather';

type Way = WeatherInput['kind'];

const WAYS: { value: Way; label: string }[] = [
  { value: 'file', label: 'CSV file' },
  { value: 'reports', label: 'METAR or TAF' },
  { value: 'typed', label: 'By hand' },
  { value: 'service', label: 'Weather service' },
];
const MOOD_WORDS: Record<ServiceMood, string> = {
  well: 'Well',
  late: 'Late',
  stale: 'Stale',
  down: 'Down',
};

/** Gets weather in by one of four ways; whatever fails, another way stays open. */
export function TakeWeather(props: { venue: Venue; stations: readonly StationSummary[] }) {
  const { venue, stations } = props;
  const [chosen, setChosen] = useState<string>();
  const [way, setWay] = useState<Way>('file');
  const stationId = stations.find((one) => one.id === chosen)?.id ?? stations[0]?.id;
  const { state, take, forget, refuse, reset } = useTakeWeather(venue.id, stationId);
  if (!stationId) return null;
  return (
    <Part title="Get weather in">
      <Flex direction="column" gap="4" maxW="900px">
        <ChoiceRow
          legend="For station"
          name="station"
          optionWidth="160px"
          value={stationId}
          onChange={setChosen}
          options={stations.map((one) => ({ value: one.id, label: one.name }))}
        />
        <ChoiceRow
          legend="From"
          name="way"
          optionWidth="140px"
          value={way}
          onChange={setWay}
          options={WAYS}
        />
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
        <Outcome state={state} onUndo={(at) => void forget(at)} onClose={reset} />
      </Flex>
    </Part>
  );
}

function Outcome(props: {
  state: TakeState;
  onUndo: (takenInAt: string) => void;
  onClose: () => void;
}) {
  const { state, onUndo, onClose } = props;
  if (state.kind === 'busy') {
    return (
      <Text role="status" textStyle="body">
        Taking the weather in…
      </Text>
    );
  }
  if (state.kind === 'done') {
    const { hours, takenInAt, notes } = state.taken;
    return (
      <UndoNotice
        message={[`${hours} hour${hours === 1 ? '' : 's'} taken in.`, ...notes].join(' ')}
        onUndo={() => onUndo(takenInAt)}
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
          caption="What to mend"
          columns={[
            { title: 'Line', isNumber: true },
            { title: 'Field' },
            { title: 'What is wrong' },
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
      onFailure('The file is over 2 MB: split it. Nothing was taken in.');
      return;
    }
    const decoded = decodeText(new Uint8Array(await file.arrayBuffer()));
    if (decoded.ok) onText(decoded.text);
    else onFailure(decoded.message);
  };
  return (
    <Box>
      <Text
        as="label"
        {...{ htmlFor: 'weather-file' }}
        textStyle="small"
        fontWeight="650"
        display="block"
      >
        Hourly weather: time; air temperature [°C]; humidity [%]; wind [m/s]; cloud [%];
        precipitation [mm]. Times without a zone are on the clock of {timeZone}.
      </Text>
      <Input
        id="weather-file"
        type="file"
        accept=".csv,text/csv,.txt"
        maxW="360px"
        h="target"
        pt="1.5"
        borderColor="edge"
        onChange={(event) => {
          const file = event.target.files?.[0];
          if (file) {
            read(file).catch(() => onFailure('The file could not be read: choose it again.'));
          }
          event.target.value = '';
        }}
      />
    </Box>
  );
}

function FromReports({ onText }: { onText: (text: string) => void }) {
  const [text, setText] = useState('');
  return (
    <Box>
      <Text
        as="label"
        {...{ htmlFor: 'reports' }}
        textStyle="small"
        fontWeight="650"
        display="block"
        mb="1"
      >
        Paste METARs or a TAF of a near airfield, a report a line
      </Text>
      <Textarea
        id="reports"
        value={text}
        onChange={(event) => setText(event.target.value)}
        rows={4}
        bg="sheet"
        borderColor="edge"
        textStyle="body"
        mb="3"
      />
      <ActionButton onClick={() => onText(text)}>Read them</ActionButton>
    </Box>
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
          label={`Hour (${props.timeZone})`}
          type="datetime-local"
          value={local}
          onChange={(next) => set({ local: next })}
        />
        <NumberField
          label="Air"
          scale={scales.temperature}
          step={0.5}
          value={draft.airTemperatureC}
          onChange={(airTemperatureC) => set({ airTemperatureC })}
        />
        <NumberField
          label="Humidity"
          scale={scales.humidity}
          step={5}
          decimals={0}
          startShown={70}
          value={draft.humidityFraction}
          onChange={(humidityFraction) => set({ humidityFraction })}
        />
        <NumberField
          label="Wind"
          scale={scales.wind}
          step={0.5}
          value={draft.windMPerS}
          onChange={(windMPerS) => set({ windMPerS })}
        />
        <NumberField
          label="Cloud"
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
        Add this hour
      </ActionButton>
    </Box>
  );
}

function FromService({ onAsk }: { onAsk: (mood: ServiceMood) => void }) {
  const [mood, setMood] = useState<ServiceMood>('well');
  return (
    <Box>
      <Text textStyle="small" color="faint" mb="2">
        A stand-in that ships with the app and makes its weather up; it can be late, stale or down
        as a real one can.
      </Text>
      <Box maxW="480px" mb="3">
        <ChoiceRow
          legend="The service is"
          name="mood"
          value={mood}
          onChange={setMood}
          options={SERVICE_MOODS.map((value) => ({ value, label: MOOD_WORDS[value] }))}
        />
      </Box>
      <ActionButton onClick={() => onAsk(mood)}>Ask the service</ActionButton>
    </Box>
  );
}
