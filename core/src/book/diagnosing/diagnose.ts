import { FORMULA_SIGNALS, IN_BANDS, isAsUsual, type SignalCode, type Signals } from './signals.js';
import { NETWORK, type Cause, type Fault, type Network } from './network.js';

/*
 * Causes hide, faults show. Each cause is there with a prior, which that very bake's numbers move (log-odds); each fault comes from any
 * cause that makes it, or from none that is known. All sets of one, two, and three causes are held against what was seen, and each cause
 * gets the share of the faults that it did. What was computed and is as usual speaks against: that is what makes the numbers count.
 * Pure, exact within its sets, about three milliseconds.
 * @source book.md, section 3
 */

/** A fault may come from nothing that is listed. */
const LEAK = 0.03;
/** Bakers report what bothers them: silence about a fault says so much less than its report. */
const SILENCE = 0.25;
/** A share of certainty that no list of causes reaches. */
const MOST = 0.97;
const CLIP = 5;
/** By cups, the true amounts may differ from the computed ones. */
const CUPS_SAY = 0.5;
/** Causes of which sets of three are made. */
const OF_THREE = 12;
/** Half of what is worth a word. */
const WORTH_SAYING = 0.4;
/** Where the oven's error is uncertain: the points of a normal, and their weights. */
const OVEN_POINTS = [[-1.225, 1], [0, 2], [1.225, 1]] as const; // prettier-ignore

/** One thing that speaks for a cause, or against it. */
export type Speaks = { readonly logOdds: number } & (
  | { readonly kind: 'signal'; readonly signal: SignalCode; readonly value: number }
  | { readonly kind: 'swap'; readonly swap: string }
  | { readonly kind: 'answer'; readonly test: string; readonly yes: boolean }
  | { readonly kind: 'kitchen' }
);

/** In words: how far to trust it. */
export type Likelihood = 'very-likely' | 'likely' | 'possible' | 'unlikely';
/** @source judged */
const WORDS: readonly (readonly [number, Likelihood])[] = [
  [0.6, 'very-likely'],
  [0.3, 'likely'],
  [0.08, 'possible'],
  [0, 'unlikely'],
];
export const likelihoodOf = (share: number): Likelihood => WORDS.find(([least]) => share >= least)?.[1] ?? 'unlikely';

export interface CauseFound {
  readonly cause: Cause;
  /** Of the faults seen, how much of it was this: all causes and something else make one. */
  readonly share: number;
  readonly likelihood: Likelihood;
  /** Faults seen that it makes. */
  readonly explains: readonly string[];
  /** The strongest first. */
  readonly speaksFor: readonly Speaks[];
  readonly speaksAgainst: readonly Speaks[];
}

export interface Diagnosis {
  /** The likeliest first. */
  readonly causes: readonly CauseFound[];
  readonly somethingElse: number;
}

/** What is asked: a bake, what was seen of it, and what was answered since. */
export interface Asked {
  readonly faults: readonly string[];
  readonly signals: Signals;
  readonly answers?: Readonly<Record<string, boolean>>;
  /** Log-odds that this kitchen's own outcomes give causes. */
  readonly kitchen?: Readonly<Record<string, number>>;
}

const clamp = (value: number, least: number, most: number) => Math.max(least, Math.min(most, value));

/** Log-odds that an answer adds to a cause. */
function answerSays(network: Network, cause: string, test: string, yes: boolean): number {
  const asked = network.tests.find(({ id }) => id === test);
  const share = asked?.yes[cause];
  if (!asked || share === undefined) return 0;
  const bounded = clamp(share, 0.01, 0.99);
  return yes ? Math.log(bounded / asked.yesIfOther) : Math.log((1 - bounded) / (1 - asked.yesIfOther));
}

/** All that speaks for and against each cause, in log-odds. */
export function evidenceFor(
  { signals, answers = {}, kitchen = {} }: Omit<Asked, 'faults'>,
  network: Network = NETWORK,
): ReadonlyMap<string, readonly Speaks[]> {
  const said = new Map<string, Speaks[]>(network.causes.map(({ id }) => [id, []]));
  const { values, ovenSpread, byCups, swaps = [] } = signals;
  for (const { cause, signal, zero, slope, against, favour } of network.evidence) {
    const value = values[signal];
    if (value === undefined) continue;
    const at = (x: number) => clamp(slope * (x - zero), against, favour);
    const uncertain = signal === 'oven-error' && ovenSpread !== undefined && ovenSpread > 0;
    const sure = uncertain ? OVEN_POINTS.reduce((sum, [sd, weight]) => sum + at(value + sd * ovenSpread) * weight, 0) / 4 : at(value); // prettier-ignore
    const logOdds = byCups && FORMULA_SIGNALS.has(signal) ? sure * CUPS_SAY : sure;
    said.get(cause)?.push({ kind: 'signal', signal, value, logOdds });
  }
  for (const { swap, cause, logOdds } of network.swapOdds)
    if (swaps.includes(swap)) said.get(cause)?.push({ kind: 'swap', swap, logOdds });
  for (const [test, yes] of Object.entries(answers))
    for (const { id } of network.causes) {
      const logOdds = answerSays(network, id, test, yes);
      if (logOdds !== 0) said.get(id)?.push({ kind: 'answer', test, yes, logOdds });
    }
  for (const [cause, logOdds] of Object.entries(kitchen)) said.get(cause)?.push({ kind: 'kitchen', logOdds });
  return said;
}

/** How likely each cause was there before a fault was seen, by what speaks. */
export function beforeFaults(cause: Cause, speaks: readonly Speaks[]): number {
  const moved = clamp(speaks.reduce((sum, { logOdds }) => sum + logOdds, 0), -CLIP, CLIP); // prettier-ignore
  return 1 / (1 + Math.exp(-(Math.log(cause.prior / (1 - cause.prior)) + moved)));
}

interface Candidate {
  readonly cause: Cause;
  readonly odds: number;
  /** P(fault | this alone), by the faults seen; then by those that were not. */
  readonly seen: readonly number[];
  readonly silent: readonly number[];
}

const isOfFrosting = ({ place }: Fault) => place === 'frosting';

/** Every set of one to three candidates, held against what was seen. */
class Shares {
  private total = 0;
  private nothing = 0;
  private readonly shares: Float64Array;
  private readonly hadAHand: Float64Array;
  constructor(
    private readonly candidates: readonly Candidate[],
    private readonly faults: number,
    private readonly silentFaults: number,
  ) {
    this.shares = new Float64Array(candidates.length);
    this.hadAHand = new Float64Array(candidates.length);
    this.visit([]);
    for (let a = 0; a < candidates.length; a++) {
      this.visit([a]);
      for (let b = a + 1; b < candidates.length; b++) this.visit([a, b]);
    }
    const top = [...this.hadAHand.keys()].sort((a, b) => (this.hadAHand[b] ?? 0) - (this.hadAHand[a] ?? 0)).slice(0, OF_THREE);
    for (const [i, a] of top.entries())
      for (const [j, b] of top.slice(i + 1).entries()) for (const c of top.slice(i + j + 2)) this.visit([a, b, c]);
  } // prettier-ignore

  private visit(set: readonly number[]): void {
    const members = set.flatMap((i) => this.candidates[i] ?? []);
    let weight = members.reduce((product, { odds }) => product * odds, 1);
    const chance: number[] = [];
    for (let f = 0; f < this.faults; f++) {
      const none = members.reduce((product, { seen }) => product * (1 - (seen[f] ?? 0)), 1 - LEAK);
      weight *= 1 - none;
      chance.push(1 - none);
    }
    for (let f = 0; f < this.silentFaults; f++) {
      const none = members.reduce((product, { silent }) => product * (1 - (silent[f] ?? 0)), 1);
      if (none < 1) weight *= none ** SILENCE;
    }
    this.total += weight;
    const leaked = chance.reduce((sum, p) => sum + LEAK / p, 0);
    const did = members.map(({ seen }) => chance.reduce((sum, p, f) => sum + (seen[f] ?? 0) / p, 0));
    const all = did.reduce((sum, each) => sum + each, leaked);
    set.forEach((i, k) => {
      this.shares[i] = (this.shares[i] ?? 0) + (weight * (did[k] ?? 0)) / all;
      const not = chance.reduce((product, p, f) => product * (1 - (members[k]?.seen[f] ?? 0) / p), 1);
      this.hadAHand[i] = (this.hadAHand[i] ?? 0) + weight * (1 - not);
    });
    if (all > 0) this.nothing += (weight * leaked) / all;
  }
  shareOf(i: number): number {
    return (this.shares[i] ?? 0) / this.total;
  }
  somethingElse(): number {
    return this.nothing / this.total;
  }
}

/** What is as usual says nothing for a cause, whatever little it weighs. */
const isUsual = (speaks: Speaks) => speaks.kind === 'signal' && IN_BANDS.has(speaks.signal) && isAsUsual(speaks.value); // prettier-ignore
const byLogOdds = (speaks: readonly Speaks[], side: 1 | -1): readonly Speaks[] =>
  speaks
    .filter((each) => side * each.logOdds >= WORTH_SAYING && !(side === 1 && isUsual(each)))
    .sort((one, other) => side * (other.logOdds - one.logOdds));

/** A cocoa of the other kind is what leaves the soda over: it takes the share of the free soda that it makes. */
function rootTakesItsShare(shares: Map<string, number>, chanceOf: ReadonlyMap<string, number>, { values }: Signals): void {
  const [root, effect] = [shares.get('cocoa_swap'), shares.get('soda_excess')];
  if (root === undefined || effect === undefined || values['alkalised-cocoa-with-soda'] !== 1) return;
  const moved = effect * (chanceOf.get('cocoa_swap') ?? 0);
  shares.set('cocoa_swap', root + moved);
  shares.set('soda_excess', effect - moved);
} // prettier-ignore

/** @param asked.faults ids of the table; at least one */
export function diagnose(asked: Asked, network: Network = NETWORK): Diagnosis {
  const { faults } = asked;
  const isSeen = new Set(faults);
  const seenFaults = network.faults.filter(({ id }) => isSeen.has(id));
  const onlyFrosting = seenFaults.every(isOfFrosting);
  const someFrosting = seenFaults.some(isOfFrosting);
  const silentFaults = network.faults.filter((fault) => !isSeen.has(fault.id) && isOfFrosting(fault) === onlyFrosting);
  const link = ({ id }: Fault, cause: Cause) => network.links[id]?.[cause.id] ?? 0;
  const evidence = evidenceFor(asked, network);
  const chances = new Map<string, number>();
  const candidates = network.causes.flatMap((cause): readonly Candidate[] => {
    const outOfPlay = cause.part === 'frosting' ? !someFrosting : onlyFrosting;
    const seen = seenFaults.map((fault) => link(fault, cause));
    if (outOfPlay || seen.every((share) => share === 0)) return [];
    const chance = beforeFaults(cause, evidence.get(cause.id) ?? []);
    chances.set(cause.id, chance);
    return [{ cause, odds: chance / (1 - chance), seen, silent: silentFaults.map((fault) => link(fault, cause)) }];
  });
  const found = new Shares(candidates, seenFaults.length, silentFaults.length);
  const shares = new Map(candidates.map(({ cause }, i) => [cause.id, found.shareOf(i)]));
  rootTakesItsShare(shares, chances, asked.signals);
  const sum = [...shares.values()].reduce((all, share) => all + share, found.somethingElse());
  const causes = candidates
    .map(({ cause }): CauseFound => {
      const share = Math.min(MOST, (shares.get(cause.id) ?? 0) / sum);
      const speaks = evidence.get(cause.id) ?? [];
      return {
        cause,
        share,
        likelihood: likelihoodOf(share),
        explains: seenFaults.filter((fault) => link(fault, cause) > 0).map(({ id }) => id),
        speaksFor: byLogOdds(speaks, 1),
        speaksAgainst: byLogOdds(speaks, -1),
      };
    })
    .sort((one, other) => other.share - one.share);
  return { causes, somethingElse: found.somethingElse() / sum };
}
