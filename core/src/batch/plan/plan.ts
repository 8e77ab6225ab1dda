import { portionsOf } from '../../formula/parsing/index.js';
import { openLines, readHave } from '../../bench/open-lines/index.js';
import type { Audit } from '../../bench/audit/index.js';
import { batterGrowth } from '../../oven/baking/index.js';
import { cutPlan, doughFor, idealFill, leavenerInPan, wedgePlan, type Growth } from '../portions/index.js';
import { DomainError } from '../../ground/errors/index.js';
import type { Formula } from '../../formula/formula/index.js';
import { type Kitchen } from '../../kitchen/kitchen/index.js';
import { pansWritten } from '../../formula/vessels/index.js';
import {
  cavityMillilitres,
  fillPans,
  isCircular,
  volumeToHeight,
  type Fill,
  type Pan,
  type PanSet,
} from '../../kitchen/pans/index.js';
import { usualCut, type BatchSettings, type BatchTarget, type CutChoice, type PanFill } from './batch-settings.js';

/** Where the fill of a pan comes from. */
export type FillReason = 'chosen' | 'as-written' | 'style';

/** A set of pans with its share of the batter. */
export interface Portion {
  /** Which target it serves; absent for the formula's own pans. */
  readonly target?: number;
  readonly set: PanSet;
  readonly fill: Fill;
  readonly because: FillReason;
  /** What the pans want, g in all; they get less where there is less. */
  readonly wantedGrams: number;
  /** Leavener that this width and depth would like, as a share of the formula's: advice. */
  readonly leavenerShare: number;
}

/** A target that could not be met as it is said. */
export interface TargetProblem {
  readonly target: number;
  readonly why: 'pan-unknown' | 'no-amount' | 'no-yield' | 'overfull' | 'cannot-be-cut';
}

/** What decides how much batter is made. */
export type SizedBy = 'targets' | 'limit' | 'pans' | 'formula';

export interface BatchPlan {
  readonly factor: number;
  readonly batterGrams: number;
  readonly sizedBy: SizedBy;
  readonly portions: readonly Portion[];
  readonly leftoverGrams: number;
  /** Missing to fill the pans as they want. */
  readonly shortGrams: number;
  /** The words of the limit that decides. */
  readonly limitedBy?: string;
  readonly problems: readonly TargetProblem[];
  /** So large that it asks whether it is meant. */
  readonly asks: boolean;
}

/** A canteen's sack makes half of it; beyond that somebody may have mistyped. */
const ASKS_FROM_GRAMS = 100_000;
const LEAST_GRAMS = 5;
const MOST_GRAMS = 100_000_000;
/** Less over than this share of the batch is what clings to the bowl. */
const CLINGS = 0.015;
/** A formula's own fill is taken over when it is within so much of what its style bears. */
const OWN_FILL = { least: 0.6, most: 1.25 } as const;

const acrossOf = (pan: Pan) => Math.min(pan.topLengthCm, pan.topWidthCm);
const emptyPlan = (batterGrams: number, problems: readonly TargetProblem[] = []): BatchPlan => ({
  factor: 1, batterGrams, sizedBy: 'formula', portions: [], leftoverGrams: 0, shortGrams: 0, problems, asks: false,
}); // prettier-ignore

/** The pans that a formula was written for, rings among them. */
export function writtenPans({ bake }: Formula, kitchen: Kitchen): PanSet | undefined {
  const parsedPan = bake.pan === undefined ? undefined : pansWritten(bake.pan, kitchen.pans);
  return parsedPan?.kind === 'pan' ? parsedPan.set : undefined;
}

/** Share of the brim that a pan is filled to, and who says so. */
function fractionOf(
  pan: Pan,
  growth: Growth,
  chosen: PanFill | undefined,
  writtenFor: { readonly set: PanSet; readonly grams: number } | undefined,
): { readonly fraction: number; readonly because: FillReason } {
  const cavity = cavityMillilitres(pan);
  if (chosen) {
    const fraction =
      chosen.by === 'fraction'
        ? chosen.value
        : chosen.by === 'grams'
          ? chosen.value / growth.raw / cavity
          : volumeToHeight(pan, chosen.value) / cavity;
    return { fraction, because: 'chosen' };
  }
  const ideal = idealFill(pan, growth);
  if (writtenFor && (writtenFor.set.pan.shape === 'muffin') === (pan.shape === 'muffin')) {
    // as full as its author filled, measured by what each pan bears
    const { fraction } = fillPans(writtenFor.set, writtenFor.grams, growth.raw, growth.baked);
    const relative = fraction / idealFill(writtenFor.set.pan, growth);
    if (relative >= OWN_FILL.least && relative <= OWN_FILL.most)
      return { fraction: Math.min(1, relative * ideal), because: 'as-written' };
  }
  return { fraction: ideal, because: 'style' };
}

/** Dough that a number of pieces takes. */
function doughOf(count: number, cut: CutChoice): number | undefined {
  try {
    if (cut.shape === 'wedges') {
      const each = cutPlan(1000, cut.thicknessCm, { shape: 'round', diameterCm: cut.sizeCm }).gramsEach;
      return count * each;
    }
    return doughFor(
      count,
      cut.thicknessCm,
      cut.shape === 'round' ? { shape: 'round', diameterCm: cut.sizeCm } : { shape: 'square', sideCm: cut.sizeCm },
    );
  } catch (error) {
    if (error instanceof DomainError) return undefined;
    throw error;
  }
}

type Want = { readonly size: number } | { readonly limit: number; readonly said: string } | { readonly fault: TargetProblem['why'] }; // prettier-ignore

/** Grams that a target without pans asks for. */
function wantOf(
  target: Exclude<BatchTarget, { kind: 'pans' }>,
  formula: Formula,
  audit: Audit,
  kitchen: Kitchen,
  cut: CutChoice,
): Want {
  const batter = audit.totals.grams;
  switch (target.kind) {
    case 'times':
      return { size: target.times * batter };
    case 'grams':
      return { size: target.grams };
    case 'each':
      return { size: target.count * target.grams };
    case 'cut': {
      const dough = doughOf(target.count, cut);
      return dough === undefined ? { fault: 'cannot-be-cut' } : { size: dough };
    }
    case 'pieces': {
      const made = portionsOf(formula, batter);
      return made.count > 0 ? { size: (target.count / made.count) * batter } : { fault: 'no-yield' };
    }
    case 'limit': {
      const lines = openLines(formula, audit, kitchen, new Set());
      const { limits } = readHave(target.said, lines, { region: formula.region, kitchen });
      const factors = limits.map(({ lineIds, mostGrams }) => {
        const now = lines.filter(({ id }) => lineIds.includes(id)).reduce((sum, { part }) => sum + part.grams, 0);
        return mostGrams / now;
      });
      const least = Math.min(...factors);
      return least > 0 && Number.isFinite(least)
        ? { limit: least * batter, said: target.said }
        : { fault: 'no-amount' };
    }
  }
}

/**
 * How much is made, and where it goes. Weights, counts and factors add up; what there is of an ingredient caps them; pans take their
 * share, and where nothing else says how much, they decide it. Without any target the formula stands as it is.
 */
export function planBatch(formula: Formula, audit: Audit, kitchen: Kitchen, sheet: BatchSettings): BatchPlan {
  const ownGrams = audit.totals.grams;
  if (!(ownGrams > 0)) return emptyPlan(0);
  const growth = batterGrowth(audit.style?.basedOn);
  const written = writtenPans(formula, kitchen);
  const ownFill = written && { set: written, grams: ownGrams };
  const problems: TargetProblem[] = [];
  const wants: { size: number }[] = [];
  const limits: { limit: number; said: string }[] = [];
  const inPans: { target?: number; set: PanSet; fraction: number; because: FillReason }[] = [];
  sheet.targets.forEach((target, i) => {
    if (target.kind === 'pans') {
      const parsedPan = pansWritten(target.pans, kitchen.pans);
      if (parsedPan.kind !== 'pan') {
        problems.push({ target: i, why: 'pan-unknown' });
        return;
      }
      const { fraction, because } = fractionOf(parsedPan.set.pan, growth, target.fill, ownFill);
      if (fraction > 1) problems.push({ target: i, why: 'overfull' });
      inPans.push({ target: i, set: parsedPan.set, fraction: Math.min(1, fraction), because });
      return;
    }
    const want = wantOf(target, formula, audit, kitchen, sheet.cut ?? usualCut(formula));
    if ('fault' in want) problems.push({ target: i, why: want.fault });
    else if ('limit' in want) limits.push(want);
    else wants.push(want);
  });
  const brim = ({ pan, count }: PanSet) => cavityMillilitres(pan) * pan.cavities * count;
  const wanted = inPans.map(({ set, fraction }) => brim(set) * fraction * growth.raw);
  const panGrams = wanted.reduce((sum, grams) => sum + grams, 0);
  const sized = wants.reduce((sum, { size }) => sum + size, 0);
  const cap = limits.reduce<{ limit: number; said: string } | undefined>((least, candidate) => (least && least.limit <= candidate.limit ? least : candidate), undefined); // prettier-ignore
  const [grams, sizedBy]: readonly [number, SizedBy] =
    cap && (sized === 0 || cap.limit < sized)
      ? [cap.limit, 'limit']
      : sized > 0
        ? [sized, 'targets']
        : panGrams > 0
          ? [panGrams, 'pans']
          : [ownGrams, 'formula'];
  if (!(grams >= LEAST_GRAMS && grams <= MOST_GRAMS)) return emptyPlan(ownGrams, problems);
  const factor = grams / ownGrams;
  // the formula's own pans, as many as the batch asks for
  if (inPans.length === 0 && written && sheet.targets.every(({ kind }) => kind !== 'cut')) {
    const set = severalOf(written, factor);
    inPans.push({ set, fraction: Math.min(1, grams / growth.raw / brim(set)), because: 'as-written' });
    wanted.push(grams);
  }
  const all = wanted.reduce((sum, gramsWanted) => sum + gramsWanted, 0);
  const share = all > 0 ? Math.min(1, grams / all) : 1;
  const usual = written && { acrossCm: acrossOf(written.pan), depthCm: written.pan.depthCm };
  const portions = inPans.map(({ target, set, because }, i): Portion => ({
    ...(target !== undefined && { target }),
    set,
    because,
    wantedGrams: wanted[i] ?? 0,
    fill: fillPans(set, (wanted[i] ?? 0) * share, growth.raw, growth.baked),
    leavenerShare:
      set.pan.shape === 'muffin' ? 1 : leavenerInPan({ acrossCm: acrossOf(set.pan), depthCm: set.pan.depthCm }, usual),
  }));
  const over = all > 0 ? grams - all : 0;
  return {
    factor,
    batterGrams: grams,
    sizedBy,
    portions,
    leftoverGrams: over > CLINGS * grams ? over : 0,
    shortGrams: all > 0 && all - grams > CLINGS * all ? all - grams : 0,
    ...(sizedBy === 'limit' && cap && { limitedBy: cap.said }),
    problems,
    asks: grams > ASKS_FROM_GRAMS && sheet.largeIsMeant !== true,
  };
}

/** As many of the written pans, or of their cups, as so many times the batter fills as full. */
function severalOf({ pan, count }: PanSet, factor: number): PanSet {
  if (pan.shape === 'muffin') {
    const cups = Math.max(1, Math.round(pan.cavities * count * factor));
    return { pan: { ...pan, cavities: cups }, count: 1 };
  }
  return { pan, count: Math.max(1, Math.round(count * factor)) };
}

/** What a cut gives of a dough: rounds or squares with their scraps, or wedges of discs. */
export function cutOf(doughGrams: number, cut: CutChoice) {
  if (cut.shape === 'wedges') return { kind: 'wedges' as const, ...wedgePlan(doughGrams, cut.thicknessCm, cut.wedges) };
  return {
    kind: 'pieces' as const,
    ...cutPlan(
      doughGrams,
      cut.thicknessCm,
      cut.shape === 'round' ? { shape: 'round', diameterCm: cut.sizeCm } : { shape: 'square', sideCm: cut.sizeCm },
    ),
  };
}
export type CutResult = ReturnType<typeof cutOf>;

/** A cake in its pan as a footprint to frost; a ring is frosted as if whole. */
export const footprintOf = (pan: Pan) =>
  isCircular(pan) ? { diameterCm: pan.topLengthCm } : { lengthCm: pan.topLengthCm, widthCm: pan.topWidthCm };
