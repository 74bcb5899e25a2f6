'use client';

import type { Outing } from '@/core/model';
import { useEffect } from 'react';
import { useRouter } from 'next/navigation';
import { Box, Flex, Text } from '@chakra-ui/react';
import { ActionButton } from '@/ui/fields/action-button';
import { FieldProblemText } from '@/ui/fields/field-problem';
import { useServerClock } from '@/ui/format/server-clock';
import { afterPage, room } from '@/ui/frame/after-page';
import { UndoNotice } from '@/ui/frame/undo-notice';
import { Caution, Sheet } from '@/ui/frame/sheet';
import { FileLink, SheetLink } from '@/ui/frame/sheet-link';
import { Shortcut } from '@/ui/keys/shortcut';
import { percent } from '@/words/quantities';
import { planScreenWords } from '@/words/screens/plan';
import { PairsTable } from './pairs-table';
import { PeopleLists } from './people-lists';
import { PlanAnswer } from './plan-answer';
import { RemediesPart } from './remedies-part';
import { relaxed } from './relaxations';
import { useCabin } from './use-cabin';
import { usePlan } from './use-plan';
import type { PlanNow, PlanView } from './use-cases/load-plan';

/** What makes steps draggable is not small, and the board stands below what is done first: it comes after the page. */
const PlanBoard = afterPage(
  () => import('./plan-board').then((module) => module.PlanBoard),
  room({ minH: '420px' }),
);

/** What is asked less often stands at the end. */
const CabinForm = afterPage(
  () => import('./cabin-form').then((module) => module.CabinForm),
  room({ minH: '360px' }),
);

const WORDS = planScreenWords.planScreen;

const TICK_MS = 15_000;
/** So late a step is behind, not just taken up slowly. */
const BEHIND_MS = 10 * 60_000;
/** The bench goes on meanwhile: what the runner wrote is looked at anew. */
const REFRESH_MS = 30_000;

/** Fetches the page anew now and then, while somebody looks at it. */
function useFollowing(isOn: boolean): void {
  const router = useRouter();
  useEffect(() => {
    if (!isOn) return undefined;
    const timer = setInterval(() => {
      if (document.visibilityState === 'visible') router.refresh();
    }, REFRESH_MS);
    return () => clearInterval(timer);
  }, [isOn, router]);
}

interface PlanScreenProps {
  outing: Outing;
  view: PlanView;
  serverNowMs: number;
}

/** Who does what and when: the plan of the bench, followed as it is worked. */
export function PlanScreen({ outing, view, serverNowMs }: PlanScreenProps) {
  const nowMs = useServerClock(serverNowMs, TICK_MS);
  const form = useCabin({ cabin: view.cabin, wish: view.wish });
  const planner = usePlan();
  const { now } = view;
  const isPlanning = planner.planning !== undefined;
  useFollowing(now !== undefined && !isPlanning);
  const make = async () => {
    if (await planner.make(form.cabin, form.wish)) form.forget();
  };
  const asked = view.outings.filter(({ id }) => form.wish.outingIds.includes(id));
  const unchosen = asked.filter(({ hasChoice }) => !hasChoice).map(({ name }) => name);
  const starters = asked.reduce((sum, one) => sum + one.starters, 0);
  return (
    <Sheet
      question={WORDS.question}
      answer={
        now ? (
          <PlanAnswer now={now} products={view.products} />
        ) : (
          <NoPlan starters={starters} path={outing.id} />
        )
      }
    >
      <Shortcut name="replan" act={() => void make()} />
      <Box className="no-print">
        <Flex gap="4" align="center" wrap="wrap" mb="3">
          {(starters > 0 || now) && (
            <ActionButton minH="targetLarge" loading={isPlanning} onClick={() => void make()}>
              {now ? WORDS.again : WORDS.make}
            </ActionButton>
          )}
          {now && (
            <>
              <ActionButton quiet onClick={() => window.print()}>
                {WORDS.print}
              </ActionButton>
              <FileLink href="/api/v1/plan?format=csv">{WORDS.csv}</FileLink>
            </>
          )}
        </Flex>
        {now && !now.plan.wish.outingIds.includes(outing.id) && (
          <Caution>{WORDS.notOfThis}</Caution>
        )}
        {planner.withoutPair.length > 0 && (
          <Caution>{WORDS.withoutPair(planner.withoutPair.join(', '))}</Caution>
        )}
        {now && <SincePlan now={now} nowMs={nowMs} />}
        {unchosen.length > 0 && starters > 0 && (
          <Caution>{WORDS.noChoice(unchosen.join(', '))}</Caution>
        )}
        <Progress planner={planner} />
        {planner.problems
          .filter(({ field }) => field === undefined || !isInForm(field))
          .map(({ message }) => (
            <FieldProblemText key={message} problem={message} />
          ))}
        {planner.notice && (
          <UndoNotice
            message={planner.notice.message}
            onUndo={planner.notice.onUndo}
            onClose={planner.close}
          />
        )}
        <RemediesPart
          remedies={planner.remedies}
          relaxed={planner.relaxed}
          timeZone={outing.venue.timeZone}
          onTake={(relaxation) => {
            const wish = relaxed(form.wish, relaxation);
            form.setWish(wish);
            void planner.make(form.cabin, wish).then((isKept) => isKept && form.forget());
          }}
        />
      </Box>
      {now && (
        <>
          <PeopleLists
            now={now}
            products={view.products}
            nowMs={nowMs}
            planner={planner}
            cabin={form.cabin}
            outingId={outing.id}
            onLeft={(cabin) => void planner.make(cabin, form.wish)}
          />
          <PlanBoard now={now} products={view.products} nowMs={nowMs} planner={planner} />
          <PairsTable now={now} products={view.products} path={`/outing/${outing.id}`} />
        </>
      )}
      <Box className="no-print">
        <CabinForm
          form={form}
          outings={view.outings}
          timeZone={outing.venue.timeZone}
          problems={planner.problems}
          isCabinSaid={view.isCabinSaid}
        />
      </Box>
    </Sheet>
  );
}

/** What has changed since the plan, and how far reality is behind it. */
function SincePlan({ now, nowMs }: { now: PlanNow; nowMs: number }) {
  const { plan, visits, changed } = now;
  const behind = plan.tasks.filter(
    ({ pairId, index, startMs }) =>
      startMs < nowMs - BEHIND_MS && (visits[pairId]?.[index]?.state ?? 'ahead') === 'ahead',
  ).length;
  return (
    <>
      {changed.map(({ code, name }) => (
        <Caution key={`${code}:${name}`}>{WORDS.changed[code](name)}</Caution>
      ))}
      {behind > 0 && <Caution>{WORDS.behind(behind)}</Caution>}
    </>
  );
}

/** Fields of the form begin so; their problems stand there. */
const isInForm = (field: string) =>
  /^(people|irons|vices|brushStands|coolingPlaces|opensAt|closesAt|outingIds|readyMin|topHours)\b/.test(
    field,
  );

function NoPlan({ starters, path }: { starters: number; path: string }) {
  return (
    <>
      <Text textStyle="title" data-testid="plan-answer">
        {starters === 0 ? WORDS.nobody : WORDS.notYet(starters)}
      </Text>
      <Text textStyle="body">{starters === 0 ? WORDS.nobodyHint : WORDS.notYetHint}</Text>
      <SheetLink href={`/outing/${path}/pairs`}>{WORDS.toPairs}</SheetLink>
    </>
  );
}

/** How far the search is, with the way to stop it and take what there is. */
function Progress({ planner }: { planner: ReturnType<typeof usePlan> }) {
  const { planning } = planner;
  if (!planning) return null;
  return (
    <Flex role="status" gap="4" align="center" wrap="wrap" mb="3">
      <Text textStyle="body">
        {planning.kind === 'searching'
          ? WORDS.searching(percent(planning.share))
          : WORDS[planning.kind]}
      </Text>
      {planning.kind === 'searching' && (
        <ActionButton quiet onClick={planner.enough}>
          {WORDS.enough}
        </ActionButton>
      )}
    </Flex>
  );
}
