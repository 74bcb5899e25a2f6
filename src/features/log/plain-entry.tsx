'use client';

import type { LogEntry, Reading } from '@/core/model';
import { Text } from '@chakra-ui/react';
import { useWords } from '@/ui/format/use-words';
import { SheetLink } from '@/ui/frame/sheet-link';
import { termsWords } from '@/words/areas/terms';
import { temperatureRange, temperatureWithSpread } from '@/words/quantities';
import { logScreenWords } from '@/words/screens/log';
import { skiEventInWords } from '@/words/ski-events';
import type { Units } from '@/words/units';
import type { Writer } from '@/words/write';
import { EntryFrame } from './entry-frame';
import { jobSummary } from './job-summary';

const WORDS = logScreenWords.timeline;
const OUTCOME = logScreenWords.outcome;

/** Entries that tell themselves in a few lines. */
export type PlainKind = 'reading' | 'import' | 'job' | 'test' | 'grip' | 'outcome' | 'ski';
type Plain = Extract<LogEntry, { kind: PlainKind }>;

/** Heading, lines and the way to where the entry was made. */
interface Rendered {
  title: string;
  lines: (string | undefined)[];
  link?: { href: string; label: string };
}

type Entry<Kind extends PlainKind> = Extract<LogEntry, { kind: Kind }>;
interface Hand {
  units: Units;
  write: Writer;
}

/** What the snow was, each word once: grain and origin may have the same. */
function snowOf({ grain, wetness, origin, spot }: Reading): string {
  const words = [
    termsWords.WETNESS_WORDS[wetness],
    termsWords.inSentence(termsWords.ORIGIN_WORDS[origin]),
    ...(grain ? [termsWords.inSentence(termsWords.GRAIN_WORDS[grain])] : []),
  ];
  return [...new Set(words), ...(spot ? [spot] : [])].join(', ');
}

const TOLD: { [Kind in PlainKind]: (entry: Entry<Kind>, hand: Hand) => Rendered } = {
  reading: ({ reading }, { units, write }) => ({
    title: WORDS.reading(
      temperatureWithSpread(reading.temperatureC, reading.temperatureSdC, units),
      write.percent(reading.humidityFraction),
    ),
    lines: [snowOf(reading), reading.note],
  }),
  import: ({ count, lowC, highC }, { units }) => ({
    title: count > 0 ? WORDS.readingsFromFile(count) : WORDS.importTakenBack,
    lines: [count > 0 ? temperatureRange(lowC, highC, units) : undefined],
  }),
  job: ({ job, skiName, outingId }) => ({
    title: skiName ? WORDS.jobOn(job.title, skiName) : job.title,
    lines: [jobSummary(job)],
    link: {
      href: `/outing/${outingId}/bench?job=${job.id}`,
      label: logScreenWords.benchLog.theSheet,
    },
  }),
  test: ({ test, runs }) => ({
    title: WORDS.testOf(test.skis),
    lines: [WORDS.runs(runs), test.structure, test.tester],
    link: { href: `/outing/${test.outingId}/test?test=${test.id}`, label: WORDS.theTest },
  }),
  grip: ({ grip }) => ({
    title: grip.wax,
    lines: [
      WORDS.gripTried(termsWords.GRIP_VERDICT_WORDS[grip.verdict], grip.heldMarks, grip.layers),
      grip.tester,
      grip.note,
    ],
  }),
  outcome: ({ outcome, wax }) => ({
    title: wax,
    lines: [OUTCOME.was(OUTCOME.GLIDE[outcome.glide], OUTCOME.FEEL[outcome.feel])],
  }),
  ski: ({ event, skiName }) => ({
    title: skiName ?? WORDS.removedPair,
    lines: [skiEventInWords(event), event.note],
  }),
};

/** An entry with a heading, a line or two, and a link to where it was made. */
export function PlainEntry({ entry, where }: { entry: Plain; where: string }) {
  const hand = useWords();
  const { title, lines, link } = (TOLD[entry.kind] as (one: Plain, with_: Hand) => Rendered)(
    entry,
    hand,
  );
  return (
    <EntryFrame
      title={title}
      where={where}
      aside={link && <SheetLink href={link.href}>{link.label}</SheetLink>}
    >
      {lines.filter(Boolean).map((line) => (
        <Text key={line} textStyle="body">
          {line}
        </Text>
      ))}
    </EntryFrame>
  );
}
