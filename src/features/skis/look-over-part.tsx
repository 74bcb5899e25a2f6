'use client';

import { useState } from 'react';
import { Box, Flex, SimpleGrid, Text } from '@chakra-ui/react';
import { BASE_SIDES, FINDING_KINDS, type BaseSide, type FindingKind } from '@/core/terms';
import { REPAIR_ORDER, type RepairGroup } from '@/core/ski';
import { ActionButton } from '@/ui/fields/action-button';
import { ChoiceRow, optionsOf } from '@/ui/fields/choice-row';
import { NumberField } from '@/ui/fields/number-field';
import { useScales } from '@/ui/fields/scales';
import { skiWords } from '@/words/areas/ski';
import { termsWords } from '@/words/areas/terms';
import { skisScreenWords } from '@/words/screens/skis';
import { wallIso } from '@/core/time';
import { useWords } from '@/ui/format/use-words';
import { Caution, Part } from '@/ui/frame/sheet';
import { ActNotice } from '@/writes/act-notice';
import { actOrKeep } from '@/writes/act-or-keep';
import { useAct } from '@/writes/use-act';
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
  const acts = useAct();
  const mark = async () => {
    if (!place) {
      acts.setProblem(WORDS.placeMissing);
      return;
    }
    const finding = { skiId: ski.id, kind, ...place };
    const label = WORDS.markOf(termsWords.FINDING_WORDS[kind], ski.name);
    await acts.run(
      `mark:${JSON.stringify(finding)}`,
      (key) => actOrKeep('ski.mark', finding, { key, label, at: wallIso() }),
      { settled: () => setPlace(undefined) },
    );
  };
  const clear = (id: string, name: string) =>
    acts.write(
      'ski.clear',
      { id, isBack: false },
      {
        said: () => WORDS.cleared(name),
        undo: () => ['ski.clear', { id, isBack: true }],
      },
    );
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
          legend={WORDS.sideHint}
          name="side"
          value={place?.side}
          onChange={(side) =>
            setPlace({ positionCm: place?.positionCm ?? Math.round(ski.lengthCm / 2), side })
          }
          options={optionsOf(BASE_SIDES, termsWords.SIDE_WORDS)}
        />
        <ActionButton onClick={() => void mark()} loading={acts.isBusy}>
          {WORDS.markIt}
        </ActionButton>
      </SimpleGrid>
      <ActNotice acts={acts} />
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
