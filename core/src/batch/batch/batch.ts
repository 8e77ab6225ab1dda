import {
  FROSTING_GRAMS_PER_MILLILITRE,
  frostingFor,
  levelling,
  mixingPlan,
  scalingNotes,
  soakMillilitres,
  swirlMillilitres,
  familyOfFormula,
  type Frosting,
  type Levelling,
  type MixingPlan,
  type ScalingNote,
} from '../bowl/index.js';
import type { Audit } from '../../bench/audit/index.js';
import { batterGrowth } from '../../oven/baking/index.js';
import type { Formula } from '../../formula/formula/index.js';
import { USUAL_MIXER } from '../../kitchen/kitchen/index.js';
import type { OneBake } from '../bakes/index.js';
import { measureBatch, type MeasuredBatch } from './measure.js';
import {
  cutOf,
  EMPTY_BATCH,
  footprintOf,
  usualCut,
  type BatchPlan,
  type CutResult,
  type FrostingChoice,
  type Portion,
} from '../plan/index.js';

/** What goes on one kind of cake. */
export interface FrostedPortion {
  /** What levelling takes off each cake; absent where its crown stays on. */
  readonly levelled?: Levelling;
  readonly portion: Portion;
  readonly kind: 'stack' | 'single' | 'cups';
  /** Layers that are stacked. */
  readonly layers: number;
  /** Of a stack or a single; cups have only their grams. */
  readonly parts?: Frosting;
  readonly millilitres: number;
  /** Of that, between layers. */
  readonly betweenMillilitres: number;
}

/** What of the frosting a component of the formula is: all that is spread, what goes between, what goes on, or the syrup. */
export type SpreadPart = 'all' | 'between' | 'outside' | 'soak';

/** A component that goes with the surface it covers, not with the flour. */
export interface SpreadComponent {
  readonly componentId: string;
  readonly part: SpreadPart;
  /** As the formula has it, and as the surface wants it, g. */
  readonly ownGrams: number;
  readonly grams: number;
  readonly factor: number;
}

export interface FrostingPlan {
  readonly portions: readonly FrostedPortion[];
  readonly millilitres: number;
  readonly grams: number;
  readonly soakMillilitres: number;
  /** What it scales; empty when the formula has none. */
  readonly spread: readonly SpreadComponent[];
}

/** A version at a size: everything that the sheet says. */
export interface Batch {
  readonly plan: BatchPlan;
  readonly measured: MeasuredBatch;
  readonly mixing?: MixingPlan;
  readonly notes: readonly ScalingNote[];
  readonly frosting?: FrostingPlan;
  readonly cut?: CutResult;
}

/** Of the batter that stays when the steam is gone. Judged. */
const BAKED_SHARE = 0.9;
/** Risen and cooled, a cake stands so high of what it rose to in the oven. */
const SETTLED = 0.95;
const CRUMB_COAT_CM = 0.15;
/** What a component is, by its name: spread on and round, spread between, soaked in. A streusel or a crumble lies on top as it is. */
const COATS = /frost|icing|buttercream|ganache|glaze/i;
const FILLS = /filling|curd|cream|jam|between/i;
const SOAKS = /\b(?:syrup|soak|drizzle)\b/i;
/** Sugar and water in equal weights. */
const SYRUP_GRAMS_PER_MILLILITRE = 1.23;

/** The components that are spread, each with what of the frosting it is: the one chosen for all of it, else by their names. */
export function spreadParts(
  { weighed }: Audit,
  choice?: FrostingChoice,
): readonly { readonly componentId: string; readonly part: SpreadPart; readonly ownGrams: number }[] {
  const beside = weighed.components.flatMap(({ id, name, inBatter, lines }) => {
    const ownGrams = lines.reduce((sum, { grams }) => sum + (grams ?? 0), 0);
    return !inBatter && ownGrams > 0 ? [{ componentId: id, name, ownGrams }] : [];
  });
  const as = (part: SpreadPart, component: (typeof beside)[number] | undefined) =>
    component ? [{ componentId: component.componentId, part, ownGrams: component.ownGrams }] : [];
  const soaks = beside.find(({ name }) => SOAKS.test(name));
  const soak = choice?.soaked === true ? as('soak', soaks) : [];
  if (choice?.componentId !== undefined)
    return [
      ...as(
        'all',
        beside.find(({ componentId }) => componentId === choice.componentId),
      ),
      ...soak,
    ];
  const dry = beside.filter((component) => component !== soaks);
  const coat = dry.find(({ name }) => COATS.test(name));
  const fill = dry.find((component) => component !== coat && FILLS.test(component.name));
  if (coat && fill) return [...as('between', fill), ...as('outside', coat), ...soak];
  return [...as('all', coat ?? fill), ...soak];
}

function frostingPlan(audit: Audit, plan: BatchPlan, choice: FrostingChoice): FrostingPlan {
  const portions = plan.portions.map((portion): FrostedPortion => {
    const { pan, count } = portion.set;
    if (pan.cavities > 1)
      return {
        portion,
        kind: 'cups',
        layers: 1,
        millilitres: swirlMillilitres(pan.cavities * count, pan.topLengthCm, choice.swirl),
        betweenMillilitres: 0,
      };
    // rounds of one size are stacked; a box and a loaf are frosted each by itself
    const stacks = pan.shape === 'round' && count > 1;
    const risen = Math.max(0.5, portion.fill.risenHeightCm * SETTLED);
    const off = choice.levelled
      ? levelling(footprintOf(pan), portion.fill.gramsPerPan * BAKED_SHARE, risen)
      : undefined;
    const height = Math.max(0.5, risen - (off?.lowerCm ?? 0));
    const layers = Math.min(20, (stacks ? count : 1) * choice.splitInto);
    const parts = frostingFor(
      {
        ...footprintOf(pan),
        layers,
        layerHeightCm: Math.min(30, Math.max(0.5, height / choice.splitInto)),
        fillingCm: choice.fillingCm,
        coatCm: choice.topCm,
        sides: choice.sides,
        crumbCoatCm: choice.crumbCoat ? CRUMB_COAT_CM : 0,
      },
      FROSTING_GRAMS_PER_MILLILITRE[choice.kind],
    );
    return {
      portion,
      kind: layers > 1 ? 'stack' : 'single',
      layers,
      parts,
      ...(off && { levelled: off }),
      millilitres: parts.millilitres * (stacks ? 1 : count),
      betweenMillilitres: parts.fillingMillilitres * (stacks ? 1 : count),
    };
  });
  const millilitres = portions.reduce((sum, frostedPortion) => sum + frostedPortion.millilitres, 0);
  const between = portions.reduce((sum, portion) => sum + portion.betweenMillilitres, 0);
  const soaked = choice.soaked
    ? plan.portions.reduce(
        (sum, { set: { pan, count } }) =>
          sum + soakMillilitres(count * pan.cavities * choice.splitInto, footprintOf(pan)),
        0,
      )
    : 0;
  const density = FROSTING_GRAMS_PER_MILLILITRE[choice.kind];
  const wanted: Readonly<Record<SpreadPart, number>> = {
    all: millilitres * density,
    between: between * density,
    outside: (millilitres - between) * density,
    soak: soaked * SYRUP_GRAMS_PER_MILLILITRE,
  };
  return {
    portions,
    millilitres,
    grams: millilitres * density,
    soakMillilitres: soaked,
    spread: spreadParts(audit, choice).flatMap((spreadPart): SpreadComponent[] => {
      const grams = wanted[spreadPart.part];
      return grams > 0 ? [{ ...spreadPart, grams, factor: grams / spreadPart.ownGrams }] : [];
    }),
  };
}

const boilsDown = ({ components }: Formula) => components.some(({ name }) => SOAKS.test(name));

/** Everything about the batch of a bake: its amounts, its bowls, what goes on it, how it is cut. */
export function batchOf({ order, audit, plan }: OneBake): Batch {
  const { formula, kitchen, batch: sheet = EMPTY_BATCH } = order;
  const frosting = sheet.frosting && plan.portions.length > 0 ? frostingPlan(audit, plan, sheet.frosting) : undefined;
  const bySurface = new Map(frosting?.spread.map(({ componentId, factor }) => [componentId, factor]));
  const measured = measureBatch(formula, audit, kitchen, sheet, (id) => {
    const factor = bySurface.get(id);
    return factor === undefined ? { factor: plan.factor, by: 'batch' } : { factor, by: 'surface' };
  });
  const { flour } = audit.totals;
  const mixer = kitchen.mixer ?? USUAL_MIXER;
  const cutting = sheet.cut !== undefined || sheet.targets.some(({ kind }) => kind === 'cut');
  return {
    plan,
    measured,
    ...(plan.batterGrams > 0 && {
      mixing: mixingPlan(
        {
          grams: plan.batterGrams,
          flourGrams: flour * plan.factor,
          factor: plan.factor,
          gramsPerMillilitre: batterGrowth(audit.style?.basedOn).raw,
        },
        familyOfFormula(formula, audit.style?.mixingMethod),
        mixer,
        sheet.mixTwice === true ? 'mix-twice' : 'double',
      ),
    }),
    notes: scalingNotes(plan.factor, audit.totals.grams, boilsDown(formula)),
    ...(frosting && { frosting }),
    ...(cutting &&
      plan.batterGrams > 0 &&
      plan.batterGrams <= 200_000 && { cut: cutOf(plan.batterGrams, sheet.cut ?? usualCut(formula)) }),
  };
}
