'use client';

import { useState } from 'react';
import { isKept, type Answer } from '@/ui/fields/answer';
import { useWrite } from '@/ui/fields/use-write';
import { act } from './act';
import type { Act, WriteInput, WriteValue } from './table';

/** A write with what it is done with: what undoes another. */
export type NamedWrite = { [N in Act]: readonly [name: N, input: WriteInput<N>] }[Act];

/** What is said once a write is done. */
export interface Then<R> {
  said?: (value: R) => string;
  undo?: (value: R) => NamedWrite | undefined;
  /** What is said once it is undone; without it the notice goes. */
  undone?: string;
  /** Called once it is done, or waits on this device. */
  settled?: () => unknown;
}

/** What was done, with its way back. */
export interface Done {
  message: string;
  undo?: { write: NamedWrite; undone?: string };
}

/**
 * Writes of a screen, one at a time, and what came of the last: a notice with its undo, a problem, or that it waits on
 * this device. Sent again after a lost answer, the same input carries the same key. Each gives its value once it is
 * done, or undefined.
 */
export function useAct() {
  const { send, isBusy } = useWrite();
  const [notice, setNotice] = useState<Done>();
  const [problem, setProblem] = useState<string>();
  const [kept, setKept] = useState<string>();
  const run = async <R>(
    what: string,
    action: (key: string) => Promise<Answer<R>>,
    { said, undo, undone, settled }: Then<R> = {},
  ): Promise<R | undefined> => {
    const answer = await send(what, action);
    if (!answer) return undefined;
    const isHere = isKept(answer);
    setKept(isHere && !answer.ok ? answer.error.message : undefined);
    setProblem(answer.ok || isHere ? undefined : answer.error.message);
    if (answer.ok || isHere) settled?.();
    if (!answer.ok) return undefined;
    const { value } = answer;
    const write = undo?.(value);
    setNotice(said && { message: said(value), undo: write && { write, undone } });
    return value;
  };
  const write = <N extends Act>(name: N, input: WriteInput<N>, then?: Then<WriteValue<N>>) =>
    run(`${name}:${JSON.stringify(input)}`, (key) => act(name, key, input), then);
  const undo = ({ write: [name, input], undone }: NonNullable<Done['undo']>) =>
    write(name, input as never, undone === undefined ? {} : { said: () => undone });
  return { write, run, undo, isBusy, notice, problem, kept, setNotice, setProblem };
}

export type Acts = ReturnType<typeof useAct>;
