import { mapAxes, type IronMapAxes, type IronQuestion } from '../core/iron';

export interface IronRequest {
  question: IronQuestion;
  passS: number[];
  rows: { at: number; setC: number }[];
}
export interface IronReply {
  at: number;
  regions: number[];
}

export interface IronMap extends IronMapAxes {
  /** Regions by set temperature, then pace; a row that is still to come is empty. */
  regions: number[][];
  share: number;
}

const WORKERS = 2;

/** Computes the map of an iron in two workers, row by row; gives what ends it early. */
export function ironMap(
  question: IronQuestion,
  ironC: number,
  onProgress: (map: IronMap) => void,
): () => void {
  const axes = mapAxes(ironC);
  const regions: number[][] = axes.setC.map(() => []);
  let done = 0;
  const workers = Array.from({ length: WORKERS }, (_, w) => {
    const worker = new Worker(new URL('./iron.worker.ts', import.meta.url), { type: 'module' });
    worker.onmessage = ({ data }: MessageEvent<IronReply>) => {
      regions[data.at] = data.regions;
      done += 1;
      onProgress({ ...axes, regions: [...regions], share: done / axes.setC.length });
      if (done === axes.setC.length) workers.forEach((one) => one.terminate());
    };
    const rows = axes.setC.map((setC, at) => ({ at, setC })).filter(({ at }) => at % WORKERS === w);
    const request: IronRequest = { question, passS: axes.passS, rows };
    worker.postMessage(request);
    return worker;
  });
  return () => workers.forEach((worker) => worker.terminate());
}
