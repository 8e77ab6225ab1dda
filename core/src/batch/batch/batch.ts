import type { Audit } from '../../bench/audit/index.js';
import { batterGrowth } from '../../oven/baking/index.js';
import {
  FROSTING_GRAMS_PER_MILLILITRE,
  frostingFor,
  mixingPlan,
  scalingNotes,
  soakMillilitres,
  swirlMillilitres,
  type Frosting,
  type MixingPlan,
  type ScalingNote,
} from '../portions/index.js';
import type { Formula } from '../../formula/formula/index.js';
import { USUAL_MIXER, type Kitchen } from '../../kitchen/kitchen/index.js';
import { USUAL_CUT, type BatchSheet, type FrostingChoice } from './batch-sheet.js';
import { measureBatch, type MeasuredBatch } from './measure.js';
import { cutOf, footprintOf, planBatch, type BatchPlan, type CutResult, type Portion } from './plan.js';

/** What goes on one kind of cake. */
export interface FrostedPortion {
  readonly portion: Portion;
  readonly kind: 'stack' | 'single' | 'cups';
  /** Layers that are stacked. */
  readonly layers: number;
  /** Of a stack or a single; cups have only their grams. */
  readonly parts?: Frosting;
  readonly millilitres: number;
}

export interface FrostingPlan {
  readonly portions: readonly FrostedPortion[];
  readonly millilitres: number;
  readonly grams: number;
  readonly soakMillilitres: number;
  /** The component that it scales, and by how much; absent when the formula has none. */
  readonly componentId?: string;
  readonly componentGrams?: number;
  readonly factor?: number;
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

/** Risen and cooled, a cake stands so high of what it rose to in the oven. */
const SETTLED = 0.95;
const CRUMB_COAT_CM = 0.15;
const FROSTED = /frost|icing|buttercream|ganache|cream|filling|glaze|topping|curd/i;

/** The component that frosts: the one chosen, else the first beside the batter whose name says so. */
export function frostingComponent(formula: Formula, audit: Audit, choice?: FrostingChoice): string | undefined {
  const beside = audit.weighed.components.filter(
    ({ inBatter, lines }) => !inBatter && lines.some(({ grams }) => grams),
  );
  if (choice?.componentId !== undefined) return beside.find(({ id }) => id === choice.componentId)?.id;
  return beside.find(({ name }) => FROSTED.test(name))?.id;
}

function frostingPlan(formula: Formula, audit: Audit, plan: BatchPlan, choice: FrostingChoice): FrostingPlan {
  const portions = plan.portions.map((portion): FrostedPortion => {
    const { pan, count } = portion.set;
    if (pan.cavities > 1)
      return {
        portion,
        kind: 'cups',
        layers: 1,
        millilitres: swirlMillilitres(pan.cavities * count, pan.topLengthCm, choice.swirl),
      };
    // rounds of one size are stacked; a box and a loaf are frosted each by itself
    const stacks = pan.shape === 'round' && count > 1;
    const height = Math.max(0.5, portion.fill.risenHeightCm * SETTLED);
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
      millilitres: parts.millilitres * (stacks ? 1 : count),
    };
  });
  const millilitres = portions.reduce((sum, one) => sum + one.millilitres, 0);
  const grams = millilitres * FROSTING_GRAMS_PER_MILLILITRE[choice.kind];
  const componentId = frostingComponent(formula, audit, choice);
  const own = audit.weighed.components.find(({ id }) => id === componentId);
  const componentGrams = own?.lines.reduce((sum, { grams: of }) => sum + (of ?? 0), 0);
  return {
    portions,
    millilitres,
    grams,
    soakMillilitres: choice.soaked
      ? plan.portions.reduce(
          (sum, { set: { pan, count } }) =>
            sum + soakMillilitres(count * pan.cavities * choice.splitInto, footprintOf(pan)),
          0,
        )
      : 0,
    ...(componentId !== undefined &&
      componentGrams !== undefined &&
      componentGrams > 0 && { componentId, componentGrams, factor: grams / componentGrams }),
  };
}

const BOILS_DOWN = /\b(?:syrup|soak|drizzle)\b/i;
const boilsDown = ({ components }: Formula) => components.some(({ name }) => BOILS_DOWN.test(name));

/** Everything about a batch, from the formula as it stands and what the baker decides. */
export function batchOf(formula: Formula, audit: Audit, kitchen: Kitchen, sheet: BatchSheet): Batch {
  const plan = planBatch(formula, audit, kitchen, sheet);
  const frosting =
    sheet.frosting && plan.portions.length > 0 ? frostingPlan(formula, audit, plan, sheet.frosting) : undefined;
  const measured = measureBatch(formula, audit, kitchen, sheet, (id) =>
    frosting?.componentId === id ? (frosting.factor ?? plan.factor) : plan.factor,
  );
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
        audit.style?.mixingMethod ?? '',
        mixer,
        sheet.mixTwice === true ? 'mix-twice' : 'double',
      ),
    }),
    notes: scalingNotes(plan.factor, audit.totals.grams, Infinity, flour, boilsDown(formula)),
    ...(frosting && { frosting }),
    ...(cutting &&
      plan.batterGrams > 0 &&
      plan.batterGrams <= 200_000 && { cut: cutOf(plan.batterGrams, sheet.cut ?? USUAL_CUT) }),
  };
}
