'use client';

import { useState } from 'react';
import { useRouter } from 'next/navigation';
import { takeWeatherAction } from './actions';
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
  const [state, setState] = useState<TakeState>({ kind: 'idle' });
  const reset = () => setState({ kind: 'idle' });
  const take = async (input: WeatherInput) => {
    if (!stationId) return;
    setState({ kind: 'busy' });
    try {
      const taken = await takeWeatherAction({ venueId, stationId }, input);
      if (taken.ok) {
        setState({ kind: 'done', taken: taken.value });
        router.refresh();
        return;
      }
      const { message, details } = taken.error;
      setState({ kind: 'failed', message, problems: details as WeatherProblem[] });
    } catch {
      const message = 'The server did not answer. Nothing was taken in; try again.';
      setState({ kind: 'failed', message, problems: [] });
    }
  };
  return { state, take, reset };
}
