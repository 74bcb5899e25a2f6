'use client';

import { useState } from 'react';
import { useRouter } from 'next/navigation';
import { Box, Flex, Input, SimpleGrid, Text } from '@chakra-ui/react';
import { SURFACE_KINDS } from '@/core/snow/outlook';
import type { Segment } from '@/data/segments';
import type { KeptVenue } from '@/data/venues';
import { ActionButton } from '@/ui/fields/action-button';
import { ChoiceRow } from '@/ui/fields/choice-row';
import { FieldProblemText } from '@/ui/fields/field-problem';
import { NumberField } from '@/ui/fields/number-field';
import { TextField } from '@/ui/fields/text-field';
import { useWrite } from '@/ui/fields/use-write';
import { useScales } from '@/ui/fields/scales';
import { SURFACE_WORDS } from '@/ui/format/words';
import { Part } from '@/ui/frame/sheet';
import { UndoNotice } from '@/ui/frame/undo-notice';
import { saveCourseAction } from './actions';
import { useTrack } from './use-track';

const MOST_SEGMENTS = 8;

type Problems = Record<string, string>;

/** The course as up to eight segments, typed or drawn from a track. */
export function CourseEditor({
  venue,
  segments,
}: {
  venue: KeptVenue;
  segments: readonly Segment[];
}) {
  const router = useRouter();
  const [draft, setDraft] = useState<Segment[]>();
  const [problems, setProblems] = useState<Problems>({});
  const [notice, setNotice] = useState<{ message: string; before?: readonly Segment[] }>();
  const [reversed, setReversed] = useState(false);
  const { send } = useWrite();
  const reading = useTrack();
  /** The course that this draft changes, where it is not the page's any more; and what others made of it. */
  const [from, setFrom] = useState<readonly Segment[]>();
  const [theirs, setTheirs] = useState<Segment[]>();
  /** What was saved from this page, until the page itself shows it. */
  const [savedHere, setSavedHere] = useState<{
    on: readonly Segment[];
    course: readonly Segment[];
  }>();
  const base = savedHere?.on === segments ? savedHere.course : segments;
  const shown = draft ?? [...base];

  const change = (at: number, change: Partial<Segment>) =>
    setDraft(shown.map((one, i) => (i === at ? { ...one, ...change } : one)));
  const save = async (next: readonly Segment[], message: string, before?: readonly Segment[]) => {
    const saved = await send(`course:${JSON.stringify(next)}`, (key) =>
      saveCourseAction(key, venue.id, next, from ?? base),
    );
    if (!saved) return;
    if (!saved.ok && saved.error.code === 'changed_meanwhile') {
      const { segments: theirs } = saved.error.details[0] as { segments: Segment[] };
      setTheirs(theirs);
      setFrom(theirs);
      setNotice({ message: saved.error.message });
      return;
    }
    if (!saved.ok) {
      const details = saved.error.details as { field: string; message: string }[];
      setProblems(Object.fromEntries(details.map((one) => [one.field, one.message])));
      setNotice({ message: details.length > 0 ? 'Fix the marked fields.' : saved.error.message });
      return;
    }
    setProblems({});
    setDraft(undefined);
    setTheirs(undefined);
    setFrom(undefined);
    setSavedHere({ on: segments, course: next });
    setNotice({ message, before });
    router.refresh();
  };
  const readTrack = async (file: File) => {
    setNotice(undefined);
    const track = await reading.read(file, { altitudeM: venue.altitudeM, isReversed: reversed });
    if (!track) return;
    if (!track.ok) {
      setNotice({ message: track.message });
      return;
    }
    const { segments: read, lengthM, notes } = track.track;
    setDraft(
      read.map((one) => ({ ...one, shadeFraction: 0.2, exposure: 1, surface: 'groomed' as const })),
    );
    const length = `${(lengthM / 1000).toFixed(1)} km in ${read.length} segments.`;
    setNotice({ message: [length, ...notes, 'Set shade, wind and surface, then save.'].join(' ') });
  };
  const empty: Segment = {
    name: `Segment ${shown.length + 1}`,
    lengthM: 1000,
    altitudeM: venue.altitudeM,
    slopeDeg: 0,
    aspectDeg: 0,
    shadeFraction: 0.2,
    exposure: 1,
    surface: shown.at(-1)?.surface ?? 'groomed',
  };
  return (
    <Part title="Course">
      {notice && (
        <UndoNotice
          message={notice.message}
          onUndo={
            notice.before ? () => void save(notice.before!, 'The old course is back.') : undefined
          }
          onClose={() => setNotice(undefined)}
        />
      )}
      <Flex gap="4" align="flex-end" wrap="wrap" mb="4">
        <Box>
          <Text
            as="label"
            {...{ htmlFor: 'track' }}
            textStyle="small"
            fontWeight="650"
            display="block"
          >
            Draw it from a GPX track
          </Text>
          <Input
            id="track"
            type="file"
            accept=".gpx,application/gpx+xml"
            maxW="360px"
            h="target"
            pt="1.5"
            borderColor="edge"
            onChange={(event) => {
              const file = event.target.files?.[0];
              if (file) void readTrack(file);
              event.target.value = '';
            }}
          />
        </Box>
        <Box minW="260px">
          <ChoiceRow
            legend="Direction"
            name="direction"
            value={reversed ? 'reversed' : 'track'}
            onChange={(value) => setReversed(value === 'reversed')}
            options={[
              { value: 'track', label: 'As recorded' },
              { value: 'reversed', label: 'Reversed' },
            ]}
          />
        </Box>
      </Flex>
      {reading.share !== undefined && (
        <Flex gap="4" align="center" mb="3" role="status">
          <Text textStyle="body">Reading the track, {Math.round(reading.share * 100)} %…</Text>
          <ActionButton quiet onClick={reading.cancel}>
            Cancel
          </ActionButton>
        </Flex>
      )}
      {theirs && (
        <Flex mb="3">
          <ActionButton
            quiet
            onClick={() => {
              setDraft(theirs);
              setTheirs(undefined);
            }}
          >
            Show theirs
          </ActionButton>
        </Flex>
      )}
      {shown.length === 0 && (
        <Text textStyle="body" mb="3">
          No segments: the whole course is taken as one flat, groomed place at the venue’s altitude.
        </Text>
      )}
      {shown.map((segment, i) => (
        <SegmentRow
          key={i}
          segment={segment}
          problem={(field) => problems[`segments[${i}].${field}`]}
          onChange={(next) => change(i, next)}
          onRemove={() => setDraft(shown.filter((_, k) => k !== i))}
        />
      ))}
      <Flex gap="3" wrap="wrap">
        {shown.length < MOST_SEGMENTS && (
          <ActionButton quiet onClick={() => setDraft([...shown, empty])}>
            Add a segment
          </ActionButton>
        )}
        {draft && (
          <>
            <ActionButton onClick={() => void save(shown, 'Course saved.', base)}>
              Save the course
            </ActionButton>
            <ActionButton
              quiet
              onClick={() => {
                setDraft(undefined);
                setProblems({});
              }}
            >
              Leave it as it was
            </ActionButton>
          </>
        )}
      </Flex>
      <FieldProblemText problem={problems.segments} />
    </Part>
  );
}

interface SegmentRowProps {
  segment: Segment;
  problem: (field: keyof Segment) => string | undefined;
  onChange: (change: Partial<Segment>) => void;
  onRemove: () => void;
}

function SegmentRow({ segment, problem, onChange, onRemove }: SegmentRowProps) {
  const scales = useScales();
  const figure = (
    field: 'lengthM' | 'altitudeM' | 'slopeDeg' | 'aspectDeg' | 'shadeFraction' | 'exposure',
  ) => ({
    value: segment[field],
    onChange: (value: number | undefined) => onChange({ [field]: value ?? NaN }),
    problem: problem(field),
  });
  return (
    <Box borderBottomWidth="1px" borderColor="rule" pb="4" mb="4">
      <SimpleGrid columns={{ base: 1, sm: 2, lg: 4 }} gap="3">
        <TextField
          label="Segment"
          value={segment.name}
          onChange={(name) => onChange({ name })}
          problem={problem('name')}
        />
        <NumberField
          label="Length"
          scale={scales.altitude}
          step={100}
          decimals={0}
          {...figure('lengthM')}
        />
        <NumberField
          label="Altitude"
          scale={scales.altitude}
          step={10}
          decimals={0}
          {...figure('altitudeM')}
        />
        <NumberField
          label="Slope"
          scale={scales.degrees}
          step={1}
          decimals={1}
          {...figure('slopeDeg')}
        />
        <NumberField
          label="Aspect (0 = north, 90 = east)"
          scale={scales.degrees}
          step={15}
          decimals={0}
          {...figure('aspectDeg')}
        />
        <NumberField
          label="Shade"
          scale={scales.humidity}
          step={10}
          decimals={0}
          {...figure('shadeFraction')}
        />
        <NumberField
          label="Wind by the station’s"
          scale={scales.humidity}
          step={10}
          decimals={0}
          {...figure('exposure')}
        />
        <ChoiceRow
          legend="Surface"
          name="surface"
          optionWidth="96px"
          value={segment.surface}
          onChange={(surface) => onChange({ surface })}
          options={SURFACE_KINDS.map((value) => ({ value, label: SURFACE_WORDS[value] }))}
        />
      </SimpleGrid>
      <ActionButton quiet mt="2" px="3" aria-label={`Remove ${segment.name}`} onClick={onRemove}>
        Remove
      </ActionButton>
    </Box>
  );
}
