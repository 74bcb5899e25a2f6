import { ironAdvice, ironPasses, mapAxes, mapRow, type IronQuestion } from '../src/core/iron';
import { report, scalarBaselineNs, times } from './measure';

const question: IronQuestion = {
  wax: { meltingC: 58, ironC: 120 },
  ski: { lengthM: 1.9, widthM: 0.05, startC: 20 },
  iron: { setC: 120, plateLengthM: 0.1, massKg: 1.2, powerW: 850 },
  passS: 8,
  passes: 6,
  roomC: 20,
  filmMicrometre: 50,
};
console.log(`scalar baseline: ${scalarBaselineNs().toFixed(2)} ns a multiply-add`);
report('iron, six passes', await times(() => ironPasses(question), 40, 10), 'aim: under 5 ms');
report('iron, advice', await times(() => ironAdvice(question), 10, 2), 'aim: under 200 ms');
const { setC, passS } = mapAxes(question.wax.ironC);
const three = { ...question, passes: 3 };
report(
  'iron, map of 20 × 20 in one thread',
  await times(() => setC.map((set) => mapRow(three, set, passS)), 3, 1),
  'aim: under 1.5 s in two workers',
);
