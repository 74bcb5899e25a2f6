'use client';

import type { GlideResult } from '@/core/glide';
import type { KeptGlideRun } from '@/core/model';
import { useWords } from '@/ui/format/use-words';
import { RowMenu } from '@/ui/frame/row-menu';
import { RowTable } from '@/ui/frame/data-table';
import { Part } from '@/ui/frame/sheet';
import { glideWords } from '@/words/areas/glide';
import { testScreenWords } from '@/words/screens/test';
import { clockTime } from '@/words/times';
import { shownValue } from './glide-words';

const WORDS = testScreenWords.runTable;

interface RunsPartProps {
  runs: readonly KeptGlideRun[];
  /** Ids of those that are on this device only. */
  waiting: ReadonlySet<string>;
  result: GlideResult;
  timeZone: string;
  onTakeBack: (run: KeptGlideRun) => void;
}

/** All runs, the newest first; what is odd about one stands beside it. */
export function RunsPart({ runs, waiting, result, timeZone, onTakeBack }: RunsPartProps) {
  const { say } = useWords();
  const rows = runs.map((run, index) => ({ run, number: index + 1, index })).reverse();
  const oddOf = (index: number) => result.outliers.find((one) => one.index === index)?.reason;
  return (
    <Part title={testScreenWords.testScreen.runs}>
      <RowTable
        caption={WORDS.caption}
        keyOf={({ run }) => run.id}
        rows={rows}
        columns={[
          { id: 'number', title: WORDS.number, isNumber: true, cell: ({ number }) => number },
          { id: 'time', title: WORDS.time, cell: ({ run }) => clockTime(run.ranAt, timeZone) },
          { id: 'ski', title: WORDS.ski, cell: ({ run }) => run.ski },
          {
            id: 'result',
            title: WORDS.result,
            isNumber: true,
            cell: ({ run }) => shownValue(result.measure, run.value),
          },
          {
            id: 'odd',
            title: WORDS.odd,
            cell: ({ run, index }) => {
              const odd = oddOf(index);
              if (waiting.has(run.id)) return WORDS.onDevice;
              return odd ? say(glideWords.ODD, odd) : '';
            },
          },
          {
            id: 'do',
            title: WORDS.actions,
            cell: ({ run, number }) =>
              !waiting.has(run.id) && (
                <RowMenu
                  label={WORDS.remove(number)}
                  actions={[
                    { key: 'back', title: WORDS.takeBack, onSelect: () => onTakeBack(run) },
                  ]}
                />
              ),
          },
        ]}
      />
    </Part>
  );
}
