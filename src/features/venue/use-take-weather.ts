'use client';

import { useState } from 'react';
import { useRouter } from 'next/navigation';
import { useWrite } from '@/ui/fields/use-write';
import { forgetWeatherAction, takeWeatherAction } from './actions';
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
  const router = useRouter();
  const { send } = useWrite();
  const [state, setState] = useState<TakeState>({ kind: 'idle' });
  const reset = () => setState({ kind: 'idle' });
  const refuse = (message: string) => setState({ kind: 'failed', message, problems: [] });
  const take = async (input: WeatherInput) => {
    if (!stationId) return;
    setState({ kind: 'busy' });
    const taken = await send(`take:${stationId}:${JSON.stringify(input)}`, (key) =>
      takeWeatherAction(key, { venueId, stationId }, input),
    );
    if (!taken) return;
    if (taken.ok) {
      setState({ kind: 'done', taken: taken.value });
      router.refresh();
      return;
    }
    const { message, details } = taken.error;
    setState({ kind: 'failed', message, problems: details as WeatherProblem[] });
  };
  const forget = async (takenInAt: string) => {
    if (!stationId) return;
    const done = await send(`forget:${stationId}:${takenInAt}`, (key) =>
      forgetWeatherAction(key, stationId, takenInAt),
    );
    if (done?.ok) reset();
    else if (done) refuse(done.error.message);
  };
  return { state, take, forget, refuse, reset };
}
