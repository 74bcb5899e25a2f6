'use client';

import { DRILLS } from '@/core/practice/types';
import { DataTable } from '@/ui/frame/data-table';
import { Part } from '@/ui/frame/sheet';
import { practiceScreenWords } from '@/words/screens/practice';
import { dayAndTime } from '@/words/times';
import type { GroupRow } from './use-cases/load-practice';

const WORDS = practiceScreenWords.group;
const ownZone = () => Intl.DateTimeFormat().resolvedOptions().timeZone;
const PER_CENT = 100;

/** A coach's view: everybody's skill by drill. */
export function GroupPart({ group }: { group: readonly GroupRow[] }) {
  return (
    <Part title={WORDS.title}>
      <DataTable
        caption={WORDS.caption}
        columns={[
          { title: WORDS.name },
          ...DRILLS.map((drill) => ({ title: practiceScreenWords.DRILL[drill], isNumber: true })),
          { title: WORDS.all, isNumber: true },
          { title: WORDS.last },
        ]}
        rows={group.map(({ learner, skills, answers, lastAt }) => ({
          key: learner.id,
          cells: [
            learner.name,
            ...DRILLS.map((drill) =>
              skills[drill].answers === 0 ? '' : Math.round(PER_CENT * skills[drill].mean),
            ),
            answers,
            lastAt ? dayAndTime(lastAt, ownZone()) : WORDS.never,
          ],
        }))}
      />
    </Part>
  );
}
