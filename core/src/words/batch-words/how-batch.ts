import { decimal, shortDecimal } from '../../ground/language/index.js';
import { FAMILY_FACTS, FROSTING_GRAMS_PER_MILLILITRE, type Levelling } from '../../batch/bowl/index.js';
import type { CutResult, FrostingChoice, Portion } from '../../batch/plan/index.js';
import type { Growth, PanCombination } from '../../batch/portions/index.js';
import { brimMillilitres } from '../../kitchen/pans/index.js';
import type { Batch } from '../../batch/batch/index.js';
import { gramsInWords } from '../figures/index.js';

/* Where the figures of a batch come from, with the figures in it: a line for each step of the reckoning, and how sure it is. */

const figure = (value: number, digits = 2) => shortDecimal(value, digits);
const millilitres = (value: number) => `${Math.round(value)} ml`;

/** The size of a batch. */
export function howSized({ plan }: Pick<Batch, 'plan'>, formulaGrams: number): readonly string[] {
  const pans = plan.portions.map(
    ({ set, fill }) =>
      $localize`${set.count} × ${millilitres(brimMillilitres(set.pan))} × ${figure(fill.fraction)} of the brim hold ${gramsInWords(fill.gramsPerPan * set.count)}`,
  );
  return [
    ...(plan.sizedBy === 'pans' ? pans : []),
    $localize`${gramsInWords(plan.batterGrams)} ÷ ${gramsInWords(formulaGrams)}, all the batter of the formula, is ${figure(plan.factor, 4)}`,
    $localize`Weights, counts and factors add up; what there is of an ingredient caps them; pans decide where nothing else does.`,
  ];
}

/** What stands in a pan, and whether it runs over. */
export function howFilled({ fill, set }: Portion, { raw, baked }: Growth): readonly string[] {
  const brim = brimMillilitres(set.pan);
  return [
    $localize`${millilitres(brim)} to the brim${set.pan.measuredMillilitres === undefined ? $localize` by its measures` : $localize` by water`} × ${figure(fill.fraction)} × ${figure(raw)} g/ml is ${gramsInWords(fill.gramsPerPan)}`,
    $localize`risen, at ${figure(baked)} g/ml and 5 % for the dome, it takes ${Math.round(100 * fill.risenFraction)} % of the brim${set.pan.shape === 'muffin' ? $localize`; a cup bears half as much again as its crown` : ''}`,
    $localize`rises scatter by 10 % between bakers: ${figure(100 * fill.overflowChance, 0)} in 100 run over. Densities are those of the style, not of this bowl.`,
  ];
}

/** How amounts were rounded. */
export const howRounded = (): readonly string[] => [
  $localize`Amounts near the exact ones that your kit can measure, chosen together so that flour, water, fat, sugar, egg, salt, gas and the acid balance are off the least; a spoon of soda and the acid balance weigh most, and awkward amounts cost a little.`,
  $localize`The search is exact: no other choice among these amounts costs less.`,
  $localize`Measuring, eight times in ten: a cup of flour within 10 %, of sugar 2 %, a level spoon of powder 8 %, a scale half its step.`,
];

/** How a combination of pans is ranked. */
export const howFits = ({ uses, leftoverGrams }: PanCombination): readonly string[] => [
  $localize`${uses.map(({ cavities, fill }) => `${cavities} × ${gramsInWords(fill.gramsPerCavity)}`).join(' + ')}${leftoverGrams > 0 ? $localize` + ${gramsInWords(leftoverGrams)} over` : ''} is all the batter`,
  $localize`Ranked by batter left over, distance from the fill this batter likes, chance of running over, kinds and number of pans. Up to two kinds at once.`,
];

/** Why so many bowls. */
export function howMixed(
  { mixing, plan }: Batch,
  flourGrams: number,
  mixer: { readonly bowlLitres: number; readonly mostFlourGrams: number },
): readonly string[] {
  if (!mixing) return [];
  const facts = FAMILY_FACTS[mixing.family];
  const most = facts.machine ? mixer.mostFlourGrams : (facts.handFlourGrams ?? mixer.mostFlourGrams);
  return [
    $localize`${gramsInWords(plan.batterGrams)} of batter with ${gramsInWords(flourGrams)} of flour; by this method the bowl of ${figure(mixer.bowlLitres)} l may be ${Math.round(100 * facts.bowlShare)} % full, and ${facts.machine ? $localize`the mixer turns` : $localize`two hands manage`} ${gramsInWords(most)} of flour`,
    $localize`The shares and limits are judged by method, not measured; bowl and mixer are those of the Pantry.`,
  ];
}

/** Frosting by geometry. */
export function howFrosted({ frosting }: Batch, choice: FrostingChoice): readonly string[] {
  if (!frosting) return [];
  return [
    ...frosting.portions.map(({ portion: { set }, kind, layers, parts, millilitres: all }) =>
      parts
        ? $localize`${layers} × ${figure(set.pan.topLengthCm, 1)} cm at the rim: ${figure(choice.fillingCm * 10, 1)} mm between, ${figure(choice.topCm * 10, 1)} mm on top${choice.sides ? $localize` and round the side` : ''}, ${figure(parts.stackHeightCm, 1)} cm high, is ${millilitres(all)}`
        : $localize`${kind}:kind:: a ${choice.swirl === 'spread' ? $localize`disc 5 mm thick` : $localize`cone`} on ${figure(set.pan.topLengthCm, 1)} cm, ${millilitres(all)} in all`,
    ),
    $localize`${millilitres(frosting.millilitres)} × ${figure(FROSTING_GRAMS_PER_MILLILITRE[choice.kind])} g/ml is ${gramsInWords(frosting.grams)}; how much air is beaten in moves it by a tenth`,
  ];
}

/** What levelling costs: "a crown of 12 mm off each, about 70 g". */
export const levelledInWords = ({ crownMillimetres, gramsOff }: Levelling): string =>
  $localize`a crown of ${Math.round(crownMillimetres)} mm off each, about ${Math.round(gramsOff / 5) * 5} g`;

/** Pieces from a dough. */
export function howCut({ cut, plan }: Batch, thicknessCm: number): readonly string[] {
  if (!cut) return [];
  const area = plan.batterGrams / 1.12 / thicknessCm;
  return [
    $localize`${gramsInWords(plan.batterGrams)} ÷ 1.12 g/ml ÷ ${figure(thicknessCm)} cm is a slab of ${Math.round(area)} cm²; each piece takes ${figure(cut.gramsEach / 1.12 / thicknessCm, 1)} cm²`,
    cut.kind === 'wedges'
      ? $localize`Wedges leave no scraps.`
      : $localize`Cut 3 mm apart; the scraps, less 1 % on the board, are rolled and cut again until none comes out.`,
  ];
}

/** What the dough is patted to. */
export const slabInWords = (cut: CutResult): string =>
  cut.kind === 'wedges'
    ? cut.discs === 1
      ? $localize`one disc of ${decimal(cut.diameterCm, 1)} cm`
      : $localize`${cut.discs} discs of ${decimal(cut.diameterCm, 1)} cm`
    : `${decimal(cut.slabLengthCm, 1)} × ${decimal(cut.slabWidthCm, 1)} cm`;
/** How it is cut, and what the scraps give: "8 from the first cut. 2 more from scraps …" */
export function cutsInWords(cut: CutResult): string {
  if (cut.kind === 'wedges') return $localize`Cut each into ${cut.wedgesEach}:wedgesEach:: no scraps.`;
  const scraps =
    cut.fromScraps > 0
      ? $localize`${cut.fromScraps} more from scraps gathered and rolled again: they rise less even.`
      : $localize`Nothing more from the scraps.`;
  const rest = cut.scrapGrams >= 5 ? $localize` ${gramsInWords(cut.scrapGrams)} are left: shape the last by hand.` : '';
  return $localize`${cut.firstCut} from the first cut. ${scraps}${rest}`;
}
/** How it is patted and cut, and what is put by raw: "Pat a slab of 24.1 × 16.8 cm. 9 from the first cut. …" */
export function cutInWords(cut: CutResult, toFreeze = 0): string {
  const frozen =
    toFreeze > 0
      ? $localize` Freeze ${Math.min(toFreeze, cut.total)} raw on a tray, bake ${Math.max(0, cut.total - toFreeze)} now.`
      : '';
  return $localize`Pat ${cut.kind === 'wedges' ? '' : $localize`a slab of `}${slabInWords(cut)}. ${cutsInWords(cut)}${frozen}`;
}
