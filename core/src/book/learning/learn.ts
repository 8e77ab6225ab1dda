import { LEARNING_PRIOR, type LearnedRecipe } from '../../kitchen/learned/index.js';
import { layoutOf, type Layout } from './layout.js';
import type { Learned, Lessons } from './lessons.js';
import { posteriorOf, sumAt, type Posterior } from './posterior.js';

/*
 * Learning by expectation propagation. Each bake is one site on the sum its minutes depend on: what it tells is a mixture of an ordinary
 * bake and an absurd one (a door left open, a time misread), and is stood in for by the Gaussian of the same moments against all other
 * bakes. All sites are renewed side by side and damped, so the order of the bakes cannot matter, and a bake that is left out is as if it
 * had never been. The scatter from bake to bake is averaged over a few values by the evidence of each.
 *
 * Cost: every recipe's unknowns are eliminated against the shared ones (oven, slope, habit, fan, tins), so a sweep costs bakes × a few
 * dozen operations instead of unknowns squared.
 */

/** Of all bakes so many are absurd, and so far off, ln(minutes). @source book.md, learning-priors.csv */
const ABSURD_SHARE = 0.07;
const ABSURD_SPREAD = 0.4;
/** And so many are no such bake at all: anything from an eighth to eight times the minutes, as likely. They tell nothing. */
const SLIP_SHARE = 0.01;
const SLIP_DENSITY = 1 / (2 * Math.log(8));
/** For a baker who notes times roughly. */
const ROUGH_SCATTER = 0.1;
const SCATTERS = [0.03, 0.045, 0.07, 0.105, 0.15];
const SPREAD_OF_SCATTERS = 0.45;
const MOST_SWEEPS = 30;
/** Sites that push one another to and fro are damped more and more, from this sweep on. */
const DAMPING = 0.6;
const DAMPED_FROM = 6;
const SETTLED = 1e-4;
/** Where most is known already. */
const MORE_SWEEPS = 6;
const NEARLY_SETTLED = 1e-3;
/** A site never says less than nothing. */
const LEAST_PRECISION = 1e-4;

/** One bake against all others: an ordinary bake, an absurd one, or a slip of the pen; their exact moments and evidence. */
function against(y: number, variance: number, scatter: number, mean: number, spread2: number) {
  const apart = y - mean;
  const part = (share: number, v: number) => ({
    weight: (share * Math.exp((-0.5 * apart * apart) / (spread2 + v))) / Math.sqrt(2 * Math.PI * (spread2 + v)),
    mean: mean + (apart * spread2) / (spread2 + v),
    variance: 1 / (1 / spread2 + 1 / v),
  });
  const ordinary = part(1 - ABSURD_SHARE - SLIP_SHARE, variance + scatter ** 2);
  const absurd = part(ABSURD_SHARE, variance + ABSURD_SPREAD ** 2);
  const slip = { weight: SLIP_SHARE * SLIP_DENSITY, mean, variance: spread2 };
  const all = ordinary.weight + absurd.weight + slip.weight;
  const over = (of: (each: typeof slip) => number) =>
    (ordinary.weight * of(ordinary) + absurd.weight * of(absurd) + slip.weight * of(slip)) / all;
  const value = over((each) => each.mean);
  const moved = over((each) => each.variance + (each.mean - value) ** 2);
  return { ordinary: ordinary.weight / all, mean: value, variance: moved, log: Math.log(all) };
}

/** Renews all sites side by side until they settle; the sites keep what they came to. @returns the posterior and ln of the evidence */
function settle(layout: Layout, scatter: number): { readonly posterior: Posterior; readonly evidence: number } {
  let posterior = posteriorOf(layout);
  const [most, settled] = layout.begun ? [MORE_SWEEPS, NEARLY_SETTLED] : [MOST_SWEEPS, SETTLED];
  for (let sweep = 0; sweep < most; sweep++) {
    let moved = 0;
    const damping = sweep === 0 && !layout.begun ? 1 : DAMPING * Math.min(1, DAMPED_FROM / sweep);
    for (const site of layout.sites) {
      const [value, variance] = sumAt(site, posterior);
      const others = 1 / variance - site.tau;
      if (!(others > 1e-6)) continue;
      const [mean, spread2] = [(value / variance - site.nu) / others, 1 / others];
      const now = against(site.y, site.variance, scatter, mean, spread2);
      const gain = 1 / now.variance - others;
      const tau = Math.max(LEAST_PRECISION, gain);
      const nu = gain > LEAST_PRECISION ? now.mean / now.variance - mean * others : now.mean * tau;
      moved = Math.max(moved, Math.abs(tau - site.tau) * variance + Math.abs(nu - site.nu) * Math.sqrt(variance));
      site.tau += damping * (tau - site.tau);
      site.nu += damping * (nu - site.nu);
      site.absurd = 1 - now.ordinary;
    }
    posterior = posteriorOf(layout);
    if (moved < settled) break;
  }
  let evidence = posterior.logIntegral;
  for (const site of layout.sites) {
    const [value, variance] = sumAt(site, posterior);
    const others = 1 / variance - site.tau;
    if (!(others > 1e-6)) continue;
    const [mean, spread2] = [(value / variance - site.nu) / others, 1 / others];
    const whole = others + site.tau;
    const stoodIn = -0.5 * Math.log(1 + site.tau * spread2) + 0.5 * ((mean * others + site.nu) ** 2 / whole - mean * mean * others); // prettier-ignore
    evidence += against(site.y, site.variance, scatter, mean, spread2).log - stoodIn;
  }
  return { posterior, evidence };
}

/** What these bakes and readings teach. For a worker where there are hundreds. */
export function learnFrom(lessons: Lessons): Learned {
  const layout = layoutOf(lessons);
  const usual = lessons.rough ? ROUGH_SCATTER : LEARNING_PRIOR.scatter;
  const known = lessons.scatter ?? lessons.after?.kitchen.scatter;
  const scatter = known ?? (layout.sites.length === 0 ? usual * 1.1 : scatterOf(layout, usual));
  const { posterior } = settle(layout, scatter);
  const recipes: Record<string, LearnedRecipe> = {};
  layout.recipes.forEach(({ name, pans, bakes }, i) => {
    const block = posterior.blocks[i];
    if (!block) return;
    const { mean, withShared, covariance } = block;
    recipes[name] = { pans, bakes, mean: [...mean], withShared: [...withShared], covariance: [...covariance] };
  });
  return {
    kitchen: {
      shared: layout.shared,
      mean: [...posterior.mean],
      covariance: [...posterior.covariance],
      recipes,
      scatter,
      bakes: layout.sites.length,
      readings: lessons.readings?.length ?? 0,
      epoch: lessons.epoch ?? 0,
    },
    weights: layout.sites.map(({ id, absurd, tau, variance }) => ({
      id,
      absurd,
      weight: Math.min(1, tau * (variance + scatter ** 2)),
    })),
    sites: Object.fromEntries(layout.sites.map(({ id, tau, nu }) => [id, [tau, nu] as const])),
  };
}

/** The scatter from bake to bake, averaged by the evidence of each value. */
function scatterOf(layout: Layout, usual: number): number {
  const logs = SCATTERS.map(
    (scatter) => -0.5 * (Math.log(scatter / usual) / SPREAD_OF_SCATTERS) ** 2 + settle(layout, scatter).evidence,
  );
  const top = Math.max(...logs);
  const weights = logs.map((log) => Math.exp(log - top));
  const all = weights.reduce((sum, weight) => sum + weight, 0);
  return Math.sqrt(SCATTERS.reduce((sum, scatter, i) => sum + (weights[i] ?? 0) * scatter ** 2, 0) / all);
}
