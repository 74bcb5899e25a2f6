'use client';

import { useState } from 'react';
import { NO_ANSWER, type Answer } from '@/ui/fields/answer';
import { useWrite } from '@/ui/fields/use-write';
import { act } from '@/writes/act';
import type { TakenWeather, WeatherInput } from './use-cases/take-weather';

export interface WeatherProblem {
  line?: number;
  field: string;
  message: string;
}

export type TakeState =
  | { kind: 'idle' }
  | { kind: 'busy' }
  | { kind: 'done'; taken: TakenWeather }
  | { kind: 'failed'; message: string; problems: WeatherProblem[] };

/** Sends weather to the server and tells how it went. */
export function useTakeWeather(venueId: string, stationId: string | undefined) {
  const { send } = useWrite();
  // Undoing does not hold up the next forecast.
  const { send: sendUndo } = useWrite();
  const [state, setState] = useState<TakeState>({ kind: 'idle' });
  const reset = () => setState({ kind: 'idle' });
  const refuse = (message: string) => setState({ kind: 'failed', message, problems: [] });
  const take = async (input: WeatherInput): Promise<Answer<TakenWeather>> => {
    setState({ kind: 'busy' });
    const taken = await send(`take:${stationId}:${JSON.stringify(input)}`, (key) =>
      act('weather.take', key, { target: { venueId, stationId }, input }),
    );
    if (!taken) {
      reset();
      return NO_ANSWER;
    }
    if (taken.ok) {
      setState({ kind: 'done', taken: taken.value });
    } else {
      const { message, details } = taken.error;
      setState({ kind: 'failed', message, problems: details as WeatherProblem[] });
    }
    return taken;
  };
  const forget = async (undone: TakenWeather) => {
    const { stationId: at, takenInAt } = undone;
    const done = await sendUndo(`forget:${at}:${takenInAt}`, (key) =>
      act('weather.forget', key, { id: at, takenInAt }),
    );
    if (done?.ok) {
      setState((now) => (now.kind === 'done' && now.taken === undone ? { kind: 'idle' } : now));
    }
    if (done && !done.ok) refuse(done.error.message);
  };
  return { state, take, forget, refuse, reset };
}
