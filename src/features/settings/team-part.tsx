'use client';

import type { TeamSettings } from '@/core/model';
import { Box, Flex, Text } from '@chakra-ui/react';
import { METHOD_GROUPS, methodsInForce } from '@/core/choice';
import { BASE_TYPES, TOOLS, type BaseType, type Tool } from '@/core/terms';
import { CheckList } from '@/ui/fields/check-list';
import { ChoiceRow, optionsOf } from '@/ui/fields/choice-row';
import { useStored } from '@/ui/fields/use-stored';
import { methodsWords } from '@/words/areas/methods';
import { termsWords } from '@/words/areas/terms';
import { settingsScreenWords } from '@/words/screens/settings';
import { Part } from '@/ui/frame/sheet';
import { ActNotice } from '@/writes/act-notice';
import { useAct } from '@/writes/use-act';

const WORDS = settingsScreenWords.teamPart;

/** A change of single settings; see teamChangeSchema. */
interface TeamChange {
  methods?: Record<string, string>;
  ventilated?: boolean;
  baseType?: BaseType;
  tools?: { added: readonly Tool[]; removed: readonly Tool[] };
}

/** The team's bench and its own ways, for all its devices. */
export function TeamPart({ stored }: { stored: TeamSettings }) {
  const [team, setTeam] = useStored(stored);
  const acts = useAct();
  const save = async (change: TeamChange, shown: Partial<TeamSettings>) => {
    const before = team;
    setTeam({ ...team, ...shown });
    setTeam((await acts.write('team.change', change)) ?? before);
  };
  const saveTools = (tools: readonly Tool[]) =>
    save(
      {
        tools: {
          added: tools.filter((tool) => !team.tools.includes(tool)),
          removed: team.tools.filter((tool) => !tools.includes(tool)),
        },
      },
      { tools: [...tools] },
    );
  const force = methodsInForce(team.methods);
  return (
    <>
      <Part title={WORDS.theBench}>
        <ActNotice acts={acts} />
        <Flex direction="column" gap="4">
          <ChoiceRow
            legend={WORDS.freshAir}
            name="ventilated"
            value={team.ventilated ? 'yes' : 'no'}
            onChange={(value) =>
              void save({ ventilated: value === 'yes' }, { ventilated: value === 'yes' })
            }
            options={[
              { value: 'yes', label: WORDS.ventilated },
              { value: 'no', label: WORDS.closedRoom },
            ]}
          />
          <ChoiceRow
            legend={WORDS.basesMostly}
            name="base-type"
            value={team.baseType}
            onChange={(baseType) => void save({ baseType }, { baseType })}
            options={optionsOf(BASE_TYPES, termsWords.BASE_TYPE_WORDS)}
          />
          <CheckList
            legend={WORDS.toolsThereAre}
            options={TOOLS}
            words={termsWords.TOOL_WORDS}
            checked={team.tools}
            onChange={(tools) => void saveTools(tools)}
          />
        </Flex>
      </Part>
      <Part title={WORDS.theTeamsOwnWays}>
        <Text textStyle="small" color="faint" mb="3">
          {WORDS.methodsHint}
        </Text>
        <Flex direction="column" gap="4">
          {METHOD_GROUPS.map((group) => (
            <Box key={group.key}>
              <ChoiceRow
                legend={methodsWords.METHOD_TITLE[group.key]}
                name={group.key}
                optionWidth="150px"
                value={force[group.key]}
                onChange={(key) =>
                  void save(
                    { methods: { [group.key]: key } },
                    { methods: { ...team.methods, [group.key]: key } },
                  )
                }
                options={group.options.map((value) => ({
                  value,
                  label: methodsWords.SCHOOL[value].label,
                }))}
              />
              <Text textStyle="small" color="faint" mt="1">
                {methodsWords.SCHOOL[force[group.key]].reason}
              </Text>
            </Box>
          ))}
        </Flex>
      </Part>
    </>
  );
}
