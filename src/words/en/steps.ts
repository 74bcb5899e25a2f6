import type { Brush, StepWords, StepWork } from '../../core/bench';
import type { Writer } from '../write';
import { MARK } from './ski';
import { plain } from '../quantities';

const BRUSH: Record<Brush, string> = {
  fine_steel: 'fine steel',
  fine_metal: 'fine metal',
  steel: 'steel',
  brass: 'brass',
  nylon: 'nylon',
  soft_nylon: 'soft nylon',
  stiff_nylon: 'stiff nylon',
  horsehair: 'horsehair',
};
const capital = (text: string) => `${text[0]!.toUpperCase()}${text.slice(1)}`;
const where = ({ isTipsOnly }: { isTipsOnly: boolean }) =>
  isTipsOnly ? 'tips and tails only, never the grip zone' : 'the whole base';
const zone = ({ startCm, endCm }: { startCm: number; endCm: number }) =>
  `from ${Math.round(startCm)} to ${Math.round(endCm)} cm in front of the heel plate`;
const grams = (value: number) => `${Math.round(value * 10) / 10} g`;

export type WorkWords = {
  readonly [Code in StepWork['code']]:
    StepWords | ((work: Extract<StepWork, { code: Code }>, write: Writer) => StepWords);
};

const TRAIL =
  'A trail of 1 to 10 cm stays liquid behind the iron. The top of the ski is hand-warm.';
const EDGE_DUST = 'Tip to tail only, light, then wipe the dust off.';
const METAL_ONE_WAY = 'Tip to tail only, light, on the tips of the bristles.';

/** What each step has one do. */
const STEP: WorkWords = {
  secure: ({ isBoard, hasBrakes, hasEdges }) => ({
    title: 'Warm the ski and clamp it',
    tool: isBoard ? 'Board vice' : 'Vice or form',
    what: `Let the ski warm up to room temperature. Wipe it dry and clamp it base up${hasEdges && !isBoard ? ', in the middle' : ''}.${hasBrakes ? ' Hold the brakes up with a band.' : ''}`,
    doneWhen: 'It does not move under your hand, and the base is dry.',
    reason: 'A cold or damp base takes no wax.',
  }),
  loosen_screws: {
    title: 'Loosen the binding screws',
    tool: 'Screwdriver',
    what: 'Loosen the binding screws one turn, or take the bindings off. Mark where they were.',
    doneWhen: 'The base is flat over the inserts.',
    reason: 'Tight screws pull dents into a warm base.',
  },
  tighten_screws: {
    title: 'Tighten the binding screws',
    tool: 'Screwdriver',
    what: 'Put the bindings back on their marks. Tighten the screws by hand.',
    doneWhen: 'Nothing moves.',
    reason: 'Tight screws pull dents into a warm base.',
  },
  fill_gouges: ({ places }) => ({
    title: places === 1 ? 'Fill one place' : `Fill ${places} places`,
    tool: 'Base filler and metal scraper',
    what: MARK.gouge.action,
    doneWhen: 'Your fingernail does not catch.',
    reason: MARK.gouge.meaning,
  }),
  sidewall: ({ angleDeg }) => ({
    title: 'Take the sidewall back',
    tool: 'Sidewall planer',
    what: `Plane the sidewall at ${angleDeg}°, long overlapping strokes, tip to tail.`,
    doneWhen: 'The file touches steel only.',
    reason: 'Sidewall clogs the file and lifts it off its angle.',
  }),
  case_off: ({ hasBurrs }) => ({
    title: hasBurrs ? 'Take hardened burrs off' : 'Take hardened spots off',
    tool: 'Coarse diamond',
    what: 'Wet and light along base and side edge, until it runs without ticking.',
    doneWhen: 'You feel no ticks along the edge.',
    reason: 'A hardened spot ruins a file.',
  }),
  rust_off: {
    title: 'Take rust off',
    tool: 'Rubber stone, then fine diamond',
    what: 'Rub the spot along the edge with the stone, then polish it lightly with the diamond. Dry it.',
    doneWhen: 'The steel is bright there, and nothing catches.',
    reason: 'Fresh rust is only on the surface. It needs no new bevel.',
  },
  base_bevel: ({ angleDeg }) => ({
    title: `Base edge at ${angleDeg}°`,
    tool: 'Base guide, second-cut file, fine diamond',
    what: 'Second-cut file, 1–2 light passes, only where the marker ink shows damage. Then the fine diamond, 2 passes. Tip to tail.',
    doneWhen: 'The ink is gone along the whole edge, and it shines.',
    reason: 'Steel taken from the base edge only comes back with a grind.',
  }),
  side_bevel: ({ angleDeg }) => ({
    title: `Side edge at ${angleDeg}°`,
    tool: 'Side guide, coarse file, second-cut file, fine diamond',
    what: 'Coarse file until the nicks are out. Then 1–2 passes with the second-cut file and 2 with the fine diamond. Long overlapping strokes, light pressure, tip to tail.',
    doneWhen: 'Smooth, no ticks. It shaves a fingernail.',
    reason: 'Each grit removes the marks of the one before.',
  }),
  detune: {
    title: 'Detune, and take the burr off',
    tool: 'Rubber stone',
    what: 'Dull the last 8 to 12 cm of tip and tail at 45°. Blend them in. Then one light pass along all edges.',
    doneWhen: 'Nothing catches on a cloth, and no step shows where the sharp part begins.',
    reason: 'A sharp tip hooks, and a burr drags.',
  },
  wipe_filings: {
    title: 'Wipe the filings off',
    tool: 'Damp cloth and brush',
    what: 'Edges, base and bench, each pull with a clean side of the cloth. Throw the cloth away.',
    doneWhen: 'A finger along the edges stays clean.',
    reason: 'Steel filings under a brush or a scraper scratch the base.',
  },
  release_clamp: {
    title: 'Open the clamp in the middle',
    tool: 'Vice',
    what: 'The ski lies on tip and tail rests, and the clamp holds it no more.',
    doneWhen: 'The ski is free to bend.',
    reason: 'Clamped tight, a ski under the iron bends and can come apart.',
  },
  sharpen_scraper: {
    title: 'Sharpen the scraper',
    tool: 'Scraper sharpener or file',
    what: 'Draw its edge straight and square. Sharpen it again for every ski.',
    doneWhen: 'It lifts a thin curl from the back of your fingernail.',
    reason: 'A dull scraper presses wax instead of cutting it.',
  },
  to_grinder: {
    title: 'Take the pair to the grinder',
    tool: 'Stone grinder',
    what: 'No work on edges and base before. Say how fine the structure should be. Afterwards take “New or fresh grind”.',
    doneWhen: 'A true bar shows no light along the base.',
    reason: 'On a base that is not flat, scraper, brush and structure miss the hollow places.',
  },
  clean_liquid: ({ isTwice }) => ({
    title: 'Clean with liquid',
    tool: 'Cleaner, cloth, soft brush',
    what: `Put it on with a cloth, let it soak 10 to 15 min, wipe it off${isTwice ? '. Do it twice: the base is dirty' : ''}. Lid on.`,
    doneWhen: 'A white cloth stays white.',
    reason: 'Old wax and grime keep new wax out.',
  }),
  brush_new_base: ({ isAgain }) => ({
    title: isAgain ? 'Fine steel brush again' : 'Fine steel brush',
    tool: 'Fine steel brush',
    what: EDGE_DUST,
    doneWhen: 'Nothing catches on a cotton pad.',
    reason: isAgain ? 'It clears the cut hairs.' : 'It lifts what the stone left standing.',
  }),
  abrasive_pad: {
    title: 'Abrasive pad',
    tool: 'Fine abrasive pad',
    what: EDGE_DUST,
    doneWhen: 'Nothing catches on a cotton pad.',
    reason: 'It cuts the hairs that stand up.',
  },
  open_structure: ({ brush }) => ({
    title: `Open the structure: ${BRUSH[brush]}`,
    tool: `${capital(BRUSH[brush])} brush`,
    what: 'Tip to tail only, firm, then wipe the dust off.',
    doneWhen: 'The base looks dull and even, and the lines are clear.',
    reason: brush === 'steel' ? 'Clean lines take wax.' : 'Cold, fine snow: brass is enough.',
  }),
  sprinkle: (work) => ({
    title: `Put on ${work.product}`,
    tool: 'Powder shaker',
    what: `Sprinkle ${grams(work.grams)} evenly over ${where(work)}.`,
    doneWhen: 'There is no bare base left for the iron to touch.',
    reason: 'A film protects the base from the first heat.',
  }),
  drip: (work) => {
    const drops = work.isWide
      ? 'in an S of drops, one half of the base, then the other'
      : 'a drop every 1–2 cm';
    return {
      title: `Put on ${work.product}`,
      tool: 'Block and iron held apart',
      what: work.isRubbedFirst
        ? `Rub a thin film on ${where(work)}, then drip: ${drops}.`
        : `Drip ${drops} on ${where(work)}.`,
      doneWhen: 'There is no bare base left for the iron to touch.',
      reason: work.isRubbedFirst
        ? 'A film protects the base from the first heat.'
        : 'That is enough if the drops are close together.',
    };
  },
  edge_strip: (work) => ({
    title: `Put ${work.product} along the edges`,
    tool: 'Powder shaker',
    what: `${grams(work.grams)} in a 1 cm strip along both edges underfoot, on a thin film of wax.`,
    doneWhen: 'There is no bare base left for the iron to touch.',
    reason: 'Hard snow burns the base there first.',
  }),
  iron: (work) => ({
    title: `Iron in ${work.product}`,
    tool: work.isHouseholdIron ? 'Iron' : 'Ski iron',
    what: [
      work.isPowder
        ? 'Dab the powder down, then tip to tail, one even pass after another.'
        : work.isTipToTailOnly
          ? 'Tip to tail, one even pass after another.'
          : 'Spread the drops first, then tip to tail, one even pass after another.',
      'Never stand still.',
      work.isWide ? 'One half of the base, then the other.' : '',
      work.isOtherInRests ? 'Iron the other ski in the rests.' : '',
    ]
      .filter(Boolean)
      .join(' '),
    doneWhen: TRAIL,
    reason: 'Wax only goes into the base while it is liquid.',
  }),
  dab: ({ product }) => ({
    title: `Dab ${product} down`,
    tool: 'Ski iron',
    what: 'Touch the powder with the iron, lift it, move on. Do not push.',
    doneWhen: 'The powder sticks everywhere and does not fly.',
    reason: 'A moving iron would push loose powder off the base.',
  }),
  iron_halves: ({ product, isSecond, isStrip }) => ({
    title: isSecond ? `Iron ${product} a second time` : `Iron in ${product}`,
    tool: 'Ski iron that holds its temperature',
    what: `${isStrip ? 'One edge of the iron along one edge of the ski, then the other.' : 'With one edge of the iron over one half of the ski, then the other.'} Quick, steady, never back. It need not look perfect.`,
    doneWhen: 'It glistens once behind the iron. The top of the ski is hand-warm at most.',
    reason: isSecond
      ? 'What the brush lifted melts in now.'
      : 'Short heat melts the powder and spares the base. Only on a base with hard wax in it.',
  }),
  brush_up: {
    title: 'Brush the powder up',
    tool: 'Stiff nylon brush',
    what: 'Short quick strokes back and forth, then wipe along.',
    doneWhen: 'The film is rough and even.',
    reason: 'It spreads what has not melted yet for the second pass.',
  },
  scrape_lightly: {
    title: 'Scrape very lightly',
    tool: 'Sharp plastic scraper, 4–5 mm',
    what: 'One or two strokes without pressure, tip to tail. The brushes do the rest.',
    doneWhen: 'The crumbs are off, and the film is still there.',
    reason: 'The film is thin and hard: a firm scraper tears it out.',
  },
  spread_for_box: (work) => ({
    title: `Put ${work.product} on thick`,
    tool: 'Block and iron held apart',
    what: `Rub and drip a thick even coat on ${where(work)}. Do not scrape it.`,
    doneWhen: 'The base is covered all over.',
    reason: 'The box can only soak in what lies on the base.',
  }),
  box: ({ product, boxC, hours }, write) => ({
    title: `Hot box, ${write.temperature(boxC, 0)} for ${hours} h`,
    tool: 'Hot box',
    what: `Bases up, nothing touching. The box at ${write.temperature(boxC, 0)}, as warm as ${product} melts, and no warmer.`,
    doneWhen: 'The wax has sunk in, and dull places show where the base drank.',
    reason: 'Hours of gentle heat fill a base like five ironed coats, without an iron.',
  }),
  iron_through_sheet: ({ product }) => ({
    title: `Iron ${product} through a sheet`,
    tool: 'Ski iron and PTFE sheet',
    what: 'Put the sheet between iron and base. One slow pass. A chalky look is normal: do not scrape.',
    doneWhen: 'The film has turned from milky to clear or chalky all over.',
    reason: 'Heat binds the film, so it lasts longer.',
  }),
  warm_edges: {
    title: 'Scrape the edges while warm',
    tool: 'Plastic scraper',
    what: 'Take wax off the steel edges and sidewalls while it is soft.',
    doneWhen: 'The edges are clean, and no wax hangs over.',
    reason: 'Cold wax chips there. Warm wax peels off.',
  },
  warm_groove: {
    title: 'Scrape groove and sidewalls while warm',
    tool: 'Groove tool',
    what: 'Clear the groove with a hand over the tool, then the sidewalls.',
    doneWhen: 'Groove and sidewalls are clean, and no wax hangs over.',
    reason: 'Cold wax chips there. Warm wax peels off.',
  },
  hot_scrape: ({ purpose }) => ({
    title: 'Scrape it off warm',
    tool: 'Plastic scraper',
    what: 'Right after the iron, tip to tail. Repeat with new wax until the shavings are clean.',
    doneWhen:
      purpose === 'clean'
        ? 'The shavings come off clean.'
        : 'The colour is even, with no grey left.',
    reason:
      purpose === 'clean'
        ? 'Warm soft wax carries the dirt out.'
        : 'Soft wax opens the base. Hard wax follows.',
  }),
  sponge_on: (work) => ({
    title: `Put on ${work.product}`,
    tool: 'Sponge',
    what: `Shake the bottle. Sponge it on in lengths of 15 to 20 cm over ${where(work)}. Close the bottle.`,
    doneWhen: 'An even wet film, no pools.',
    reason: 'It covers in one go with little waste.',
  }),
  brush_on_and_cork: (work) => ({
    title: `Put on ${work.product}`,
    tool: 'Applicator brush and cork',
    what: `Shake the bottle. Brush on 15 to 20 cm of ${where(work)} and cork it at once. Go on in such pieces. Close the bottle.`,
    doneWhen: 'An even film, no pools, no dull places.',
    reason: 'The cork works the film in before it sets.',
  }),
  cork_film: ({ product }) => ({
    title: `Cork ${product}`,
    tool: 'Synthetic or natural cork',
    what: 'Firm quick strokes tip to tail, until the cork feels warm.',
    doneWhen: 'The film has turned from milky to clear.',
    reason: 'The heat of rubbing binds the film to the base.',
  }),
  rub_on: (work) => ({
    title: `Rub on ${work.product}`,
    tool: 'Block',
    what: `Rub a thin even film on ${where(work)}.`,
    doneWhen: 'The base is dull all over.',
    reason: 'Without an iron the wax stays on top: it works, for a short while.',
  }),
  wipe_on: (work) => ({
    title: `Put on ${work.product}`,
    tool: 'Cloth',
    what: `Wipe it on thin over ${where(work)}.`,
    doneWhen: 'An even wet film, no pools.',
    reason: 'It covers in one go with little waste.',
  }),
  roll_top: (work) => ({
    title: `Top layer: ${work.product}`,
    tool: 'Wool roller',
    what: `${work.isBlock ? `Rub a thin trace on ${where(work)}. Then the short-haired roller` : `Shake the bottle and put a thin film on ${where(work)}. Let it dry, then the long-haired roller`}, tip to tail, light, spinning toward the tail.`,
    doneWhen: 'A thin even film. Two layers are usually enough.',
    reason: work.isBlock
      ? 'Short hair makes a little heat, and the block needs it.'
      : 'Long hair polishes a liquid without heat.',
  }),
  sponge_top: (work) => ({
    title: `Top layer: ${work.product}`,
    tool: 'Sponge',
    what: `Shake the bottle. Put a thin film on ${where(work)}. Close the bottle.`,
    doneWhen: 'A thin even film. Two layers are usually enough.',
    reason: 'On new snow a liquid works best.',
  }),
  polish_top: {
    title: 'Polish the top layer',
    tool: 'Soft nylon brush or cork',
    what: 'Tip to tail, light, without pressure.',
    doneWhen: 'An even shine.',
    reason: 'A thin film is fast. A thick one is not.',
  },
  brush: ({ brush, isMetal, isRotary }) => ({
    title: `Brush: ${BRUSH[brush]}`,
    tool: isRotary ? `Rotary ${BRUSH[brush]} brush` : `${capital(BRUSH[brush])} brush`,
    what: isMetal
      ? METAL_ONE_WAY
      : isRotary
        ? 'Spin toward the tail, away from your face. The weight of the brush is pressure enough. Slowly tip to tail.'
        : 'Long strokes tip to tail, short quick ones where wax still shows.',
    doneWhen: 'No more dust. Against the light the structure is clear of wax.',
    reason: isMetal
      ? 'It takes wax out of the structure.'
      : 'It takes off what the brush before left.',
  }),
  scrape: ({ isBare, hasEdges }) => ({
    title: 'Scrape',
    tool: 'Sharp plastic scraper, 4–5 mm',
    what: `${hasEdges ? 'From tip to tail,' : 'Groove first, then'} ${
      isBare
        ? 'long light strokes with the scraper slightly tilted, until the base is bare.'
        : 'a few light strokes. The brushes do the rest.'
    }`,
    doneWhen: isBare
      ? 'No white patches. It feels bare to the back of your hand.'
      : 'The wax is thin and even.',
    reason: isBare ? 'Wax left on top only slows the ski.' : 'It protects the structure.',
  }),
  cool: ({ isColdRoom, isHard }) => ({
    title: 'Cool',
    tool: 'Rack',
    what: isColdRoom
      ? 'Let it cool in the warmest corner, not in the doorway. Hard wax cracks off in frost.'
      : `Put it in the rack, base free, until it is as cool as the room.${isHard ? ' Never in a freezing doorway: hard wax cracks off there.' : ''}`,
    doneWhen: 'The back of your hand feels no warmth.',
    reason: 'Wax keeps settling as it cools. Warm wax smears under the scraper.',
  }),
  cool_klister: {
    title: 'Cool',
    tool: 'Rack',
    what: 'Put it outside, base free, until it is as cold as the snow.',
    doneWhen: 'It no longer sticks to your finger in strings.',
    reason: 'Warm klister picks up snow and ices up.',
  },
  cool_grip: {
    title: 'Cool the grip wax',
    tool: 'Rack outside',
    what: 'Put the pair outside, bases free, until they are as cold as the snow.',
    doneWhen: 'The zone feels hard, and your finger leaves no print.',
    reason: 'Warm grip wax picks up snow and ices up.',
  },
  flash_off: {
    title: 'Let the solvent dry off',
    tool: 'Rack',
    what: 'Leave it in moving air, bottles closed, until no solvent is left.',
    doneWhen: 'No smell, no damp shine.',
    reason: 'Solvent in the base keeps wax out, and it burns.',
  },
  dry_film: {
    title: 'Let it dry',
    tool: 'Rack',
    what: 'Leave it until the film is milky and dry to the touch.',
    doneWhen: 'It is milky and does not smear.',
    reason: 'A wet film wipes off instead of holding.',
  },
  zone_ready: (work) => ({
    title: 'Prepare the grip zone',
    tool: 'Scraper and fine sandpaper',
    what: `Scrape old wax off, mark the zone ${zone(work)}, sand it lightly.`,
    doneWhen: 'Dull, clean, and marked at both ends.',
    reason: 'Grip wax holds on a roughened base.',
  }),
  grip_off: ({ hasCleaner }) => ({
    title: 'Take grip wax and klister off',
    tool: hasCleaner ? 'Scraper, cleaner, cloth' : 'Scraper and cloth',
    what: `Scrape the zone, groove too${hasCleaner ? ', and take the rest off with cleaner on a cloth' : '. Warm air softens klister'}. Lay the cloth outside.`,
    doneWhen: 'Nothing sticks to your finger in the zone.',
    reason: 'Klister runs all over the ski in a warm summer.',
  }),
  crayon: (work) => ({
    title: `${work.product}: ${work.layers === 1 ? 'one layer' : `${work.layers} layers`}`,
    tool: 'Grip stick',
    what: `Rub it on thin ${zone(work)}. Smooth each layer before the next.`,
    doneWhen: 'Even colour over the whole zone.',
    reason: 'Several thin layers last longer than a thick one.',
  }),
  cork: ({ product }) => ({
    title: `Cork ${product}`,
    tool: 'Synthetic cork',
    what: 'Smooth each layer, light and quick. Keep the groove clear.',
    doneWhen: 'Smooth and thin, no ridges at the ends.',
    reason: 'Thin smooth layers hold and glide. A thick one does neither.',
  }),
  spread_klister: (work) => ({
    title: `Spread ${work.product}`,
    tool: 'Tube and plastic spreader',
    what: `Warm the tube in your hand or with warm air. Short strokes on each side of the groove ${zone(work)}, spread thin.`,
    doneWhen: 'A thin even film, and the groove is clear.',
    reason: 'Only klister holds on wet coarse, refrozen or icy snow.',
  }),
  clear_pattern: {
    title: 'Clear the pattern',
    tool: 'Stiff nylon brush',
    what: 'Brush residue out of the pattern, along and across. Never a scraper or an iron on it.',
    doneWhen: 'The steps of the pattern are sharp and clear.',
    reason: 'Residue ices up in wet new snow, and hot wax fills the pattern.',
  },
  pattern_liquid: ({ product }) => ({
    title: `Put ${product} on the pattern`,
    tool: 'Sponge',
    what: 'Work a thin film into the steps against icing. Close the bottle.',
    doneWhen: 'A damp shine, no pools in the steps.',
    reason: 'A dry pattern ices up in wet new snow.',
  }),
  skin_care: ({ product }) => ({
    title: 'Clean and treat the skin',
    tool: 'Cloth',
    what: `${product} on a cloth, with the hair, tip to tail. Keep hot wax and base cleaner off the skin.`,
    doneWhen: 'The hair lies flat and dark, and no base wax sticks in it.',
    reason: 'Dirt and old wax make a skin drag. A dry skin ices up.',
  }),
  cover_skin: {
    title: 'Take the skin out, or cover it',
    tool: 'Masking tape and paper',
    what: 'Lift the skin off where it comes off. Else cover it with paper and tape beyond both ends.',
    doneWhen: 'No hair shows, and the tape lies flat on the base.',
    reason: 'Heat melts the glue of a skin, and wax and cleaner ruin its hair.',
  },
  uncover_skin: {
    title: 'Uncover the skin',
    tool: 'None',
    what: 'Peel the tape off slowly, or put the skin back into its place.',
    doneWhen: 'The skin lies flat, and no glue or wax is left on it.',
    reason: 'Dust of wax and brushes stays on the paper.',
  },
  press_rills: ({ widthMm }) => ({
    title: `Press the structure, ${plain(widthMm, 2)} mm`,
    tool: 'Rilling tool',
    what: 'Tip to tail with even pressure, glide zones only. A plastic scraper flattens it again.',
    doneWhen: 'Even lines against the light.',
    reason: 'Water must run off. A smooth base sticks to wet snow.',
  }),
  leave_on: ({ hasEdges }) => ({
    title: 'Leave the wax on',
    tool: 'Dry dark place',
    what: `Do not scrape.${hasEdges ? ' Wax over the edges too.' : ''} Loosen the straps, no weight on the camber.`,
    doneWhen: hasEdges ? 'Base and edges are covered all over.' : 'The base is covered all over.',
    reason: hasEdges
      ? 'A covered base does not dry out, and covered edges do not rust.'
      : 'A covered base does not dry out over the summer.',
  }),
  last_look: {
    title: 'Look along the base',
    tool: 'Light from behind',
    what: 'Sidewalls and edges clean, bases not touching, straps on.',
    doneWhen: 'No wax in the structure, none on the sidewalls.',
    reason: 'A fault found now costs a minute. On the start line it costs the race.',
  },
};

/** What a step has one do, in words. */
export function stepWords(work: StepWork, write: Writer): StepWords {
  const entry = STEP[work.code] as StepWords | ((work: StepWork, write: Writer) => StepWords);
  return typeof entry === 'function' ? entry(work, write) : entry;
}
