'use client';

import type { Outing } from '@/core/model';
import { useRouter } from 'next/navigation';
import { Box, Grid, Text } from '@chakra-ui/react';
import { gravest } from '@/core/finding';
import type { GripChoice } from '@/core/grip';
import { fixed, temperature } from '@/words/quantities';
import { gripWords } from '@/words/areas/grip';
import { gripScreenWords } from '@/words/screens/grip';
import { renderedLines } from '@/words/rendered/choice';
import { useWords } from '@/ui/format/use-words';
import { behind } from '@/ui/fields/behind';
import { SelectField } from '@/ui/fields/select-field';
import { afterPage, room } from '@/ui/frame/after-page';
import { DataTable } from '@/ui/frame/data-table';
import { Caution, Part, Sheet } from '@/ui/frame/sheet';
import { SheetLink } from '@/ui/frame/sheet-link';
import { LedgerTable } from '@/ui/wax/ledger-table';
import type { GripView } from './use-cases/load-grip';
import { useGrip, type GripState } from './use-grip';

/** The pocket and what to do in trouble come after the answer. */
const PocketPart = afterPage(
  () => import('./pocket-part').then((module) => module.PocketPart),
  room({ minH: { base: '886px', lg: '758px' } }),
);
const NoWaxPart = afterPage(
  () => import('./trouble-part').then((module) => module.NoWaxPart),
  room({ minH: '167px' }),
);
const TroublePart = afterPage(
  () => import('./trouble-part').then((module) => module.TroublePart),
  room({ minH: { base: '191px', lg: '148px' } }),
);

const WORDS = gripScreenWords.gripScreen;

const kindWords = () =>
  ({
    stick: WORDS.stick,
    klister: WORDS.klister,
    klister_with_cover: WORDS.klisterUnderACoverOf,
  }) as const;
const MOST_ROWS = 5;
/** Beyond this a figure says no more than “far off”, %. */
const MOST_SHOWN = 10;

/** The Grip screen: which wax, where it begins and ends, and what to do when it fails. */
export function GripScreen({ outing, view }: { outing: Outing; view: GripView }) {
  const state = useGrip(outing, view);
  const { choice } = state;
  const { say } = useWords();
  return (
    <Sheet
      question={WORDS.whatGripsAndWhere}
      answer={
        <Box {...behind(state.isBehind)}>
          <Answer state={state} view={view} outing={outing} />
        </Box>
      }
    >
      {choice?.cautions.map((caution) => (
        <Caution key={caution.code}>{say(gripWords.GRIP_CAUTION, caution)}</Caution>
      ))}
      <Grid templateColumns={{ base: '1fr', lg: '6fr 6fr' }} gap={{ base: '0', lg: '10' }}>
        <Box minW="0">
          <PocketPart state={state}>
            <PairField outingId={outing.id} view={view} />
          </PocketPart>
          <NoWaxPart />
        </Box>
        <Box minW="0">
          <TroublePart outingId={outing.id} timeZone={outing.venue.timeZone} tried={view.tried} />
          {choice && <WaxPart choice={choice} />}
        </Box>
      </Grid>
    </Sheet>
  );
}

/** Whose pocket it is: each pair keeps its own. */
function PairField({ outingId, view }: { outingId: string; view: GripView }) {
  const router = useRouter();
  if (!view.pair) return null;
  return (
    <Box maxW="420px" mt="4">
      <SelectField
        label={WORDS.whoseSki}
        value={view.pair.id}
        options={view.pairs.map(({ id, name, owner }) => ({
          value: id,
          label: owner ? WORDS.pairOf(name, owner) : name,
        }))}
        onChange={(id) => router.push(`/outing/${outingId}/grip?ski=${id}`, { scroll: false })}
      />
    </Box>
  );
}

function Answer({ state, view, outing }: { state: GripState; view: GripView; outing: Outing }) {
  const { units, say, write } = useWords();
  const { choice, fit } = state;
  const best = choice?.ranking[0];
  if (!view.snow) {
    return (
      <>
        <Text textStyle="title">{WORDS.measureTheSnowFirst}</Text>
        <SheetLink href={`/outing/${outing.id}/snow`}>{WORDS.takeAReading}</SheetLink>
      </>
    );
  }
  if (!choice || !best) {
    const why = gravest(choice?.cautions ?? []);
    return (
      <>
        <Text textStyle="title" data-testid="grip-none">
          {why ? say(gripWords.GRIP_CAUTION, why) : WORDS.noGripWax}
        </Text>
        <SheetLink href={`/outing/${outing.id}/shelf`}>{WORDS.putOneOnTheShelf}</SheetLink>
      </>
    );
  }
  const zone = choice.kind === 'stick' ? fit.zone : (fit.klisterZone ?? fit.zone);
  return (
    <Box aria-live="polite">
      <Text textStyle="hero" data-testid="grip-product">
        {best.name}
      </Text>
      <Text textStyle="strong" mt="1" maxW="860px" textWrap="pretty" data-testid="grip-sentence">
        {kindWords()[choice.kind]}, {choice.layers}{' '}
        {choice.layers === 1 ? WORDS.layer : WORDS.layers}
        {choice.binder && WORDS.over(choice.binder.name)}
        {WORDS.whereAndWhen(
          Math.round(zone.startCm),
          Math.round(zone.endCm),
          fit.basis === 'rule' ? WORDS.byTheSimpleRule : '',
          temperature(view.snow.temperatureC, units),
          choice.isNewSnow ? WORDS.newWord : WORDS.old,
        )}
      </Text>
      <Text textStyle="body" mt="1">
        {WORDS.holdsAbout(
          say(gripWords.KIND_REASON, choice.kindReason),
          say(gripWords.GRIP_LAYERS, choice.layersReason),
          write.distance(choice.wearKm),
        )}{' '}
        {choice.carry && say(gripWords.CARRY, choice.carry)}
      </Text>
      {outing.discipline !== 'classic' && (
        <Text textStyle="small" color="faint" mt="1">
          {WORDS.notClassic}
        </Text>
      )}
    </Box>
  );
}

function WaxPart({ choice }: { choice: GripChoice }) {
  const { say, write } = useWords();
  const percent = (value: number) =>
    value < 0.005 ? '0' : value > MOST_SHOWN ? WORDS.overBy(MOST_SHOWN) : `${fixed(value, 2)} %`;
  return (
    <>
      <Part title={WORDS.gripShelf}>
        <DataTable
          caption={WORDS.gripProductsByWhatSlipping}
          columns={[
            { title: WORDS.product },
            { title: WORDS.slips, isNumber: true },
            { title: WORDS.drags, isNumber: true },
            { title: WORDS.why },
          ]}
          rows={choice.ranking.slice(0, MOST_ROWS).map((one) => ({
            key: one.id,
            cells: [
              <strong key="name">{one.name}</strong>,
              percent(one.slipPercent),
              percent(one.dragPercent),
              say(gripWords.GRIP_RANK_REASON, one.reason),
            ],
          }))}
        />
      </Part>
      <Part title={WORDS.whyThisTemperature}>
        <LedgerTable
          lines={renderedLines(choice.lines, write)}
          equivalentTemperatureC={choice.gripTemperatureC}
        />
      </Part>
    </>
  );
}
