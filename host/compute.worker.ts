import { setClock } from './clock.mjs';
import { move, transferableSymbol, valueSymbol } from 'piscina';
import { adviceTask } from '@/server/job/iron-settings';
import { gripTask } from '@/features/grip/use-cases/advise-grip';
import { glideTask } from '@/features/test/use-cases/answer-glide';
import { labTask } from '@/features/iron/use-cases/load-iron';
import { ironTask } from '@/features/iron/use-cases/run-iron';
import { markTask } from '@/features/practice/use-cases/answer-drill';
import { chooseTask } from '@/features/pick/use-cases/first-choice';
import { pickOutlookTask, pickTask } from '@/features/pick/use-cases/pick-wax';
import { afterwardsTask, chartTask } from '@/features/season/use-cases/load-season';
import { trialsTask } from '@/features/plan/use-cases/load-plan';
import { planTask } from '@/features/plan/use-cases/plan-bench';
import { productsFileTask } from '@/features/shelf/use-cases/products-files';
import { bookFileTask } from '@/server/book-task';
import { copyTask } from '@/server/copying';
import { skisFileTask } from '@/features/skis/use-cases/skis-files';
import { forecastTask } from '@/features/snow/use-cases/forecast-snow';
import { readingsFileTask } from '@/features/snow/use-cases/import-readings';
import { reportsTask, weatherFileTask } from '@/features/venue/use-cases/take-weather';
import { purchaseTask } from '@/features/shelf/use-cases/load-shelf';
import { wholeBuffers, type Task } from '@/server/compute/task';
import { inLanguage } from '@/server/language';
import { drainTask } from '@/server/one-file';
import { outlookTask } from '@/server/outlooks';
import { hostScreenWords } from '@/words/screens/host';
import { layOutLocales } from '@/words/locales';

const WORDS = hostScreenWords.computeWorker;

const ALL = [
  adviceTask,
  bookFileTask,
  chooseTask,
  copyTask,
  drainTask,
  forecastTask,
  gripTask,
  glideTask,
  ironTask,
  labTask,
  markTask,
  outlookTask,
  pickOutlookTask,
  pickTask,
  planTask,
  productsFileTask,
  purchaseTask,
  readingsFileTask,
  reportsTask,
  skisFileTask,
  trialsTask,
  afterwardsTask,
  chartTask,
  weatherFileTask,
] as unknown as Task<unknown[], unknown>[];

const byName = new Map(ALL.map((one) => [one.name, one]));

layOutLocales();
setClock();

interface Asked {
  name: string;
  args: unknown[];
  /** The language of who asks. */
  tag: string;
}

/** What a thread of the pool does: the named task with its arguments. */
export default async function compute({ name, args, tag }: Asked): Promise<unknown> {
  const one = byName.get(name);
  if (!one) throw new Error(WORDS.taskUnknown(name));
  const result = await inLanguage(tag, () => one.run(...args));
  if (!one.givesBytes) return result;
  const bytes = wholeBuffers(one.givesBytes(result));
  return move({ [valueSymbol]: result as object, [transferableSymbol]: bytes });
}
