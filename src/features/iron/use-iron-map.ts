import { useEffect, useState } from 'react';
import { mapAxes, type IronMapAxes, type IronQuestion } from '@/core/iron';
import { failureOf, type FailureReason } from '@/workers/failure';
import { ironRowPool } from '@/workers/pools';
import { Cancelled } from '@/workers/worker-pool';

/** The map of an iron as far as it is computed. */
export interface IronMap extends IronMapAxes {
  /** Regions by set temperature, then pace; a row that is still to come is empty. */
  regions: number[][];
  share: number;
}

const DELAY_MS = 500;
const PASSES = 3;

interface MapState {
  map?: IronMap;
  failure?: FailureReason;
}

/** Recomputes the map a moment after the last change, row by row; what was under way is ended. */
export function useIronMap(question: IronQuestion): MapState & { retry: () => void } {
  const [state, setState] = useState<MapState>({});
  const [again, setAgain] = useState(0);
  const key = JSON.stringify({ ...question, iron: { ...question.iron, setC: 0 }, passS: 0 });
  useEffect(() => {
    let stop: (() => void) | undefined;
    const timer = setTimeout(() => {
      const whole = { ...(JSON.parse(key) as IronQuestion), passes: PASSES };
      const axes = mapAxes(whole.wax.ironC);
      const regions: number[][] = axes.setC.map(() => []);
      let done = 0;
      const job = ironRowPool().run(
        axes.setC.map((setC) => ({ question: whole, setC, passS: axes.passS })),
        {
          onEach: (row, at) => {
            regions[at] = row;
            done += 1;
            setState({ map: { ...axes, regions: [...regions], share: done / axes.setC.length } });
          },
        },
      );
      job.result.catch((error: Error) => {
        if (!(error instanceof Cancelled)) setState({ failure: failureOf(error) });
      });
      stop = job.cancel;
    }, DELAY_MS);
    return () => {
      clearTimeout(timer);
      stop?.();
    };
  }, [key, again]);
  return { ...state, retry: () => setAgain(again + 1) };
}
