import { useEffect, useRef, useState } from 'react';
import { useFieldArray, useForm, useWatch } from 'react-hook-form';
import type { KeptVenue, Segment } from '@/core/model';
import { useWrite } from '@/ui/fields/use-write';
import { venueScreenWords } from '@/words/screens/venue';
import { act } from '@/writes/act';

const WORDS = venueScreenWords.courseEditor;

interface CourseValues {
  segments: Segment[];
}

interface Notice {
  message: string;
  /** The course before it was saved, to put it back. */
  before?: readonly Segment[];
}

const copied = (segments: readonly Segment[]): CourseValues => ({
  segments: segments.map((segment) => ({ ...segment })),
});

/** State of the course editor: the rows as typed, saving them, and what others made of the course meanwhile. */
export function useCourseForm(venue: KeptVenue, segments: readonly Segment[]) {
  const { send } = useWrite();
  const form = useForm<CourseValues>({ defaultValues: copied(segments) });
  const { control, reset, setValue } = form;
  const rows = useFieldArray({ control, name: 'segments', keyName: 'key' });
  const values = useWatch({ control, name: 'segments' });
  const [isDraft, setIsDraft] = useState(false);
  const [problems, setProblems] = useState<Record<string, string>>({});
  const [notice, setNotice] = useState<Notice>();
  /** The course as others saved it while this draft was typed. */
  const [theirs, setTheirs] = useState<Segment[]>();
  /** The course that this draft changes. */
  const base = useRef(segments);

  useEffect(() => {
    if (isDraft) return;
    base.current = segments;
    reset(copied(segments));
    // Only what the page brings newly, not the end of a draft.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [segments, reset]);

  const show = (next: readonly Segment[]) => {
    reset(copied(next));
    setIsDraft(true);
  };
  const drop = () => {
    reset(copied(base.current));
    setIsDraft(false);
    setProblems({});
    setTheirs(undefined);
  };
  const save = async (next: readonly Segment[], message: string, before?: readonly Segment[]) => {
    const saved = await send(`course:${JSON.stringify(next)}`, (key) =>
      act('course.save', key, { id: venue.id, segments: next, base: base.current }),
    );
    if (!saved) return;
    if (!saved.ok && saved.error.code === 'changed_meanwhile') {
      const { segments: changed } = saved.error.details[0] as CourseValues;
      setTheirs(changed);
      base.current = changed;
      setNotice({ message: saved.error.message });
      return;
    }
    if (!saved.ok) {
      const details = saved.error.details as { field: string; message: string }[];
      setProblems(Object.fromEntries(details.map(({ field, message: what }) => [field, what])));
      setNotice({ message: details.length > 0 ? WORDS.fixTheMarkedFields : saved.error.message });
      return;
    }
    base.current = next;
    drop();
    setNotice({ message, before });
  };
  return {
    /** Each row with a key that stays its own. */
    rows: rows.fields.map(({ key }, at) => ({ key, segment: values[at] ?? rows.fields[at]! })),
    isDraft,
    notice,
    setNotice,
    problem: (field: string): string | undefined => problems[field],
    theirs,
    showTheirs: () => {
      if (theirs) show(theirs);
      setTheirs(undefined);
    },
    show,
    drop,
    change: (at: number, change: Partial<Segment>) => {
      setValue(`segments.${at}`, { ...values[at]!, ...change }, { shouldDirty: true });
      setIsDraft(true);
    },
    add: (segment: Segment) => {
      rows.append(segment, { shouldFocus: false });
      setIsDraft(true);
    },
    remove: (at: number) => {
      rows.remove(at);
      setIsDraft(true);
    },
    saveShown: () => save(values, WORDS.courseSaved, base.current),
    putBack: (before: readonly Segment[]) => save(before, WORDS.courseBack),
  };
}
