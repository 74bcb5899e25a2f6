'use client';

import { useState } from 'react';
import { Box, Flex, Text } from '@chakra-ui/react';
import { METHOD_GROUPS, methodsInForce } from '@/core/choice';
import { BASE_TYPES, TOOLS } from '@/core/terms';
import type { TeamSettings } from '@/data/team-settings';
import { CheckList } from '@/ui/fields/check-list';
import { ChoiceRow } from '@/ui/fields/choice-row';
import { FieldProblemText } from '@/ui/fields/field-problem';
import { BASE_TYPE_WORDS, TOOL_WORDS } from '@/ui/format/words';
import { Part } from '@/ui/frame/sheet';
import { saveTeamAction } from './actions';

/** The team's bench and its own ways, for all its devices. */
export function TeamPart({ stored }: { stored: TeamSettings }) {
  const [team, setTeam] = useState(stored);
  const [failure, setFailure] = useState<string>();
  const save = async (change: Partial<TeamSettings>) => {
    const before = team;
    setTeam({ ...team, ...change });
    const done = await saveTeamAction(change).catch(() => undefined);
    setFailure(done?.ok ? undefined : (done?.error.message ?? 'Not saved: no answer. Try again.'));
    if (!done?.ok) setTeam(before);
  };
  const force = methodsInForce(team.methods);
  return (
    <>
      <Part title="The bench">
        <FieldProblemText problem={failure} />
        <Flex direction="column" gap="4">
          <ChoiceRow
            legend="Fresh air"
            name="ventilated"
            value={team.ventilated ? 'yes' : 'no'}
            onChange={(value) => void save({ ventilated: value === 'yes' })}
            options={[
              { value: 'yes', label: 'Ventilated' },
              { value: 'no', label: 'Closed room' },
            ]}
          />
          <ChoiceRow
            legend="Bases, mostly"
            name="base-type"
            value={team.baseType}
            onChange={(baseType) => void save({ baseType })}
            options={BASE_TYPES.map((value) => ({ value, label: BASE_TYPE_WORDS[value] }))}
          />
          <CheckList
            legend="Tools there are"
            options={TOOLS}
            words={TOOL_WORDS}
            checked={team.tools}
            onChange={(tools) => void save({ tools })}
          />
        </Flex>
      </Part>
      <Part title="The team’s own ways">
        <Text textStyle="small" color="faint" mb="3">
          Good technicians differ here. What you set stands on every choice and job.
        </Text>
        <Flex direction="column" gap="4">
          {METHOD_GROUPS.map((group) => (
            <Box key={group.key}>
              <ChoiceRow
                legend={group.title}
                name={group.key}
                optionWidth="150px"
                value={force[group.key]!.key}
                onChange={(key) => void save({ methods: { ...team.methods, [group.key]: key } })}
                options={group.options.map((one) => ({ value: one.key, label: one.label }))}
              />
              <Text textStyle="small" color="faint" mt="1">
                {force[group.key]!.reason}
              </Text>
            </Box>
          ))}
        </Flex>
      </Part>
    </>
  );
}
