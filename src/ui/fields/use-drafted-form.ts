'use client';

import { useEffect, useState } from 'react';
import {
  useForm,
  useWatch,
  type DefaultValues,
  type FieldValues,
  type Path,
  type PathValue,
  type Resolver,
} from 'react-hook-form';
import { readDraft, writeDraft } from './draft-store';

const CHANGED = { shouldDirty: true, shouldTouch: true, shouldValidate: true } as const;

/** An answer of the server that a form can show. */
type Answer<R> = { ok: true; value: R } | { ok: false; error: { message: string } };

/**
 * A form whose values outlive leaving it: what is typed is kept on this device until it is saved or
 * cleared. A field's problem shows once it was touched, all problems once saving was tried.
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
  const [isKept, setIsKept] = useState(false);
  const [failure, setFailure] = useState<string>();
  const values = { ...start, ...useWatch({ control: form.control }) } as T;

  useEffect(() => {
    const draft = readDraft<T>(draftKey);
    if (draft) reset({ ...getValues(), ...draft }, { keepDefaultValues: true });
  }, [draftKey, reset, getValues]);

  const set = (change: Partial<T>) => {
    for (const [name, value] of Object.entries(change)) {
      setValue(name as Path<T>, value as PathValue<T, Path<T>>, CHANGED);
    }
    setFailure(undefined);
    setIsKept(true);
    writeDraft(draftKey, getValues());
  };
  const clear = () => {
    writeDraft(draftKey, undefined);
    setIsKept(false);
    setFailure(undefined);
    reset(start as DefaultValues<T> & T);
  };
  /** Checks all, sends the values, clears the draft when the server took them. */
  const submit = async <R>(send: (values: T) => Promise<Answer<R>>): Promise<R | undefined> => {
    let taken: R | undefined;
    const run = form.handleSubmit(async () => {
      try {
        const answer = await send(getValues());
        if (answer.ok) {
          taken = answer.value;
          clear();
        } else setFailure(answer.error.message);
      } catch {
        setFailure('Not saved: the server did not answer. What you typed is kept; try again.');
      }
    });
    await run();
    return taken;
  };
  const problem = (name: Path<T>): string | undefined => {
    const error = formState.errors[name];
    return typeof error?.message === 'string' ? error.message : undefined;
  };
  return {
    values,
    set,
    clear,
    submit,
    problem,
    recheck: (name: Path<T>) => void trigger(name),
    failure,
    isSaving: formState.isSubmitting,
    isDirty: isKept || formState.isDirty,
  };
}
