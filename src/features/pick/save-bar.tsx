'use client';

import { Box, Flex, Text } from '@chakra-ui/react';
import { ActionButton } from '@/ui/fields/action-button';
import { FieldProblemText } from '@/ui/fields/field-problem';
import { TextField } from '@/ui/fields/text-field';
import { SheetLink } from '@/ui/frame/sheet-link';
import { UndoNotice } from '@/ui/frame/undo-notice';
import { pickScreenWords } from '@/words/screens/pick';
import type { PickState } from './use-pick';

const WORDS = pickScreenWords.pickScreen;

/** Saving the choice, with a reason where it is not the best one. */
export function SaveBar({ state, path }: { state: PickState; path: string }) {
  const { draft, set } = state.form;
  const { taken, best, isOverruled, whatIf } = state.answer;
  const { save, isSaving, failure, savedId, dismiss } = state.saving;
  return (
    <Box className="no-print" mb="6">
      {savedId && <UndoNotice message={WORDS.choiceSavedItStandsIn} onClose={dismiss} />}
      <Flex gap="4" align="flex-end" wrap="wrap">
        <ActionButton
          onClick={() => void save()}
          loading={isSaving}
          loadingText={WORDS.saving}
          disabled={!taken || whatIf.isNudged}
        >
          {WORDS.saveThisChoice}
        </ActionButton>
        {isOverruled && (
          <Box flex="1 1 280px" maxW="480px">
            <TextField
              label={WORDS.whyInsteadOf(taken!.name, best!.name)}
              value={draft.overrideReason}
              onChange={(overrideReason) => set({ overrideReason })}
            />
          </Box>
        )}
        <Box flex="1 1 280px" maxW="480px">
          <TextField
            label={WORDS.noteForTheLog}
            value={draft.note}
            onChange={(note) => set({ note })}
          />
        </Box>
        <SheetLink href={`${path}/wall`}>{WORDS.wallSheet}</SheetLink>
        <SheetLink href={`${path}/log`}>{WORDS.toTheLog}</SheetLink>
      </Flex>
      {whatIf.isNudged && (
        <Text textStyle="small" color="faint" mt="1">
          {WORDS.aWhatIfIsNot}
        </Text>
      )}
      <FieldProblemText problem={failure} />
    </Box>
  );
}
