import { groupedBy } from '../../ground/records/index.js';
import { OUTCOMES, outcomesOf, recipeOf, type BakeRecord, type Outcome } from '../records/index.js';
import { differenceVariance, repeatsNeeded } from './repeats.js';

/*
 * Two half batches that differed in one thing, read when both are recorded. Pairs of the same change of the same formula are read
 * together: their mean difference, how sure it is, and whether it is to be trusted yet.
 */

/** One-sided 5 %, standard normal. */
const SURE = 1.645;
const ONE_TASTER = 1;
/** One step of the scale of five is what one usually wants to trust. */
const STEP = 1;

/** Both halves of one bowl. */
export interface HalvesBaked {
  readonly asItIs: BakeRecord;
  readonly changed: BakeRecord;
}
export const TRIAL_VERDICTS = ['better', 'worse', 'alike', 'hint'] as const;
export type TrialVerdict = (typeof TRIAL_VERDICTS)[number];
export interface TrialReading {
  readonly outcome: Outcome;
  /** Of the changed halves over those as they were, steps of five, in the mean. */
  readonly difference: number;
  /** Standard deviation of that. */
  readonly spread: number;
  readonly pairs: number;
  /** Pairs that it takes to trust a step. */
  readonly needed: number;
  readonly verdict: TrialVerdict;
}
/** All pairs of one change of one formula. */
export interface Trial {
  readonly recipe: string;
  /** What was changed, in the baker's words. */
  readonly change: string;
  readonly pairs: readonly HalvesBaked[];
  readonly readings: readonly TrialReading[];
}

/** More of an outcome is better, but for those that have their best in the middle. */
const BEST: Readonly<Record<Outcome, number>> = { rise: 4, crust: 3, moisture: 3, crumb: 5, taste: 5 };
const goodness = (outcome: Outcome, step: number) => -Math.abs(step - BEST[outcome]);

/** The halves that belong together, the earliest first; of one that was recorded twice the last counts. */
function pairsOf(records: readonly BakeRecord[]): readonly (HalvesBaked & { readonly change: string })[] {
  const inOrder = records.filter(({ half }) => half).sort((a, b) => a.at - b.at);
  return [...groupedBy(inOrder, ({ half }) => half?.trial ?? '').values()].flatMap((halves) => {
    const last = (of: 'as-it-is' | 'changed') => halves.findLast(({ half }) => half?.of === of);
    const [asItIs, changed] = [last('as-it-is'), last('changed')];
    return asItIs && changed ? [{ asItIs, changed, change: changed.half?.change ?? asItIs.half?.change ?? '' }] : [];
  });
}

function reading(outcome: Outcome, pairs: readonly HalvesBaked[]): readonly TrialReading[] {
  const both = pairs.flatMap(({ asItIs, changed }) => {
    const [before, after] = [outcomesOf(asItIs)[outcome], outcomesOf(changed)[outcome]];
    return before === undefined || after === undefined ? [] : [{ steps: after - before, gain: goodness(outcome, after) - goodness(outcome, before) }]; // prettier-ignore
  });
  if (both.length === 0) return [];
  const mean = (of: (each: (typeof both)[number]) => number) => both.reduce((sum, each) => sum + of(each), 0) / both.length; // prettier-ignore
  const trial = { tasters: ONE_TASTER, paired: true };
  const spread = Math.sqrt(differenceVariance(trial) / both.length);
  const needed = repeatsNeeded({ ...trial, steps: STEP });
  const gain = mean((each) => each.gain);
  const sure = both.length > 1 && Math.abs(gain) > SURE * spread;
  const verdict = sure ? (gain > 0 ? 'better' : 'worse') : both.length >= needed ? 'alike' : 'hint';
  return [{ outcome, difference: mean(({ steps }) => steps), spread, pairs: both.length, needed, verdict }];
}

/** What half batches have told so far: by formula and change, the latest first. */
export function readTrials(records: readonly BakeRecord[]): readonly Trial[] {
  const pairs = groupedBy(pairsOf(records), ({ changed, change }) => JSON.stringify([recipeOf(changed), change]));
  return [...pairs.values()].reverse().map((of): Trial => {
    const [first] = of;
    return {
      recipe: first ? recipeOf(first.changed) : '',
      change: first?.change ?? '',
      pairs: of,
      readings: OUTCOMES.flatMap((outcome) => reading(outcome, of)),
    };
  });
}
