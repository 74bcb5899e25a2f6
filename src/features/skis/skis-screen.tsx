'use client';

import type { Outing } from '@/core/model';
import { useMemo, useState } from 'react';
import { useRouter } from 'next/navigation';
import { Box, Flex, SimpleGrid, Text } from '@chakra-ui/react';
import { TYPES_FOR, type CareSign } from '@/core/ski';
import { SKI_TYPES } from '@/core/terms';
import { optionsOf } from '@/ui/fields/choice-row';
import { SelectField } from '@/ui/fields/select-field';
import { TextField } from '@/ui/fields/text-field';
import { skiWords } from '@/words/areas/ski';
import { termsWords } from '@/words/areas/terms';
import { skisScreenWords } from '@/words/screens/skis';
import { say } from '@/words/say';
import type { Writer } from '@/words/write';
import { useWords } from '@/ui/format/use-words';
import { afterPage, room } from '@/ui/frame/after-page';
import { CsvImport } from '@/ui/frame/csv-import';
import { RowTable, type RowColumn } from '@/ui/frame/data-table';
import { useShownRows } from '@/ui/frame/shown-rows';
import { Part, Sheet } from '@/ui/frame/sheet';
import { FileLink, SheetLink } from '@/ui/frame/sheet-link';
import { RACK_ORDER, type RackOrder, type RackRow } from './rack-row';
import { ReserveBar } from './reserve-bar';

/** The form at the end of the screen comes after it. */
const SkiForm = afterPage(
  () => import('./ski-form').then((module) => module.SkiForm),
  room({ minH: '420px' }),
);

const WORDS = skisScreenWords.skisScreen;

/** The camera comes when it is wanted. */
const ScanLabel = afterPage(
  () => import('./scan-label').then((module) => module.ScanLabel),
  room({ minH: 'target' }),
);

const ALL = 'all';
const FOR_OUTING = 'outing';
const sorts = (): Record<RackOrder, string> => ({
  due: WORDS.whatIsDueFirst,
  name: WORDS.name,
  owner: WORDS.owner,
  reserve: WORDS.leastWaxFirst,
  length: WORDS.length,
});

const marksInWords = (count: number) =>
  count === 0 ? '' : count === 1 ? WORDS.oneMark : WORDS.marksOnTheBase(count);

const dueInWords = (due: readonly CareSign[], write: Writer) =>
  due.map((sign) => say(skiWords.CARE, sign, write)).join(' ');

const columnsOf = (path: string, write: Writer): RowColumn<RackRow>[] => [
  {
    id: 'pair',
    title: WORDS.pair,
    cell: ({ ski }) => <SheetLink href={`${path}/skis/${ski.id}`}>{ski.name}</SheetLink>,
  },
  { id: 'type', title: WORDS.type, cell: ({ ski }) => termsWords.SKI_TYPE_WORDS[ski.type] },
  { id: 'length', title: WORDS.length, isNumber: true, cell: ({ ski }) => WORDS.cm(ski.lengthCm) },
  {
    id: 'grind',
    title: WORDS.grind,
    cell: ({ ski }) =>
      ski.grindMm === undefined ? '' : WORDS.mm(ski.grindMm, ski.grindPattern ?? ''),
  },
  {
    id: 'reserve',
    title: WORDS.waxReserve,
    cell: ({ care }) => <ReserveBar reserve={care.reserve} />,
  },
  {
    id: 'due',
    title: WORDS.dueAndWhatWasSeen,
    cell: ({ care, marks }) => `${dueInWords(care.due, write)} ${marksInWords(marks)}`.trim(),
  },
  {
    id: 'bench',
    title: WORDS.bench,
    cell: ({ ski }) => <SheetLink href={`${path}/bench?ski=${ski.id}`}>{WORDS.sheet}</SheetLink>,
  },
];

/** The rack of skis: which want wax, and where to find one. */
export function SkisScreen({ outing, rack }: { outing: Outing; rack: readonly RackRow[] }) {
  const router = useRouter();
  const { write } = useWords();
  const [wanted, setWanted] = useState('');
  const [type, setType] = useState<string>(ALL);
  const [sort, setSort] = useState<RackOrder>('due');
  const path = `/outing/${outing.id}`;
  const due = rack.filter((one) => one.care.due.length > 0);
  const found = useMemo(() => {
    const text = wanted.trim().toLowerCase();
    const listed = rack
      .filter(
        ({ ski }) =>
          type === ALL ||
          (type === FOR_OUTING
            ? TYPES_FOR[outing.discipline].includes(ski.type)
            : ski.type === type),
      )
      .filter(({ ski }) =>
        [ski.name, ski.owner, ski.note, ski.grindPattern].join(' ').toLowerCase().includes(text),
      );
    // A browser takes long to compare its first two names.
    return sort === 'due' ? listed : listed.sort(RACK_ORDER[sort]);
  }, [rack, wanted, type, sort, outing.discipline]);
  const { shown, more } = useShownRows(found);
  const present = SKI_TYPES.filter((one) => rack.some(({ ski }) => ski.type === one));
  const worst = due[0];
  return (
    <Sheet
      question={WORDS.whichSkisWantWork}
      answer={
        rack.length === 0 ? (
          <Text textStyle="title">{WORDS.theRackIsEmpty}</Text>
        ) : (
          <>
            <Text textStyle="hero" data-testid="skis-due">
              {due.length === 0 ? WORDS.noneIsDue : WORDS.ofAreDue(due.length, rack.length)}
            </Text>
            {worst && (
              <Text textStyle="body">
                {WORDS.first(worst.ski.name, dueInWords(worst.care.due, write))}
              </Text>
            )}
          </>
        )
      }
    >
      {rack.length > 0 && (
        <Part
          title={WORDS.onTheRack}
          aside={
            <Flex gap="4" wrap="wrap">
              <SheetLink href={`${path}/labels`}>{WORDS.labelsToPrint}</SheetLink>
              <FileLink href="/api/v1/skis?format=csv">{WORDS.csv}</FileLink>
            </Flex>
          }
        >
          <ScanLabel />
          <SimpleGrid columns={{ base: 1, sm: 3 }} gap="4" my="3" maxW="900px">
            <TextField label={WORDS.find} value={wanted} onChange={setWanted} />
            <SelectField
              label={WORDS.type}
              value={type}
              onChange={setType}
              options={[
                { value: ALL, label: WORDS.allTypes },
                { value: FOR_OUTING, label: WORDS.forThisOuting },
                ...optionsOf(present, termsWords.SKI_TYPE_WORDS),
              ]}
            />
            <SelectField
              label={WORDS.order}
              value={sort}
              onChange={(next) => setSort(next as RackOrder)}
              options={Object.entries(sorts()).map(([value, label]) => ({ value, label }))}
            />
          </SimpleGrid>
          {shown.length === 0 ? (
            <Text textStyle="body">{WORDS.noneMatches}</Text>
          ) : (
            <>
              <Box display={{ base: 'none', md: 'block' }}>
                <RowTable
                  caption={WORDS.skisOnTheRack}
                  columns={columnsOf(path, write)}
                  rows={shown}
                  keyOf={({ ski }) => ski.id}
                />
              </Box>
              <Box display={{ base: 'block', md: 'none' }}>
                {shown.map((one) => (
                  <SkiLine key={one.ski.id} one={one} path={path} />
                ))}
              </Box>
              {more}
            </>
          )}
        </Part>
      )}
      <Part title={WORDS.putAPairOrA} id="ski-form">
        <SkiForm onDone={(id) => router.push(`${path}/skis/${id}`)} />
      </Part>
      <CsvImport
        title={WORDS.manyAtOnce}
        hint={WORDS.csvHint}
        label={WORDS.importCsv}
        id="skis-file"
        url="/api/v1/skis"
        what="ski"
      />
    </Sheet>
  );
}

/** A ski where the screen is narrow: name and wax, and under them what is due. */
function SkiLine({ one, path }: { one: RackRow; path: string }) {
  const { ski, care, marks } = one;
  const { write } = useWords();
  return (
    <Box borderTopWidth="1px" borderColor="rule" py="1">
      <Flex justify="space-between" align="center" gap="3">
        <SheetLink href={`${path}/skis/${ski.id}`}>{ski.name}</SheetLink>
        <ReserveBar reserve={care.reserve} />
      </Flex>
      <Text textStyle="small" color="faint">
        {WORDS.summary(
          termsWords.SKI_TYPE_WORDS[ski.type],
          ski.lengthCm,
          dueInWords(care.due, write),
          marksInWords(marks),
        )}
      </Text>
    </Box>
  );
}
