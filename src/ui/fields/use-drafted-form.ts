'use client';

import { useCallback, useEffect, useRef, useState } from 'react';
import {
  useForm,
  useWatch,
  type DefaultValues,
  type FieldValues,
  type Path,
  type PathValue,
  type Resolver,
} from 'react-hook-form';
import { isKept as isKeptHere, NO_ANSWER, type Answer } from './answer';
import { readDraft, writeDraft } from './draft-store';
import { forgetKey, keyFor } from './kept-key';
import type { FieldClash } from './meanwhile';

const CHANGED = { shouldDirty: true, shouldTouch: true, shouldValidate: true } as const;

/** What goes with a form's values: the key of this write, and the values that the form was filled with. */
export interface FormWrite<T> {
  key: string;
  base: T;
}

/** What the server says when others changed the same thing; see ChangedMeanwhile of the formats. */
interface Changed {
  taken: string[];
  clashes: FieldClash[];
  current: Record<string, unknown>;
}

const basePlace = (draftKey: string) => `${draftKey}#base`;

/**
 * A form whose values outlive leaving it: what is typed is kept on this device until it is saved or
 * cleared. A field's problem shows once it was touched, all problems once saving was tried. Where others
 * changed the same meanwhile, theirs is merged in and what differs stands in `clashes`.
 */
export function useDraftedForm<T extends FieldValues>(
  draftKey: string,
  start: T,
  resolver: Resolver<T>,
) {
  const form = useForm<T>({
    defaultValues: start as DefaultValues<T>,
    resolver,
    mode: 'onChange',
  });
  const { reset, setValue, getValues, trigger, formState } = form;
  const base = useRef<T>(start);
  const isSending = useRef(false);
  const [isKept, setIsKept] = useState(false);
  const [failure, setFailure] = useState<string>();
  const [keptHere, setKeptHere] = useState<string>();
  const [clashes, setClashes] = useState<FieldClash[]>([]);
  const values = { ...start, ...useWatch({ control: form.control }) } as T;

  const startText = JSON.stringify(start);
  const filledWith = useRef(startText);
  const isTouched = useRef(false);
  useEffect(() => {
    // The page brought newer values, and nothing was typed over the old ones.
    if (isTouched.current || filledWith.current === startText) return;
    filledWith.current = startText;
    const newer = JSON.parse(startText) as T;
    base.current = newer;
    reset({ ...getValues(), ...newer });
  }, [startText, reset, getValues]);

  useEffect(() => {
    const draft = readDraft<T>(draftKey);
    if (!draft) return;
    const from = readDraft<T>(basePlace(draftKey));
    if (from) base.current = from as T;
    isTouched.current = true;
    reset({ ...getValues(), ...draft }, { keepDefaultValues: true });
  }, [draftKey, reset, getValues]);

  const put = (change: Record<string, unknown>) => {
    for (const [name, value] of Object.entries(change)) {
      setValue(name as Path<T>, value as PathValue<T, Path<T>>, CHANGED);
    }
  };
  /** What was typed is kept on this device from here on. */
  const keep = () => {
    setFailure(undefined);
    setIsKept(true);
    isTouched.current = true;
    writeDraft(draftKey, getValues());
    writeDraft(basePlace(draftKey), base.current);
  };
  const setPaths = (change: Record<string, unknown>) => {
    put(change);
    keep();
  };
  const set = (change: Partial<T>) => setPaths(change);
  const clear = () => {
    for (const place of [draftKey, basePlace(draftKey)]) writeDraft(place, undefined);
    forgetKey(draftKey);
    base.current = start;
    isTouched.current = false;
    setIsKept(false);
    setFailure(undefined);
    setClashes([]);
    reset(start);
  };
  const meet = ({ taken, clashes: differing, current }: Changed) => {
    base.current = { ...base.current, ...current };
    put(Object.fromEntries(taken.map((field) => [field, current[field] ?? undefined])));
    setClashes(differing);
  };
  const settle = (clash: FieldClash, isTheirs: boolean) => {
    if (isTheirs) set({ [clash.field]: clash.theirs ?? undefined } as Partial<T>);
    setClashes((all) => all.filter((one) => one.field !== clash.field));
  };
  /** Checks all, sends the values once, clears the draft when the server took them. */
  const submit = async <R>(
    send: (values: T, write: FormWrite<T>) => Promise<Answer<R>>,
  ): Promise<R | undefined> => {
    if (isSending.current) return undefined;
    let taken: R | undefined;
    const run = form.handleSubmit(async () => {
      setKeptHere(undefined);
      const sent = getValues();
      const write = { key: keyFor(draftKey, sent), base: base.current };
      const answer = await send(sent, write).catch((): Answer<R> => NO_ANSWER);
      if (answer.ok) {
        taken = answer.value;
        clear();
        return;
      }
      if (isKeptHere(answer)) {
        clear();
        setKeptHere(answer.error.message);
        return;
      }
      setFailure(answer.error.message);
      if (answer.error.code !== 'no_answer') forgetKey(draftKey);
      if (answer.error.code === 'changed_meanwhile') meet(answer.error.details[0] as Changed);
    });
    isSending.current = true;
    try {
      await run();
    } finally {
      isSending.current = false;
    }
    return taken;
  };
  /** Checks fields now, whether or not somebody touched them. */
  const recheck = useCallback((...names: Path<T>[]) => void trigger(names), [trigger]);
  const problem = (name: Path<T>): string | undefined => {
    const error = formState.errors[name];
    return typeof error?.message === 'string' ? error.message : undefined;
  };
  return {
    values,
    set,
    /** One field for a control: its value, how it is set, and what is wrong with it. */
    bind: <N extends Path<T>>(name: N) => ({
      value: values[name],
      onChange: (value: T[N]) => setPaths({ [name]: value }),
      problem: problem(name),
    }),
    /** For rows of a list: `gaps.2.halfMm` and the like; the rows themselves through useFieldArray and `keep`. */
    setPaths,
    keep,
    control: form.control,
    clear,
    submit,
    problem,
    recheck,
    failure,
    /** What is said of a write that waits on this device; the form is free for the next. */
    keptHere,
    clashes: {
      clashes,
      onTake: (clash: FieldClash) => settle(clash, true),
      onKeep: (clash: FieldClash) => settle(clash, false),
    },
    isSaving: formState.isSubmitting,
    isDirty: isKept || formState.isDirty,
  };
}
