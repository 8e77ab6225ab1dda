import { decimal, shortDecimal } from '../../ground/language/index.js';
import type { MeasuredBatch, UnweighedLine } from '../../batch/batch/index.js';
import type { TargetFault } from '../../batch/targets/index.js';
import type { MixingFamily, MixingPlan, ScalingNote } from '../../batch/bowl/index.js';
import type { BatchTarget, FillReason, Portion, SizedBy, TargetProblem } from '../../batch/plan/index.js';
import type { RoundedFunction } from '../../batch/amounts/index.js';
import type { LiningPiece, LiningPieceKind } from '../../batch/lining/index.js';
import type { BakePortion } from '../../batch/bakes/index.js';
import type { Kitchen } from '../../kitchen/kitchen/index.js';
import { isFree, materialById, panSetOf, SHELF_PANS, type Fill, type FreePieces, type Pan, type VesselSet } from '../../kitchen/pans/index.js'; // prettier-ignore
import type { HeatScale, Region } from '../../ground/units/index.js';
import { gramsInWords, heatOn, listed, sentence, type Sentence } from '../figures/index.js';

/* One wording for each code of a batch, for the screen, the printed sheet and the command line. */

/** What is not in the weight of the batch, and why. */
export function unweighedInWords({ why, text, grams }: UnweighedLine): { readonly text: string; readonly how: string } {
  if (why === 'to-taste') return { text, how: $localize`as written, to taste` };
  if (why === 'no-amount') return { text, how: $localize`no amount that can be weighed, does not count` };
  const here = grams === undefined ? '' : $localize`, ${gramsInWords(grams)} here`;
  return { text, how: $localize`not understood, does not count${here}` };
}

/** What nobody understood is in no weight of a batch: said before anything is weighed; undefined where all was understood. */
export function notCountedInWords({ components }: Pick<MeasuredBatch, 'components'>): string | undefined {
  const lines = components.flatMap(({ unweighed }) => unweighed);
  const texts = lines.filter(({ why }) => why !== 'to-taste').map(({ text }) => text.replace(/[.,;]+$/, ''));
  return texts.length === 0 ? undefined : $localize`Not in it: ${listed(texts)}.`;
}

const FAULTS_WORDED: Readonly<Record<TargetFault, (words: string) => Sentence>> = {
  'not-understood': (written) =>
    sentence(
      $localize`“${written}” says no size.`,
      $localize`Write pans, a number of pieces, a weight, “half”, or what there is: “two 20 cm rounds”, “24 muffins”, “900 g”, “3 eggs”.`,
    ),
  'no-amount': (written) =>
    sentence(
      $localize`How much is “${written}”?`,
      $localize`Add the amount: “banana = 412 g”, “all the buttermilk: 300 ml”.`,
    ),
  'pan-size': (written) =>
    sentence(
      $localize`How large is “${written}”?`,
      $localize`Measure it inside, rim to rim: “20 cm square tin”. Or add it to the pan shelf.`,
    ),
  'pan-unlikely': (written) =>
    sentence(
      $localize`No pan of a kitchen measures “${written}”.`,
      $localize`Check the figures and their unit: cm, mm or inches.`,
    ),
  'out-of-range': (written) =>
    sentence(
      $localize`“${written}” cannot be made.`,
      $localize`A batch needs at least one piece and some grams; write a larger figure.`,
    ),
  'no-dough': (written) =>
    sentence($localize`“${written}” cannot be cut.`, $localize`Choose a thickness and a cutter first.`),
};
export const faultInWords = (words: string, why: TargetFault): Sentence => FAULTS_WORDED[why](words);

const PROBLEMS: Readonly<Record<TargetProblem['why'], Sentence>> = {
  'pan-unknown': sentence(
    $localize`This pan is not known any more.`,
    $localize`Write it again with its size, or put it back on the pan shelf.`,
  ),
  'no-amount': sentence(
    $localize`The formula has none of it, or the amount is missing.`,
    $localize`Write it as “banana = 412 g”.`,
  ),
  'no-yield': sentence(
    $localize`The formula does not say how many it makes.`,
    $localize`Write “makes 12” into it, or choose by weight.`,
  ),
  overfull: sentence(
    $localize`That is more than the pan holds.`,
    $localize`It is filled to the brim; the rest is left over.`,
  ),
  'cannot-be-cut': sentence(
    $localize`That cannot be cut by hand.`,
    $localize`Choose a thickness of 0.2 to 6 cm and a cutter of 1 to 40 cm.`,
  ),
};
export const targetProblemInWords = ({ why }: TargetProblem): Sentence => PROBLEMS[why];

const figure = (value: number, digits = 1) => shortDecimal(value, digits);
const TIMES_NAMES: Readonly<Record<number, string>> = { 0.5: $localize`half`, 1: $localize`once`, 2: $localize`twice` };
const several = (count: number, one: string, more: string) => `${count} ${count === 1 ? one : more}`;

const INCHES: ReadonlySet<Region> = new Set(['US', 'CA']);
const TABLE_NAMES: ReadonlySet<string> = new Set(SHELF_PANS.map(({ name }) => name));
/** What nobody says of a pan: that it is about 5 cm deep. */
const USUAL_DEPTH_CM = [4.3, 6] as const;
const saidInInches = (name: string) => name.includes(' in ') || name.endsWith(' in');
/** A pan as a baker of the region calls it: the baker's own by its name, those of the table by their size. Reads back as that pan. */
export function panName(pan: Pan, region: Region): string {
  if (!TABLE_NAMES.has(pan.name) || (INCHES.has(region) && saidInInches(pan.name))) return pan.name;
  const [length, width] = [Math.round(pan.topLengthCm), Math.round(pan.topWidthCm)];
  const deep =
    pan.depthCm < USUAL_DEPTH_CM[0] || pan.depthCm > USUAL_DEPTH_CM[1]
      ? $localize`, ${figure(pan.depthCm)} cm deep`
      : '';
  switch (pan.shape) {
    case 'round':
      return /spring/i.test(pan.name)
        ? $localize`${length} cm springform`
        : /basin|ramekin|mug|can\b/.test(pan.name)
          ? pan.name
          : $localize`${length} cm round${deep}`;
    case 'square':
      return $localize`${length} cm square${deep}`;
    case 'rectangle':
      return $localize`${length} × ${width} × ${figure(pan.depthCm)} cm tin`;
    case 'loaf':
      return $localize`${length} × ${width} cm loaf tin`;
    case 'ring':
      return `${length} cm ${pan.name.includes('mould') ? $localize`ring mould` : pan.shapeFactor === undefined ? $localize`tube pan` : $localize`fluted ring`}`;
    case 'muffin':
      return pan.name;
  }
}

/** Cups of a tin as they are sold, and what one is called. */
const CUPS = {
  mini: { inTin: 24, one: $localize`mini cup`, more: $localize`mini cups` },
  jumbo: { inTin: 6, one: $localize`jumbo cup`, more: $localize`jumbo cups` },
  usual: { inTin: 12, one: $localize`muffin cup`, more: $localize`muffin cups` },
} as const;

/** Several of the same pan: "6 × 175 ml pudding basin"; one by its name alone. */
const severalCalled = (name: string, count: number): string => (count > 1 ? `${count} × ${name}` : name);

/** What stands free, by what it is and how many there are: a batch of another size has more of it. */
function freeInWords({ shape, diameterCm, cavities, name }: FreePieces): string {
  if (shape === 'dome') return $localize`free-standing round loaf`;
  if (diameterCm === undefined) return name;
  const cm = figure(diameterCm);
  if (shape === 'wedge') return $localize`${cavities} wedges of a ${cm} cm round`;
  return shape === 'mound' ? $localize`${cavities} mounds of ${cm} cm` : $localize`${cavities} rounds of ${cm} cm`;
}

/** A set of pans as it is called on a sheet: "2 × 20 cm round", "18 muffin cups in 2 tins of 12". */
export function pansInWords({ pan, count }: VesselSet, region: Region): string {
  if (isFree(pan)) return severalCalled(freeInWords(pan), count);
  if (pan.shape === 'muffin') {
    const { inTin, one, more } = CUPS[/mini/i.test(pan.name) ? 'mini' : /jumbo/i.test(pan.name) ? 'jumbo' : 'usual'];
    const cups = pan.cavities * count;
    const tins = Math.ceil(cups / inTin);
    return `${several(cups, one, more)}${tins > 1 ? $localize` in ${tins} tins of ${inTin}` : ''}`;
  }
  return severalCalled(panName(pan, region), count);
}

/** A target as a baker would type it: reads back as itself. */
export function targetInWords(target: BatchTarget): string {
  switch (target.kind) {
    case 'times':
      return TIMES_NAMES[target.times] ?? $localize`${figure(target.times, 4)} times`;
    case 'pieces':
      return several(target.count, $localize`piece`, $localize`pieces`);
    case 'grams':
      return `${figure(target.grams, 1)} g`;
    case 'each':
      return $localize`${target.count} of ${figure(target.grams, 1)} g`;
    case 'limit':
      return target.said;
    case 'pans':
      return target.pans;
    case 'cut':
      return target.of === undefined
        ? several(target.count, $localize`scone`, $localize`scones`)
        : several(target.count, target.of, `${target.of}s`);
  }
}

export const SIZED_BY: Readonly<Record<SizedBy, string>> = {
  targets: $localize`as asked for`,
  limit: $localize`as far as what there is reaches`,
  pans: $localize`as the pans take`,
  formula: '',
};
export const FILL_REASONS: Readonly<Record<FillReason, string>> = {
  chosen: $localize`as you chose`,
  'as-written': $localize`as full as the formula fills its own pan`,
  style: $localize`as this style likes it`,
};

const SHARES: readonly (readonly [number, string])[] = [
  [1 / 4, $localize`a quarter`], [1 / 3, $localize`a third`], [1 / 2, $localize`half`], [2 / 3, $localize`two thirds`], [3 / 4, $localize`three quarters`],
]; // prettier-ignore
const NEAR = 0.04;
/** "half full", "58 % full". */
export function fillInWords({ fraction }: Fill): string {
  if (Math.abs(fraction - 1) < NEAR) return $localize`filled to the brim`;
  const named = SHARES.find(([share]) => Math.abs(fraction - share) < NEAR)?.[1];
  return named === undefined ? $localize`${Math.round(100 * fraction)} % full` : $localize`${named} full`;
}
export const eachInWords = ({ fill, set }: Pick<Portion, 'fill' | 'set'>): string =>
  set.pan.cavities > 1 ? $localize`${gramsInWords(fill.gramsPerCavity)} a cup` : set.count > 1 ? $localize`${gramsInWords(fill.gramsPerPan)} each` : gramsInWords(fill.gramsPerPan); // prettier-ignore

/** How exactly several pans of a kind want to be weighed: what 20 g more in one does; '' for one pan. */
export function evennessInWords({ fill, set }: Pick<Portion, 'fill' | 'set'>): string {
  const UNEVEN_GRAMS = 20;
  if (set.pan.cavities > 1 || set.count < 2 || !(fill.gramsPerPan > 0)) return '';
  const millimetres = (10 * fill.risenHeightCm * UNEVEN_GRAMS) / fill.gramsPerPan;
  return $localize`Pour on the scale: ${UNEVEN_GRAMS} g more in one stands ${decimal(millimetres, 1)} mm higher.`;
}

const oneIn = (chance: number) => $localize`1 in ${Math.max(2, Math.round(1 / chance))}`;
/** What the fill comes to; undefined where there is nothing to say. */
export function verdictInWords({ verdict, overflowChance, fraction }: Fill): Sentence | undefined {
  if (verdict === 'overflows')
    return fraction > 1
      ? sentence($localize`It does not fit.`, $localize`There is more batter than pan before it rises.`)
      : sentence(
          $localize`Likely to run over.`,
          $localize`${Math.round(100 * overflowChance)} in 100: fill less, or take a deeper pan.`,
        );
  if (verdict === 'sheet-beneath')
    return sentence($localize`Put a sheet beneath.`, $localize`${oneIn(overflowChance)} runs over the rim.`);
  if (verdict === 'low')
    return sentence(
      $localize`Low in the pan: flat, with little dome.`,
      $localize`It dries sooner; a smaller pan suits it.`,
    );
  return undefined;
}

const FAMILIES: Readonly<Record<MixingFamily, string>> = {
  creaming: $localize`creamed`,
  paste: $localize`mixed to a paste with the fat first`,
  whisked: $localize`whisked`,
  muffin: $localize`folded by the muffin method`,
  'one-bowl': $localize`mixed all at once`,
  melt: $localize`melted and mixed`,
  'rub-in': $localize`rubbed in`,
  'by-hand': $localize`brought together by hand`,
};
const RISKS: Readonly<Record<MixingFamily, string>> = {
  creaming: $localize`Creamed butter forgives it: scrape down twice.`,
  paste: $localize`The fat holds the flour back: little harm.`,
  whisked: $localize`So much foam is slow to fold: fold in thirds.`,
  muffin: $localize`A doubled bowl is stirred longer before the last flour is wet: tough crumb and tunnels. Mix twice instead.`,
  'one-bowl': $localize`Beat by the look, not by the clock: stop when it is smooth.`,
  melt: $localize`Stir only till smooth; a thin batter forgives some.`,
  'rub-in': $localize`The butter warms before so much is rubbed in, and the dough is handled too long: make it twice.`,
  'by-hand': $localize`So much dough is handled longer before it holds: be quick, or make it twice.`,
};
const BECAUSE: Readonly<Record<NonNullable<MixingPlan['because']>, string>> = {
  bowl: $localize`The bowl holds no more.`,
  mixer: $localize`The mixer turns no more flour at once.`,
  hands: $localize`Two hands bring no more flour together evenly.`,
  overmixing: $localize`You never double: each bowl is as large as the formula.`,
};
const NUMBERS = [
  '',
  $localize`one`,
  $localize`two`,
  $localize`three`,
  $localize`four`,
  $localize`five`,
  $localize`six`,
  $localize`seven`,
  $localize`eight`,
  $localize`nine`,
  $localize`ten`,
];
/** How many bowls, and what a large one risks. */
export function mixingInWords(plan: MixingPlan): Sentence {
  const bowls = plan.goes === 1 ? $localize`one bowl` : $localize`${NUMBERS[plan.goes] ?? plan.goes} bowls`;
  const share = $localize`${Math.round(100 * plan.bowlShare)} % of the bowl`;
  const say =
    plan.goes === 1
      ? $localize`${FAMILIES[plan.family].replace(/^./, (letter) => letter.toUpperCase())} in one bowl, ${share}.`
      : $localize`Mix in ${bowls}, ${gramsInWords(plan.gramsEachGo)} each, one after the other.`;
  const why = [
    plan.because === undefined ? '' : BECAUSE[plan.because],
    plan.overmixing === 'low' ? '' : RISKS[plan.family],
  ];
  return sentence(say, why.filter((part) => part !== '').join(' '));
}

export const NOTES: Readonly<Record<ScalingNote, string>> = {
  'spices-to-taste': $localize`Spices and salt do not go straight with so large a batch: begin with four fifths and taste.`,
  'leavener-advice': $localize`In pans much wider or deeper than the formula’s, take a little less leavener.`,
  'bake-time-changes': $localize`Another size bakes for another time: ask for the bake.`,
  'tiny-batch': $localize`So little is hard to mix evenly: weigh to a tenth of a gram.`,
  'mix-by-look': $localize`Another bowlful creams and mixes for another time: go by the look of it, not by the clock.`,
  'soak-evaporates': $localize`A large pot of syrup boils off less in the same time: weigh it down, do not time it.`,
};

export const FUNCTION_NAMES: Readonly<Record<RoundedFunction, string>> = {
  flour: $localize`flour`, water: $localize`water`, fat: $localize`fat`, sugar: $localize`sugar`, egg: $localize`egg`, salt: $localize`salt`, gas: $localize`gas`,
}; // prettier-ignore

const PIECES: Readonly<Record<LiningPieceKind, Sentence>> = {
  disc: sentence($localize`Disc for the floor`, $localize`Lay it in after the collar; its edge covers the snips.`),
  ring: sentence($localize`Ring for the floor`, $localize`Slip it over the tube, after the collars.`),
  collar: sentence(
    $localize`Collar for the wall`,
    $localize`Dashed line at the rim. Snip the lower edge, curl that way in, ends lapped; the rise above the rim holds the crown.`,
  ),
  'tube-collar': sentence($localize`Collar for the tube`, $localize`Wrap it round the tube, ends lapped.`),
  sling: sentence(
    $localize`Sling`,
    $localize`It lies across the pan and over the long walls; grease the short ones. Dashed lines are the folds. Lift by the ends.`,
  ),
  sheet: sentence(
    $localize`One sheet, floor and walls`,
    $localize`Cut from each corner to the dashed floor, press in, let the flaps lap.`,
  ),
  base: sentence($localize`Floor only`, $localize`Grease the walls.`),
  guide: sentence(
    $localize`Guide for swirls or portions`,
    $localize`Lay it over the cold cake and prick through the middle of each mark.`,
  ),
  case: sentence(
    $localize`Square for each cup`,
    $localize`Push it in over a jar as wide as the dashed circle; the corners stand up.`,
  ),
};
const GRAINS: Readonly<Record<LiningPiece['grain'], string>> = {
  either: $localize`either way of the roll`,
  along: $localize`long side along the roll`,
  across: $localize`fits across the roll`,
  joined: $localize`wider than a 38 cm roll: lap two strips by 2 cm`,
};
export const liningInWords = (piece: LiningPiece): Sentence => PIECES[piece.kind];
export const liningSizeInWords = (piece: LiningPiece): string =>
  $localize`${Math.round(piece.widthMillimetres)} × ${Math.round(piece.heightMillimetres)} mm, cut ${piece.count}, ${GRAINS[piece.grain]}`;

/** The hottest that a bake gets: what its pan and its paper must bear, °C. */
const hottestCelsius = ({ setting, course }: BakePortion['job']): number =>
  Math.max(setting.celsius, ...(course?.stages ?? []).map(({ celsius }) => celsius));

/** How the pan of a portion is made ready, and what it and its paper bear in this bake; nothing for what stands free on a sheet. */
export function careInWords(
  { pans, job }: Pick<BakePortion, 'pans' | 'job'>,
  { pans: ownPans = [] }: Kitchen,
  scale: HeatScale = 'C',
): readonly Sentence[] {
  const set = panSetOf(pans);
  const madeOf = ownPans.find(({ name }) => name === pans.pan.name)?.madeOf;
  return set ? panCare(set.pan, hottestCelsius(job), materialById(madeOf ?? '')?.safeCelsius, scale) : [];
}

const WARMEST_PARCHMENT = 215;
/** How a pan is made ready, and what its material and its paper bear. */
function panCare(pan: Pan, celsius: number, safeCelsius: number | undefined, scale: HeatScale): readonly Sentence[] {
  const fluted = pan.shape === 'ring' && pan.shapeFactor !== undefined;
  return [
    fluted
      ? sentence(
          $localize`Brush every flute with soft fat and dust with flour.`,
          $localize`Paper cannot line it; turn out after ten minutes.`,
        )
      : pan.shape === 'muffin'
        ? sentence(
            $localize`Paper cases, or grease cups and the top of the tin.`,
            $localize`Crowns that spread stick to the top.`,
          )
        : sentence($localize`Grease, then line.`, $localize`The fat holds the paper in its place.`),
    ...(pan.material === 'glass' || pan.material === 'ceramic'
      ? [
          sentence(
            $localize`No cold pan into a hot oven, no hot one onto a wet surface.`,
            $localize`Sudden change cracks it.`,
          ),
        ]
      : []),
    ...(pan.material === 'silicone'
      ? [sentence($localize`Stand it on a sheet before you fill it.`, $localize`It bends when it is lifted full.`)]
      : []),
    ...(!fluted && celsius > WARMEST_PARCHMENT
      ? [
          sentence(
            $localize`Parchment browns and embers above ${heatOn(scale, WARMEST_PARCHMENT)}.`,
            $localize`Trim what stands above the rim, or grease and flour instead.`,
          ),
        ]
      : []),
    ...(safeCelsius !== undefined && celsius > safeCelsius
      ? [
          sentence(
            $localize`This pan is made for no more than ${heatOn(scale, safeCelsius)}.`,
            $localize`Bake lower, or take another.`,
          ),
        ]
      : []),
  ];
}
