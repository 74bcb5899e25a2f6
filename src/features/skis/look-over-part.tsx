'use client';

import { useState } from 'react';
import { Box, Flex, SimpleGrid, Text } from '@chakra-ui/react';
import { BASE_SIDES, FINDING_KINDS, type BaseSide, type FindingKind } from '@/core/terms';
import { REPAIR_ORDER, type RepairGroup } from '@/core/ski';
import { ActionButton } from '@/ui/fields/action-button';
import { ChoiceRow, optionsOf } from '@/ui/fields/choice-row';
import { FieldProblemText } from '@/ui/fields/field-problem';
import { NumberField } from '@/ui/fields/number-field';
import { useScales } from '@/ui/fields/scales';
import { useWrite } from '@/ui/fields/use-write';
import { skiWords } from '@/words/areas/ski';
import { termsWords } from '@/words/areas/terms';
import { skisScreenWords } from '@/words/screens/skis';
import { KeptNote } from '@/ui/outbox/kept-note';
import { isKept } from '@/ui/fields/answer';
import { wallIso } from '@/core/time';
import { useWords } from '@/ui/format/use-words';
import { Caution, Part } from '@/ui/frame/sheet';
import { UndoNotice } from '@/ui/frame/undo-notice';
import { act } from '@/writes/act';
import { actOrKeep } from '@/writes/act-or-keep';
import { BaseMap } from './base-map';
import type { SkiView } from './use-cases/load-skis';

const WORDS = skisScreenWords.lookOverPart;

const groupWords = (): Record<RepairGroup, string> => ({
  shop: WORDS.aShopsWork,
  repair: WORDS.repairFirst,
  edges: WORDS.thenTheEdges,
  clean: WORDS.thenClean,
  wax: WORDS.thenWax,
});

/** The look-over: tap what was seen, read what it means and in what order it is done. */
export function LookOverPart({ view }: { view: SkiView }) {
  const { ski, findings, look } = view;
  const scales = useScales();
  const { say } = useWords();
  const [kind, setKind] = useState<FindingKind>('dry');
  const [place, setPlace] = useState<{ positionCm: number; side: BaseSide }>();
  const [problem, setProblem] = useState<string>();
  const [kept, setKept] = useState<string>();
  const [cleared, setCleared] = useState<{ id: string; name: string }>();
  const { send, isBusy } = useWrite();
  const mark = async () => {
    if (!place) {
      setProblem(WORDS.tapAPlaceOnThe);
      return;
    }
    const finding = { skiId: ski.id, kind, ...place };
    const label = WORDS.markOf(termsWords.FINDING_WORDS[kind], ski.name);
    const done = await send(`mark:${JSON.stringify(finding)}`, (key) =>
      actOrKeep('ski.mark', finding, { key, label, at: wallIso() }),
    );
    if (!done) return;
    const isHere = isKept(done);
    setKept(isHere && !done.ok ? done.error.message : undefined);
    setProblem(done.ok || isHere ? undefined : done.error.message);
    if (done.ok || isHere) setPlace(undefined);
  };
  const clear = async (id: string, name: string) => {
    const done = await send(`clear:${id}`, (key) => act('ski.clear', key, { id, isBack: false }));
    if (done?.ok) setCleared({ id, name });
    else if (done) setProblem(done.error.message);
  };
  const putBack = async (id: string) => {
    const done = await send(`back:${id}`, (key) => act('ski.clear', key, { id, isBack: true }));
    if (done?.ok) setCleared(undefined);
    else if (done) setProblem(done.error.message);
  };
  return (
    <Part title={WORDS.lookItOver}>
      {look.shop.map((reason) => (
        <Caution key={reason.code}>{say(skiWords.SHOP, reason)}</Caution>
      ))}
      <BaseMap ski={ski} findings={findings} place={place} onPlace={setPlace} />
      <Box my="3">
        <ChoiceRow
          legend={WORDS.whatWasSeen}
          name="finding"
          optionWidth="100px"
          value={kind}
          onChange={setKind}
          options={FINDING_KINDS.map((value) => ({
            value,
            label: `${termsWords.FINDING_WORDS[value]} (${termsWords.FINDING_MARKS[value]})`,
          }))}
        />
      </Box>
      <SimpleGrid columns={{ base: 1, md: 3 }} gap="4" alignItems="end" mb="2">
        <NumberField
          label={WORDS.fromTheTip}
          scale={scales.centimetres}
          step={5}
          decimals={0}
          startShown={Math.round(ski.lengthCm / 2)}
          value={place?.positionCm}
          onChange={(positionCm) =>
            setPlace(
              positionCm === undefined ? undefined : { side: 'middle', ...place, positionCm },
            )
          }
        />
        <ChoiceRow
          legend={WORDS.sideBaseUpTipAway}
          name="side"
          value={place?.side}
          onChange={(side) =>
            setPlace({ positionCm: place?.positionCm ?? Math.round(ski.lengthCm / 2), side })
          }
          options={optionsOf(BASE_SIDES, termsWords.SIDE_WORDS)}
        />
        <ActionButton onClick={() => void mark()} loading={isBusy}>
          {WORDS.markIt}
        </ActionButton>
      </SimpleGrid>
      <FieldProblemText problem={problem} />
      <KeptNote text={kept} />
      {cleared && (
        <UndoNotice
          message={WORDS.cleared(cleared.name)}
          onUndo={() => void putBack(cleared.id)}
          onClose={() => setCleared(undefined)}
        />
      )}
      {look.items.length === 0 ? (
        <Text textStyle="body">{WORDS.nothingIsMarkedTheBase}</Text>
      ) : (
        REPAIR_ORDER.filter((group) => look.items.some((one) => one.group === group)).map(
          (group) => (
            <Box key={group} mt="3">
              <Text textStyle="strong">{groupWords()[group]}</Text>
              {look.items
                .filter((one) => one.group === group)
                .map((item) => (
                  <Box key={item.kind} borderTopWidth="1px" borderColor="rule" py="2">
                    <Text textStyle="body">
                      <strong>{termsWords.FINDING_WORDS[item.kind]}</strong>,{' '}
                      {item.places === 1 ? WORDS.onePlace : WORDS.places(item.places)}.{' '}
                      {skiWords.MARK[item.kind].meaning} {skiWords.MARK[item.kind].action}
                    </Text>
                    <Flex gap="3" wrap="wrap" mt="1">
                      {findings
                        .filter((one) => one.kind === item.kind)
                        .map((one) => {
                          const name = WORDS.atCm(
                            termsWords.FINDING_WORDS[one.kind],
                            one.positionCm,
                            termsWords.inSentence(termsWords.SIDE_WORDS[one.side]),
                          );
                          return (
                            <ActionButton
                              key={one.id}
                              quiet
                              onClick={() => void clear(one.id, name)}
                            >
                              {WORDS.clear(name)}
                            </ActionButton>
                          );
                        })}
                    </Flex>
                  </Box>
                ))}
            </Box>
          ),
        )
      )}
    </Part>
  );
}
