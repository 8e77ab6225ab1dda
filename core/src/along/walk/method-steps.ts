import { cutInto } from '../../batch/plan/index.js';
import type { BatchComponent } from '../../batch/batch/index.js';
import type { MixingFamily } from '../../batch/bowl/index.js';
import { atFirst, bowlKindOf, pouringsOf, type Poured, type Pouring } from '../../batch/pouring/index.js';
import { bakeTimeIn, mentionsIn } from '../../formula/parsing/index.js';
import { FINE_GRAMS } from '../../ground/units/index.js';
import type { Ingredient } from '../../kitchen/ingredients/index.js';
import { EMPTY_BOWL, mixPhaseOf, withPoured } from '../mixing/index.js';
import { toleranceGrams } from '../weighing/index.js';
import { clausesOf, FINISHES, type Clause } from './clauses.js';
import type { WalkOrder } from './walk-order.js';
import type { MixStep, WalkStep, WeighStep } from './walk-step.js';

/*
 * The method as acts: each with what it takes weighed before it, each in its place against the tin and the oven. What an act is about is
 * read off its words and off what is in the bowl.
 */

interface Shared {
  readonly poured: Poured;
  readonly part: string;
  readonly grams: number;
}

interface OfPart {
  readonly poured: Poured;
  readonly part: string;
}
/** What one act takes. */
interface Taken {
  readonly steps: readonly WeighStep[];
  readonly ingredients: readonly Ingredient[];
}
/** Where a step of the method stands against the oven: long before it is lit, before the tin, in the tin, while it bakes, behind it. */
type Place = 'first' | 'before' | 'onTop' | 'meanwhile' | 'after';
export type MethodSteps = Readonly<Record<Place, readonly WalkStep[]>>;

/** Everything that is poured, with the part it belongs to, and what of it is kept back for later. */
function allPoured({ bake, batch }: WalkOrder): readonly OfPart[] {
  return batch.measured.components.flatMap((component) =>
    pouringsOf(component, bake.audit).flatMap(({ poured }) =>
      poured.map((each) => ({ poured: each, part: partName(component) })),
    ),
  );
}

/** The weighings of an act: bowl by bowl, then what was kept back for it. */
function takenBy(own: readonly OfPart[], rests: readonly Shared[]): Taken {
  const bowls = new Map<string, OfPart[]>();
  for (const each of own) {
    const key = `${each.part} ${each.poured.step === 0 ? bowlKindOf([each.poured]) : each.poured.go}`;
    const bowl = bowls.get(key) ?? [];
    bowl.push(each);
    bowls.set(key, bowl);
  }
  const steps = [...bowls.values()].flatMap((bowl) => {
    const poured = bowl.map((each) => each.poured);
    return weighSteps({ step: poured[0]?.step ?? 0, kind: bowlKindOf(poured), poured, part: bowl[0]?.part ?? '' });
  });
  return {
    steps: [...steps, ...rests.map(restStep)],
    ingredients: [...own, ...rests].map(({ poured }) => poured.line.ingredient),
  };
}

/** One act of the method: a step, or a sentence of it. */
interface Act extends Taken {
  readonly stepId: string;
  readonly number: number;
  readonly text: string;
  readonly clause?: Clause;
  /** The batter is in its tin before anything is taken: "Spread in the tin, dot with the damsons". */
  readonly fillsFirst: boolean;
}
function actsOf(order: WalkOrder, all: readonly OfPart[]): readonly Act[] {
  return order.bake.audit.steps.flatMap(({ id, text }, i): readonly Act[] => {
    if (text.trim() === '') return [];
    const number = i + 1;
    const own = all.filter(({ poured }) => poured.step === number);
    const rests = all.flatMap(({ poured, part }) => poured.later.filter(({ step }) => step === number).map(({ grams }) => ({ poured, part, grams }))); // prettier-ignore
    const clauses = clausesOf(text, own.map(({ poured }) => poured.at)); // prettier-ignore
    return clauses.map(({ from, to, words: act, told }, nth): Act => {
      const within = own.filter(({ poured: { at } }) => (at >= told.from || nth === 0) && (at < told.to || nth === clauses.length - 1)); // prettier-ignore
      const fills = FILLS.exec(act)?.index ?? Infinity;
      const taken = takenBy(within, nth === clauses.length - 1 ? rests : []);
      return {
        stepId: id,
        number,
        text: act,
        fillsFirst:
          fills < Infinity && taken.steps.length > 0 && within.every(({ poured }) => poured.at >= told.from + fills),
        ...(clauses.length > 1 && { clause: { from, to } }),
        ...taken,
      };
    });
  });
}

/** The method, with what each act takes weighed before it: before the pans, on top once they are filled, after the oven. */
export function methodSteps(order: WalkOrder): MethodSteps {
  const { portions } = order.bake;
  const all = allPoured(order);
  const acts = actsOf(order, all);
  const family = familyOf(order);
  const bakedAt = acts.findIndex(({ text }) => isBaked(text));
  const togetherAt = acts.findIndex(({ text }) => COMES_TOGETHER.test(text));
  // what only belongs to a part is no batter that goes into the tin
  const filledAt = acts.findIndex(({ text, steps }, i) => FILLS.test(text) && !isBeside(steps) && (bakedAt < 0 || i < bakedAt)); // prettier-ignore
  // a dough is cut where the method cuts it: what is brushed on afterwards lies on the rounds
  const isCut = portions.some(({ pans }) => cutInto(pans.pan) !== undefined);
  const cutAt = isCut ? acts.findIndex(({ text }, i) => CUTS.test(text) && (bakedAt < 0 || i < bakedAt)) : -1;
  const places: Record<Place, WalkStep[]> = { first: [], before: [], onTop: [], meanwhile: [], after: [] };
  const lit = litAt(acts);
  // what no step takes is weighed first of all, so that nothing is forgotten; what goes beside the batter, last
  const loose = takenBy(all.filter(({ poured }) => poured.step === 0), []); // prettier-ignore
  places.before.push(...loose.steps.filter(({ part }) => part === ''));
  let bowl = withPoured(EMPTY_BOWL, loose.ingredients);
  // dry things made ready beside a wet bowl wait for the act that brings them in
  let aside: readonly Ingredient[] = [];
  // caramel that was poured into the tin: the pears that are arranged on it come before the batter too
  let below: string | undefined;
  const gramsSoFar = () =>
    [...places.first, ...places.before].reduce(
      (sum, step) => sum + (step.kind === 'weigh' && step.part === '' ? step.grams : 0),
      0,
    );
  for (const [i, { stepId, number, text, clause, steps, ingredients, fillsFirst }] of acts.entries()) {
    const wasCut = cutAt >= 0 && i > cutAt;
    // "Fold in the flour. Pour into the tin": what the act takes is in before it fills, unless it fills first
    const fillsItself =
      i === bakedAt || (i === filledAt && (steps.length > 0 || MIXES.test(text.split(FILLS, 1).join(''))));
    const inTin = wasCut || (fillsItself ? fillsFirst : filledAt >= 0 && i >= filledAt);
    const filled = portions.length > 0 && inTin;
    const liesBelow = !filled && below !== undefined && isBeside(steps) && steps.every(({ part }) => part === below);
    const placed = liesBelow ? 'before' : placeOf({ text, steps, filled, past: bakedAt < 0 ? 0 : i - bakedAt });
    if (placed === 'before' && isBeside(steps) && FILLS.test(text)) below = steps[0]?.part;
    const to = placed === 'before' && i < lit ? 'first' : placed;
    places[to].push(...steps);
    const isOvens = portions.length > 0 && steps.length === 0 && (i === bakedAt || isOvenOrPan(text));
    const madeReady = isMadeReady(text, steps) && (bowl.wet || bowl.egg);
    const apart = madeReady || (togetherAt > i && (bakedAt < 0 || togetherAt <= bakedAt));
    const takes = madeReady ? ingredients : [...aside, ...ingredients];
    const isMixed = to === 'before' || to === 'first';
    const phase = isMixed ? mixPhaseOf({ family, words: text, before: bowl, takes, apart }) : undefined;
    if (isMixed) {
      if (!madeReady) bowl = withPoured(bowl, takes);
      aside = madeReady ? [...aside, ...ingredients] : [];
    }
    // "scatter over the crumble and bake": what is done before the oven, or behind it, is no act of the oven's; without a pan the oven's
    // step stands as it is written, and what is done behind it once more
    const besides = i === bakedAt && steps.length === 0 ? besideTheOven(text) : [];
    for (const place of isOvens ? besides : besides.filter((each) => each === 'after'))
      places[place].push({ kind: 'mix', id: `mix:${stepId}:${place}`, stepId, number, family, bowlGrams: gramsSoFar(), ...(clause && { clause }) }); // prettier-ignore
    if (isOvens) continue;
    const id = clause ? `mix:${stepId}:${clause.from}` : `mix:${stepId}`;
    places[to].push({ kind: 'mix', id, stepId, number, family, bowlGrams: gramsSoFar(), ...(clause && { clause }), ...(phase && { phase }) }); // prettier-ignore
  }
  places.after.unshift(...loose.steps.filter(({ part }) => part !== ''));
  if (![...places.first, ...places.before].some(({ kind }) => kind === 'mix'))
    places.before.push(usualMixing(family, gramsSoFar(), loose.ingredients));
  return places;
}

/** Bowls that were made ready apart meet: "fold wet into dry", "fold together". */
const COMES_TOGETHER =
  /\b(?:wet|liquids?)\b[^.;]{0,40}\b(?:into|to|over|and|on)\b[^.;]{0,20}\bdry\b|\bdry\b[^.;]{0,40}\b(?:into|to|with)\b[^.;]{0,20}\b(?:wet|liquids?)\b|\b(?:fold|stir|mix|bring) (?:it |them |all |everything )?together\b[^.;]{0,30}\b(?:barely|just|until|without)\b/i;

/** "While it bakes, simmer the juice and sugar". */
const MEANWHILE =
  /^\s*(?:\d{1,2}[.)] )?(?:meanwhile\b|(?:while|as) (?:it|they|(?:the|your) [a-z ]{3,24}?)(?: is| are|'s)? (?:bak(?:es?|ing)|in the oven))/i;

/** The oven is lit where the method says so only if what comes before takes longer than heating it: oranges that boil for two hours. */
const LONG_BEFORE_MINUTES = 40;
function litAt(acts: readonly Act[]): number {
  const at = acts.findIndex(({ text }) => LIGHTS.test(text));
  if (at <= 0) return 0;
  const minutes = acts
    .slice(0, at)
    .flatMap(({ text }) => mentionsIn(text))
    .reduce((sum, mention) => sum + (mention.kind === 'time' ? mention.high : 0), 0);
  return minutes >= LONG_BEFORE_MINUTES ? at : 0;
}
const LIGHTS =
  /\b(?:pre-?heat|heat (?:the |your )?oven|turn (?:the |your )?oven on|set (?:the |your )?oven|oven (?:on|to))\b/i;
const ON_TOP = /\b(?:scatter|sprinkle|strew|dust|brush|dot|top with|on top)\b/i;
/** The batter goes into its tin: what the method says from there on is done in it. */
const FILLS =
  /\b(?:scrape|pour|spoon|turn|tip|transfer|divide|dollop|spread)\b[^.;]{0,40}\b(?:in|into|between|among)\b[^.;]{0,50}\b(?:tins?|pans?|cups?|cases?|liners?|trays?|dish|moulds?)\b|\bput\b[^.;]{0,20}\b(?:mixture|batter)\b[^.;]{0,30}\b(?:in|into)\b[^.;]{0,30}\btins?\b|\b(?:half[- ])?fill (?:the |each (?:of the )?|your )?(?:[a-z]+ ){0,2}(?:cups?|cases?|liners?|tins?|moulds?)\b/i;
const CUTS =
  /\b(?:cut|stamp)(?:ting)?\b[^.;]{0,40}\b(?:rounds|circles|scones|biscuits|squares|wedges|triangles|farls|cutter|quarters|pieces)\b/i;
/** Whether an act takes only what goes beside the batter. */
const isBeside = (steps: readonly WeighStep[]): boolean => steps.length > 0 && steps.every(({ part }) => part !== '');
interface Placed {
  readonly text: string;
  readonly steps: readonly WeighStep[];
  /** The tin has been filled, or is with this act. */
  readonly filled: boolean;
  /** Acts after the one that bakes; 0 is that one itself, below it is before the oven. */
  readonly past: number;
}
function placeOf({ text, steps, filled, past }: Placed): Place {
  if (past > 0) return MEANWHILE.test(text) ? 'meanwhile' : 'after';
  if (filled) return 'onTop';
  if (!isBeside(steps)) return 'before';
  // caramel and pears below the batter: into the tin before it
  if (FILLS.test(text) && past < 0) return 'before';
  return ON_TOP.test(text) ? 'onTop' : past === 0 ? 'after' : 'before';
}

/** "Whisk the flour, baking powder and salt": a bowl of its own, which a later act brings in. */
const MADE_READY = /^\s*(?:whisk|sift|stir|mix|combine|toss)\b(?![^.;]*\b(?:in|into|to)\b)/i;
const isMadeReady = (text: string, steps: readonly WeighStep[]): boolean =>
  MADE_READY.test(text) && steps.length > 0 && steps.every(({ bowl }) => bowl.kind === 'dry');

/** As the batch mixes it; a batter of nothing is mixed anyhow. */
const familyOf = ({ batch }: WalkOrder): MixingFamily => batch.mixing?.family ?? 'one-bowl';

/** A formula without a method is mixed as its kind usually is. */
const usualMixing = (family: MixingFamily, bowlGrams: number, ingredients: readonly Ingredient[]): MixStep => ({
  kind: 'mix',
  id: 'mix:usual',
  stepId: '',
  number: 0,
  family,
  bowlGrams,
  ...(ingredients.length > 0 && { phase: 'combine' as const }),
});

const partName = ({ inBatter, name }: BatchComponent): string => (inBatter ? '' : name || 'the topping');
const isBaked = (text: string): boolean => bakeTimeIn(text) !== undefined;
const BAKES = /\bbak(?:e|ing)\b/i;
function besideTheOven(text: string): readonly Place[] {
  const bakes = BAKES.exec(text)?.index ?? 0;
  const done = bakeTimeIn(text)?.to ?? text.length;
  return [...(ON_TOP.test(text.slice(0, bakes)) ? ['onTop' as const] : []), ...(FINISHES.test(text.slice(done)) ? ['after' as const] : [])]; // prettier-ignore
}
const OVEN_OR_PAN = /\b(?:pre-?heat|heat the oven|oven to|grease|line|butter and flour)\b/i;
const MIXES = /\b(?:mix|stir|whisk|fold|cream|beat|rub|sift|combine|add)\b/i;
const isOvenOrPan = (text: string): boolean => OVEN_OR_PAN.test(text) && !MIXES.test(text);

function weighSteps({ step, kind, poured, part }: Pouring & { readonly part: string }): readonly WeighStep[] {
  let bowlGrams = 0;
  return poured.map((each): WeighStep => {
    const grams = atFirst(each);
    const weighStep = stepOf(each, grams, part, { step, kind }, bowlGrams);
    bowlGrams += grams;
    return { ...weighStep, keptBack: each.later };
  });
}
const restStep = ({ poured, grams, part }: Shared): WeighStep => ({
  ...stepOf(poured, grams, part, { step: poured.step, kind: 'together' }, 0),
  id: `weigh:${poured.line.id}:rest:${grams.toFixed(1)}`,
  rest: true,
});

function stepOf({ line }: Poured, grams: number, part: string, bowl: WeighStep['bowl'], bowlGrams: number): WeighStep {
  const { ingredient } = line;
  const by = line.with === 'scale' ? (grams < FINE_GRAMS ? 'small-scale' : 'scale') : line.with === 'count' ? 'count' : 'measure'; // prettier-ignore
  return {
    kind: 'weigh',
    id: `weigh:${line.id}`,
    lineId: line.lineId,
    name: line.name,
    ingredientId: ingredient.id,
    grams,
    toleranceGrams: toleranceGrams(ingredient, grams),
    amount: line.amount,
    by,
    optional: line.optional,
    bowl,
    bowlGrams,
    keptBack: [],
    rest: false,
    part,
  };
}
