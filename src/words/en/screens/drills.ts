import type { OrderFaultCode, Squeak, Waxable } from '../../../core/practice';
import type { IronKind } from '../../../core/iron';
import type { RepairGroup } from '../../../core/ski';
import type { FindingKind, HandHardness } from '../../../core/terms';

export const drillFrame = {
  madeUp: 'Made-up situation',
  answer: 'Answer',
  marking: 'Marking…',
  incomplete: 'Choose something in every row.',
  next: 'Next',
  stop: 'Stop',
  worth: (percent: number) => `${percent} % of the possible points`,
  kept: 'Saved.',
  notKept: 'Not saved: no name is chosen.',
  dispute: 'I disagree',
  disputeWhy: 'What is wrong with it? (optional)',
  disputeSend: 'Tell the team',
  disputed: 'The team will see it.',
};

export const iron = {
  question: 'Iron this ski so that the base fills and stays cool',
  bench: (wax: string, film: string, room: string, ski: string) =>
    `Wax labelled ${wax}, film ${film}, room ${room}, ski ${ski}.`,
  KIND: {
    light_travel: 'A light travel iron, set to the label.',
    household: 'A household iron, set to the label.',
    heavy_digital: 'A heavy digital iron, set to the label.',
  } satisfies Record<IronKind, string>,
  how: 'Drag the iron along the ski with finger or mouse. Keys: space puts it on and off. Left and right move it, up and down change the pace. Lift it to let the ski rest.',
  ski: 'The ski. Space puts the iron on or off. Left and right move it, up and down change the pace.',
  onSki: 'Iron on the ski',
  offSki: 'Iron lifted',
  pace: (seconds: string) => `${seconds} from tip to tail by key`,
  time: (seconds: string) => `${seconds} of 4 min`,
  again: 'Start over',
  done: 'Done',
  result: (uptake: number, best: number) =>
    `The base took up ${uptake} %. Passes with a right trail get ${best} %.`,
  bare: (percent: number) => `On ${percent} % of the length the wax never melted.`,
  hurt: (percent: number) => `On ${percent} % the base got too hot or the wax smoked.`,
  peak: (peak: string) => `Warmest base: ${peak}.`,
  trails: (percent: number) => `The trail was 1 to 10 cm in ${percent} % of the passes.`,
  uneven: (percent: number) => `Uptake differs by ${percent} % along the ski.`,
  best: (passes: string) => `A good way: ${passes}.`,
  bestPass: (pace: string, rest: string) => `${pace} a pass, then ${rest} of rest`,
  lastPass: (pace: string) => `${pace} a pass`,
  noBest: 'This iron and wax cannot keep the trail right. Quick passes do the least harm.',
  uptakeChart: 'Uptake and warmest base along the ski',
  place: 'From the tip, cm',
  uptakeAxis: 'Uptake, %',
  peakAxis: 'Warmest base, °C',
  trailChart: 'Last trail along the ski. The band is right: 1 to 10 cm',
  trailAxis: 'Trail, cm',
};

export const snow = {
  question: 'What snow is this, and how sure are you?',
  day: (warmest: string) => `Yesterday up to ${warmest} at the hut`,
  NIGHT: {
    clear: 'a clear night',
    partly_cloudy: 'a night with some cloud',
    overcast: 'an overcast night',
  },
  MORNING: {
    clear: 'the sky is clear',
    partly_cloudy: 'the sky is half cloudy',
    overcast: 'the sky is overcast',
  },
  WIND: {
    calm: 'no wind',
    light: 'a light wind',
    moderate: 'a moderate wind',
    strong: 'a strong wind',
  },
  lowest: (night: string, low: string) => `${night}, down to ${low}`,
  now: (hour: number, now: string, sky: string, wind: string) =>
    `Now, at ${hour}:00, the hut says ${now}, ${sky}, ${wind}.`,
  FELL: {
    none: '',
    snow: { light: 'A little snow fell.', steady: 'It snowed.', heavy: 'It snowed hard.' },
    rain: { light: 'A little rain fell.', steady: 'It rained.', heavy: 'It rained hard.' },
  },
  SURFACE: {
    new: 'Snow that nobody has touched.',
    settled: 'Old snow beside the track.',
    groomed: 'A groomed track.',
    machine_made: 'A piste with snow guns beside it.',
  },
  ball: (feel: string) => `A snowball: ${feel}.`,
  finger: (what: string) => `Goes in without force: ${what}.`,
  FINGER: {
    fist: 'the fist',
    four_fingers: 'four fingers',
    one_finger: 'one finger',
    pencil: 'a pencil',
    knife: 'a knife',
  } satisfies Record<HandHardness, string>,
  SQUEAK: {
    none: 'No sound under the boot.',
    soft: 'A soft creak under the boot.',
    loud: 'A loud, dry squeak under the boot.',
  } satisfies Record<Squeak, string>,
  lens: 'Grains under the lens',
  lensSide: (mm: string) => `The lens shows ${mm}. Lines every millimetre.`,
  temperature: 'Snow temperature',
  spread: 'Two times in three it lies within',
  spreadShown: (value: string) => `± ${value}`,
  grain: 'Grain',
  grainSure: 'How sure of the grain',
  wetness: 'Wetness',
  wetnessSure: 'How sure of the wetness',
  truth: (temperature: string, grain: string, wetness: string) =>
    `It was ${temperature}, ${grain}, ${wetness}.`,
  crps: (own: string, air: string) =>
    `Your temperature scores ${own}. The air at the hut alone scores ${air}. 0 is perfect.`,
  byAir: (guess: string) => `The air alone says ${guess}.`,
  classes: (grain: number, wetness: number) =>
    `You gave the true grain ${grain} % and the true wetness ${wetness} %. Being sure and wrong costs most.`,
  why: {
    clear: 'Under a clear sky snow loses heat and lies far below the air.',
    overcast: 'Clouds keep the snow near the air.',
  },
};

export const pick = {
  question: 'Which of these waxes?',
  snow: (temperature: string, humidity: string) => `Snow ${temperature}, humidity ${humidity}.`,
  past: 'A snow that was really measured here once.',
  outing: (discipline: string, purpose: string, distance: string) =>
    `${discipline}, ${purpose}, ${distance}.`,
  shelf: 'The shelf',
  best: (name: string) => `The best of them is ${name}.`,
  yours: (seconds: string) => `Yours costs ${seconds} more over the course.`,
  same: 'You picked the best, or as good as the best.',
  ranking: 'What each costs over the best',
  wax: 'Wax',
  label: 'Label',
  cost: 'Cost, s',
  asks: (equivalent: string) => `The snow asks for ${equivalent}:`,
};

export const order = {
  question: 'In which order?',
  how: 'Drag the steps, or move them with the buttons. Keys: tab to a step, space, arrows, space.',
  list: 'Steps, the first on top',
  up: (step: string) => `${step}: up`,
  down: (step: string) => `${step}: down`,
  grab: (step: string) => `Move ${step}`,
  instructions:
    'Press space to pick the step up and the arrows to move it. Space puts it down, escape cancels.',
  role: 'step that can be moved',
  picked: (step: string) => `Picked up: ${step}.`,
  over: (step: string, place: number) => `${step}, place ${place}.`,
  dropped: (step: string, place: number) => `Put down: ${step}, place ${place}.`,
  left: (step: string) => `Left where it was: ${step}.`,
  right: 'Nothing hurts in this order.',
  faults: (count: number) => (count === 1 ? 'One thing hurts.' : `${count} things hurt.`),
  at: (step: string, hurts: string, why: string) => `${step} (${hurts}): ${why}`,
  HURTS: { person: 'hurts you', ski: 'hurts the ski', work: 'spoils the work' },
  names: {
    wax: 'the wax of the day',
    liquid: 'the liquid wax',
    soft: 'soft wax',
    cleaner: 'base cleaner',
    klister: 'klister',
  },
  WHY: {
    not_secured: 'the ski is not clamped yet and slips from the stand.',
    heat_on_solvent: 'solvent is still wet, and heat sets it on fire.',
    blunt_scraper: 'a scraper that is not sharp yet leaves ridges.',
    clamp_shut: 'heat bends a ski that is clamped in the middle.',
    dry_iron: 'without wax on the base the iron burns it.',
    scraped_warm: 'scraping warm wax pulls it out of the base.',
    filings_in_wax: 'filings and chips get into wax that is on already.',
    brushed_wax: 'the brush clogs with wax that is still to be scraped.',
    wait_for_nothing: 'there is nothing yet that must cool or dry.',
    wax_not_dry: 'the liquid has not dried yet.',
    never_ironed: 'the wax was not ironed yet.',
    covered_structure: 'wax fills the structure again.',
    soiled_skin: 'wax and solvent soil the skin, so cover it first.',
    soiled_grip: 'glide wax gets on the grip zone, or the zone is not ready.',
    wrong_layer: 'what lies under it has to go on first.',
    not_worked_in: 'there is nothing yet to be corked in.',
    warm_scrape_late: 'groove and edges are scraped while the wax is warm, before it cools.',
    washed_off: 'the cleaner takes off the wax that was just put on.',
    screws_late: 'tight binding screws dent the base under the iron.',
    checked_early: 'there is still work to do after the last look.',
  } satisfies Record<OrderFaultCode, string>,
};

export const see = {
  question: 'What is on this base?',
  picture: 'A base, tip at the left',
  kind: 'What is it',
  first: 'What is done first',
  waxable: 'Can it be waxed today',
  FIRST: {
    shop: 'Send it to a shop or grinder',
    repair: 'Repair the base',
    edges: 'Work on the edges',
    clean: 'Clean',
    wax: 'Wax',
  } satisfies Record<RepairGroup, string>,
  WAXABLE: {
    yes: 'Yes',
    after_work: 'After that',
    no: 'No',
  } satisfies Record<Waxable, string>,
  LOOK: {
    delamination: 'A dark gap between base and edge that opens when pressed.',
    gouge: 'A deep trench with ragged sides, down to something lighter.',
    unflat: 'A true bar laid across lets light through in the middle.',
    burr: 'A bright line on the edge that catches a fingernail.',
    rust: 'Brown spots along the edge.',
    burn: 'A grey, glazed stripe that takes no wax.',
    dirt: 'A dark film that comes off on a white cloth.',
    hairs: 'Fine fibres that stand up when brushed against.',
    dry: 'A pale, chalky area.',
  } satisfies Record<FindingKind, string>,
  right: (what: string) => `Right: ${what}`,
  wrong: (what: string) => `Missed: ${what}`,
};

export const test = {
  question: 'Is one of the two skis faster?',
  how: 'Six runs on one hill, three minutes apart. Times scatter, and the track changes.',
  run: 'Run',
  ski: 'Ski',
  minute: 'Minute',
  time: 'Time, s',
  caption: 'Times of six runs',
  say: 'How likely is it that A is the faster one',
  SAYS: [
    { saidA: 0.95, label: 'A, I am sure' },
    { saidA: 0.75, label: 'A, likely' },
    { saidA: 0.5, label: 'Cannot tell' },
    { saidA: 0.25, label: 'B, likely' },
    { saidA: 0.05, label: 'B, I am sure' },
  ],
  allowed: (percent: number) =>
    `With the drift of the track allowed for, A is faster with ${percent} % probability.`,
  truth: (ski: string, by: string) => `In truth ${ski} was faster by ${by}.`,
  brier: (own: string, runs: string) =>
    `Brier score ${own}. The runs alone give ${runs}. 0 is perfect.`,
  none: 'Being as sure as the times allow earns all points, whatever the truth was.',
};
