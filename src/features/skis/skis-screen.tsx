'use client';

import { useMemo, useState } from 'react';
import { useRouter } from 'next/navigation';
import { Box, Flex, SimpleGrid, Text } from '@chakra-ui/react';
import { TYPES_FOR } from '@/core/ski';
import { SKI_TYPES, type SkiType } from '@/core/terms';
import type { Outing } from '@/data/outings';
import { SelectField } from '@/ui/fields/select-field';
import { TextField } from '@/ui/fields/text-field';
import { SKI_TYPE_WORDS } from '@/ui/format/words';
import { CsvImport } from '@/ui/frame/csv-import';
import { DataTable } from '@/ui/frame/data-table';
import { useShownRows } from '@/ui/frame/shown-rows';
import { Part, Sheet } from '@/ui/frame/sheet';
import { FileLink, SheetLink } from '@/ui/frame/sheet-link';
import { ReserveBar } from './reserve-bar';
import { SkiForm } from './ski-form';
import type { RackRow } from './use-cases/load-skis';

const ALL = 'all';
const FOR_OUTING = 'outing';
const SORTS = {
  due: 'What is due first',
  name: 'Name',
  owner: 'Owner',
  reserve: 'Least wax first',
  length: 'Length',
} as const;
type Sort = keyof typeof SORTS;

const byName = (a: RackRow, b: RackRow) => a.ski.name.localeCompare(b.ski.name, 'en');
const COMPARE: Record<Sort, (a: RackRow, b: RackRow) => number> = {
  due: (a, b) =>
    b.care.due.length - a.care.due.length || a.care.reserve - b.care.reserve || byName(a, b),
  name: byName,
  owner: (a, b) => a.ski.owner.localeCompare(b.ski.owner, 'en') || byName(a, b),
  reserve: (a, b) => a.care.reserve - b.care.reserve || byName(a, b),
  length: (a, b) => a.ski.lengthCm - b.ski.lengthCm || byName(a, b),
};

const COLUMNS = [
  { title: 'Pair' },
  { title: 'Type' },
  { title: 'Length', isNumber: true },
  { title: 'Grind' },
  { title: 'Wax reserve' },
  { title: 'Due, and what was seen' },
  { title: 'Bench' },
];

const marksInWords = (count: number) =>
  count === 0 ? '' : count === 1 ? 'One mark on the base.' : `${count} marks on the base.`;

/** The rack of skis: which want wax, and where to find one. */
export function SkisScreen({ outing, rack }: { outing: Outing; rack: readonly RackRow[] }) {
  const router = useRouter();
  const [words, setWords] = useState('');
  const [type, setType] = useState<string>(ALL);
  const [sort, setSort] = useState<Sort>('due');
  const path = `/outing/${outing.id}`;
  const due = rack.filter((one) => one.care.due.length > 0);
  const found = useMemo(() => {
    const wanted = words.trim().toLowerCase();
    return rack
      .filter(
        ({ ski }) =>
          type === ALL ||
          (type === FOR_OUTING
            ? TYPES_FOR[outing.discipline].includes(ski.type)
            : ski.type === type),
      )
      .filter(({ ski }) =>
        [ski.name, ski.owner, ski.note, ski.grindPattern].join(' ').toLowerCase().includes(wanted),
      )
      .sort(COMPARE[sort]);
  }, [rack, words, type, sort, outing.discipline]);
  const { shown, more } = useShownRows(found);
  const present = SKI_TYPES.filter((one) => rack.some(({ ski }) => ski.type === one));
  const worst = [...due].sort(COMPARE.due)[0];
  return (
    <Sheet
      question="Which skis want work?"
      answer={
        rack.length === 0 ? (
          <Text textStyle="title">The rack is empty.</Text>
        ) : (
          <>
            <Text textStyle="hero" data-testid="skis-due">
              {due.length === 0 ? 'None is due' : `${due.length} of ${rack.length} are due`}
            </Text>
            {worst && (
              <Text textStyle="body">
                First {worst.ski.name}: {worst.care.due.join(' ')}
              </Text>
            )}
          </>
        )
      }
    >
      {rack.length > 0 && (
        <Part
          title="On the rack"
          aside={
            <Flex gap="4" wrap="wrap">
              <SheetLink href={`${path}/labels`}>Labels to print</SheetLink>
              <FileLink href="/api/v1/skis?format=csv">CSV</FileLink>
            </Flex>
          }
        >
          <SimpleGrid columns={{ base: 1, sm: 3 }} gap="4" mb="3" maxW="900px">
            <TextField label="Find by name, owner or note" value={words} onChange={setWords} />
            <SelectField
              label="Type"
              value={type}
              onChange={setType}
              options={[
                { value: ALL, label: 'All types' },
                { value: FOR_OUTING, label: 'For this outing' },
                ...present.map((value: SkiType) => ({ value, label: SKI_TYPE_WORDS[value] })),
              ]}
            />
            <SelectField
              label="Order"
              value={sort}
              onChange={(next) => setSort(next as Sort)}
              options={Object.entries(SORTS).map(([value, label]) => ({ value, label }))}
            />
          </SimpleGrid>
          {shown.length === 0 ? (
            <Text textStyle="body">No ski on the rack is like that.</Text>
          ) : (
            <>
              <Box display={{ base: 'none', md: 'block' }}>
                <DataTable
                  caption="Skis on the rack"
                  columns={COLUMNS}
                  rows={shown.map(({ ski, care, marks }) => ({
                    key: ski.id,
                    cells: [
                      <SheetLink key="name" href={`${path}/skis/${ski.id}`}>
                        {ski.name}
                      </SheetLink>,
                      SKI_TYPE_WORDS[ski.type],
                      `${ski.lengthCm} cm`,
                      ski.grindMm === undefined
                        ? ''
                        : `${ski.grindMm} mm ${ski.grindPattern ?? ''}`,
                      <ReserveBar key="reserve" reserve={care.reserve} />,
                      [...care.due, marksInWords(marks)].join(' ').trim(),
                      <SheetLink key="bench" href={`${path}/bench?ski=${ski.id}`}>
                        Sheet
                      </SheetLink>,
                    ],
                  }))}
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
      <Part title="Put a pair or a board on the rack" id="ski-form">
        <SkiForm onDone={(id) => router.push(`${path}/skis/${id}`)} />
      </Part>
      <CsvImport
        title="Many at once"
        hint="A CSV with name, type, length [cm] and waist [mm]; the rack’s own CSV shows every column."
        label="Skis from a CSV file"
        id="skis-file"
        url="/api/v1/skis"
        noun="ski"
      />
    </Sheet>
  );
}

/** A ski where the screen is narrow: name and wax, and under them what is due. */
function SkiLine({ one, path }: { one: RackRow; path: string }) {
  const { ski, care, marks } = one;
  return (
    <Box borderTopWidth="1px" borderColor="rule" py="1">
      <Flex justify="space-between" align="center" gap="3">
        <SheetLink href={`${path}/skis/${ski.id}`}>{ski.name}</SheetLink>
        <ReserveBar reserve={care.reserve} />
      </Flex>
      <Text textStyle="small" color="faint">
        {SKI_TYPE_WORDS[ski.type]}, {ski.lengthCm} cm.{' '}
        {[...care.due, marksInWords(marks)].join(' ')}
      </Text>
    </Box>
  );
}
