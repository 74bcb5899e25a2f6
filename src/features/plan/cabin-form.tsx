'use client';

import type { Cabin } from '@/core/model';
import type { ReactNode } from 'react';
import { Box, Flex, Grid, SimpleGrid, Text } from '@chakra-ui/react';
import { PLAN_SKILLS, type PlanSkill, type PlanTechnician } from '@/core/plan';
import { instantFromLocal, isLocalTime, localFromInstant } from '@/core/time';
import { ActionButton } from '@/ui/fields/action-button';
import { CheckList, Tick } from '@/ui/fields/check-list';
import { FieldProblemText } from '@/ui/fields/field-problem';
import { NumberField } from '@/ui/fields/number-field';
import { useScales } from '@/ui/fields/scales';
import { TextField } from '@/ui/fields/text-field';
import { Disclosure } from '@/ui/frame/disclosure';
import { Part } from '@/ui/frame/sheet';
import { dayAndTime } from '@/words/times';
import { benchWords } from '@/words/areas/bench';
import { planWords } from '@/words/areas/plan';
import { planScreenWords } from '@/words/screens/plan';
import type { PlanOuting } from './use-cases/load-plan';
import type { useCabin } from './use-cabin';

const WORDS = planScreenWords.cabinForm;

interface CabinFormProps {
  form: ReturnType<typeof useCabin>;
  outings: readonly PlanOuting[];
  timeZone: string;
  problems: readonly { field?: string; message: string }[];
  isCabinSaid: boolean;
}

/** Which outings are planned, and who and what there is. */
export function CabinForm({ form, outings, timeZone, problems, isCabinSaid }: CabinFormProps) {
  const { cabin, wish, setCabin, setWish } = form;
  const scales = useScales();
  const problemAt = (field: string) => problems.find((one) => one.field === field)?.message;
  const thing = (label: string, field: 'vices' | 'brushStands' | 'coolingPlaces') => (
    <NumberField
      label={label}
      scale={scales.fraction}
      step={1}
      decimals={0}
      value={cabin[field]}
      onChange={(next) => setCabin({ [field]: next })}
      problem={problemAt(field)}
    />
  );
  const clock = (label: string, field: 'opensAt' | 'closesAt') => (
    <TextField
      label={label}
      type="time"
      value={cabin[field] ?? ''}
      onChange={(next) => setCabin({ [field]: next || undefined })}
      problem={problemAt(field)}
    />
  );
  return (
    <Part title={WORDS.title} id="cabin">
      <Text textStyle="small" fontWeight="650">
        {WORDS.outings}
      </Text>
      <Flex direction="column" mb="4">
        {outings.map(({ id, name, startAt, starters }) => (
          <Tick
            key={id}
            label={WORDS.outing(name, dayAndTime(startAt, timeZone), starters)}
            checked={wish.outingIds.includes(id)}
            onChange={(isOn) =>
              setWish({
                outingIds: outings
                  .map((one) => one.id)
                  .filter((one) => (one === id ? isOn : wish.outingIds.includes(one))),
              })
            }
          />
        ))}
        <FieldProblemText problem={problemAt('outingIds')} />
      </Flex>
      <LeaveOut form={form} />
      <CabinPart isSaid={isCabinSaid} title={summaryOf(cabin)} hasProblem={problems.length > 0}>
        <People form={form} timeZone={timeZone} problems={problems} />
        <SimpleGrid columns={{ base: 1, sm: 2, lg: 4 }} gap="4" maxW="1080px" mb="4">
          <TextField
            label={WORDS.irons}
            value={cabin.irons.join(', ')}
            onChange={(text) => setCabin({ irons: text.split(/,\s*/) })}
            problem={problems.find(({ field }) => field?.startsWith('irons'))?.message}
          />
          {thing(WORDS.vices, 'vices')}
          {thing(WORDS.brushStands, 'brushStands')}
          {thing(WORDS.coolingPlaces, 'coolingPlaces')}
          {clock(WORDS.opensAt, 'opensAt')}
          {clock(WORDS.closesAt, 'closesAt')}
          <NumberField
            label={WORDS.readyMin}
            scale={scales.minutes}
            step={5}
            decimals={0}
            value={wish.readyMin}
            onChange={(readyMin) => setWish({ readyMin })}
            problem={problemAt('readyMin')}
          />
          <NumberField
            label={WORDS.topHours}
            scale={scales.hours}
            step={0.5}
            decimals={1}
            value={wish.topHours}
            onChange={(topHours) => setWish({ topHours })}
            problem={problemAt('topHours')}
          />
        </SimpleGrid>
      </CabinPart>
    </Part>
  );
}

/** What was left out of the sheets to save time, with the way back. */
function LeaveOut({ form: { wish, setWish } }: Pick<CabinFormProps, 'form'>) {
  const { leaveOut = [], mostCoats, liquidFor = [] } = wish;
  if (leaveOut.length === 0 && mostCoats === undefined && liquidFor.length === 0) return null;
  return (
    <Flex direction="column" mb="4">
      <Text textStyle="small" fontWeight="650">
        {WORDS.saved}
      </Text>
      {leaveOut.map((programme) => (
        <Tick
          key={programme}
          label={WORDS.without(benchWords.PROGRAMME[programme])}
          checked
          onChange={() => setWish({ leaveOut: leaveOut.filter((one) => one !== programme) })}
        />
      ))}
      {mostCoats !== undefined && (
        <Tick
          label={planScreenWords.planScreen.mostCoats(mostCoats)}
          checked
          onChange={() => setWish({ mostCoats: undefined })}
        />
      )}
      {liquidFor.length > 0 && (
        <Tick
          label={WORDS.liquidFor(liquidFor.length)}
          checked
          onChange={() => setWish({ liquidFor: [] })}
        />
      )}
    </Flex>
  );
}

/** The cabin in a line. */
const summaryOf = ({ people, irons, vices, brushStands }: Cabin) =>
  WORDS.summary([...new Set(people.map(({ id }) => id))].join(', '), irons.length, [
    vices,
    brushStands,
  ]);

/** A cabin that is said already stands behind its line, unless something in it is wrong. */
function CabinPart(props: {
  isSaid: boolean;
  hasProblem: boolean;
  title: string;
  children: ReactNode;
}) {
  if (!props.isSaid || props.hasProblem) return <>{props.children}</>;
  return <Disclosure title={props.title}>{props.children}</Disclosure>;
}

/** The shifts of the cabin, a row each. */
function People({
  form: { cabin, setCabin },
  timeZone,
  problems,
}: Pick<CabinFormProps, 'form' | 'timeZone' | 'problems'>) {
  const setPerson = (at: number, change: Partial<PlanTechnician>) =>
    setCabin({
      people: cabin.people.map((one, k) => (k === at ? { ...one, ...change } : one)),
    });
  const add = () => {
    const last = cabin.people.at(-1);
    const shift = last ?? { fromMs: 0, toMs: 0, skills: [] };
    setCabin({ people: [...cabin.people, { ...shift, id: '' }] });
  };
  const problemOf = (at: number) =>
    problems
      .filter(({ field }) => field?.startsWith(`people[${at}]`))
      .map(({ message }) => message)
      .join(' ') || undefined;
  return (
    <Box mb="4">
      <Text textStyle="small" fontWeight="650">
        {WORDS.people}
      </Text>
      {cabin.people.map((person, at) => (
        <Person
          // Rows have no other name than their place: the name is what one types.
          key={at}
          person={person}
          timeZone={timeZone}
          problem={problemOf(at)}
          onChange={(change) => setPerson(at, change)}
          onRemove={() => setCabin({ people: cabin.people.filter((_, k) => k !== at) })}
        />
      ))}
      <FieldProblemText problem={problems.find(({ field }) => field === 'people')?.message} />
      <ActionButton quiet mt="2" onClick={add}>
        {WORDS.addPerson}
      </ActionButton>
    </Box>
  );
}

interface PersonProps {
  person: Cabin['people'][number];
  timeZone: string;
  problem: string | undefined;
  onChange: (change: Partial<PlanTechnician>) => void;
  onRemove: () => void;
}

function Person({ person, timeZone, problem, onChange, onRemove }: PersonProps) {
  const { id: name, fromMs, toMs, skills = [] } = person;
  const time = (label: string, ms: number, field: 'fromMs' | 'toMs') => (
    <TextField
      label={label}
      type="datetime-local"
      value={localFromInstant(new Date(ms).toISOString(), timeZone)}
      onChange={(local) => {
        const instant = instantOf(local, timeZone);
        if (instant !== undefined) onChange({ [field]: instant });
      }}
    />
  );
  return (
    <Box borderTopWidth="1px" borderColor="rule" py="2" data-testid="person">
      <Grid
        templateColumns={{ base: '1fr', sm: '1fr 1fr', lg: '130px 240px 240px 1fr auto' }}
        gap="4"
        alignItems="end"
      >
        <TextField label={WORDS.name} value={name} onChange={(id) => onChange({ id })} />
        {time(WORDS.from, fromMs, 'fromMs')}
        {time(WORDS.to, toMs, 'toMs')}
        <CheckList<PlanSkill>
          legend={WORDS.skills}
          options={PLAN_SKILLS}
          words={planWords.SKILL}
          checked={skills as PlanSkill[]}
          onChange={(checked) => onChange({ skills: checked })}
        />
        <ActionButton
          plain
          justifySelf="start"
          aria-label={WORDS.removePerson(name)}
          onClick={onRemove}
        >
          {WORDS.remove}
        </ActionButton>
      </Grid>
      <FieldProblemText problem={problem} />
    </Box>
  );
}

function instantOf(local: string, timeZone: string): number | undefined {
  if (!isLocalTime(local)) return undefined;
  try {
    return Date.parse(instantFromLocal(local, timeZone));
  } catch {
    return undefined;
  }
}
