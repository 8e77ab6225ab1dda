import { LEARNING_PRIOR, priorOf } from '../../kitchen/learned/index.js';
import { inverseOf } from './dense.js';
import type { Layout, Site, Sum } from './layout.js';

/** What of a recipe is known: its inverse against the shared unknowns. */
interface Block {
  readonly mean: Float64Array;
  readonly withShared: Float64Array;
  readonly covariance: Float64Array;
}
export interface Posterior {
  readonly mean: Float64Array;
  readonly covariance: Float64Array;
  readonly blocks: readonly Block[];
  /** ln of the integral of prior and sites. */
  readonly logIntegral: number;
}

const add = (into: Float64Array, i: number, value: number) => (into[i] = (into[i] ?? 0) + value);

/** A recipe's unknowns before they are eliminated: precision, with the shared ones, precision by mean. */
interface Own {
  readonly n: number;
  readonly precision: Float64Array;
  readonly cross: Float64Array;
  readonly natural: Float64Array;
}
/** Prior and sites added up: precision and precision by mean of the shared unknowns, and of each recipe's. */
function gathered({ shared, recipes, sites, plain }: Layout) {
  const size = shared.length;
  const precision = new Float64Array(size * size);
  const natural = new Float64Array(size);
  let logPrior = 0;
  shared.forEach((name, i) => {
    const p = 1 / priorOf(name) ** 2;
    add(precision, i * size + i, p);
    logPrior += Math.log(p);
  });
  const touch = ({ at, by }: Sum, tau: number, nu: number) => {
    for (let k = 0; k < at.length; k++) {
      const i = at[k] ?? 0;
      const a = by[k] ?? 0;
      add(natural, i, nu * a);
      for (let l = 0; l < at.length; l++) add(precision, i * size + (at[l] ?? 0), tau * a * (by[l] ?? 0));
    }
  };
  for (const { terms, y, variance } of plain) touch(terms, 1 / variance, y / variance);
  const own = recipes.map(({ pans }): Own => {
    const n = pans.length + 1;
    const block = { n, precision: new Float64Array(n * n), cross: new Float64Array(n * size), natural: new Float64Array(n) }; // prettier-ignore
    for (let a = 0; a < n; a++) {
      const p = 1 / (a === 0 ? LEARNING_PRIOR.recipe : LEARNING_PRIOR.recipeInPan) ** 2;
      block.precision[a * n + a] = p;
      logPrior += Math.log(p);
    }
    return block;
  });
  for (const { terms, recipe, inPan, tau, nu } of sites) {
    touch(terms, tau, nu);
    const block = own[recipe];
    if (!block) continue;
    // the recipe itself is the first of its unknowns, and in a tin of its own a later one
    for (let a = 0; a <= inPan; a += inPan) {
      add(block.natural, a, nu);
      for (let k = 0; k < terms.at.length; k++) add(block.cross, a * size + (terms.at[k] ?? 0), tau * (terms.by[k] ?? 0)); // prettier-ignore
      for (let b = 0; b <= inPan; b += inPan) add(block.precision, a * block.n + b, tau);
    }
  }
  return { precision, natural, own, logPrior };
}

/** Takes a recipe's unknowns out of the system: what is left is told to the shared ones. */
function eliminate({ n, precision: p, cross, natural: eta }: Own, precision: Float64Array, natural: Float64Array) {
  const size = natural.length;
  const { inverse, logDeterminant } = inverseOf(p, n);
  const weights = new Float64Array(n * size);
  for (let a = 0; a < n; a++)
    for (let b = 0; b < n; b++) {
      const v = inverse[a * n + b] ?? 0;
      if (v !== 0) for (let j = 0; j < size; j++) add(weights, a * size + j, v * (cross[b * size + j] ?? 0));
    }
  for (let a = 0; a < n; a++)
    for (let i = 0; i < size; i++) {
      const c = cross[a * size + i] ?? 0;
      if (c !== 0) for (let j = 0; j < size; j++) add(precision, i * size + j, -c * (weights[a * size + j] ?? 0));
      add(natural, i, -(weights[a * size + i] ?? 0) * (eta[a] ?? 0));
    }
  return { n, inverse, weights, eta, logDeterminant };
}

/** A recipe's unknowns, once the shared ones are known. @returns them, and their part of the exponent */
function putBack(
  { n, inverse, weights, eta }: ReturnType<typeof eliminate>,
  mean: Float64Array,
  covariance: Float64Array,
): { readonly block: Block; readonly quadratic: number } {
  const size = mean.length;
  const blockMean = new Float64Array(n);
  const withShared = new Float64Array(n * size);
  const own = Float64Array.from(inverse);
  let quadratic = 0;
  for (let a = 0; a < n; a++) {
    let value = 0;
    for (let b = 0; b < n; b++) value += (inverse[a * n + b] ?? 0) * (eta[b] ?? 0);
    quadratic += value * (eta[a] ?? 0);
    for (let j = 0; j < size; j++) value -= (weights[a * size + j] ?? 0) * (mean[j] ?? 0);
    blockMean[a] = value;
    for (let i = 0; i < size; i++) {
      const w = weights[a * size + i] ?? 0;
      if (w !== 0) for (let j = 0; j < size; j++) add(withShared, a * size + j, -w * (covariance[i * size + j] ?? 0));
    }
    for (let b = 0; b < n; b++) {
      let sum = 0;
      for (let j = 0; j < size; j++) sum -= (withShared[a * size + j] ?? 0) * (weights[b * size + j] ?? 0);
      add(own, a * n + b, sum);
    }
  }
  return { block: { mean: blockMean, withShared, covariance: own }, quadratic };
}

/** The posterior of all unknowns by the sites as they stand: recipes eliminated one by one, then the shared ones. */
export function posteriorOf(layout: Layout): Posterior {
  const { precision, natural, own, logPrior } = gathered(layout);
  const size = natural.length;
  const eliminated = own.map((block) => eliminate(block, precision, natural));
  const { inverse: covariance, logDeterminant } = inverseOf(precision, size);
  const mean = new Float64Array(size);
  let quadratic = 0;
  for (let i = 0; i < size; i++) {
    for (let j = 0; j < size; j++) add(mean, i, (covariance[i * size + j] ?? 0) * (natural[j] ?? 0));
    quadratic += (mean[i] ?? 0) * (natural[i] ?? 0);
  }
  const back = eliminated.map((each) => putBack(each, mean, covariance));
  const logPosterior = eliminated.reduce((sum, each) => sum + each.logDeterminant, logDeterminant);
  const exponent = back.reduce((sum, each) => sum + each.quadratic, quadratic);
  return { mean, covariance, blocks: back.map(({ block }) => block), logIntegral: 0.5 * (logPrior - logPosterior + exponent) }; // prettier-ignore
}

/** Mean and variance of the sum that a site is about. */
export function sumAt(
  { terms, recipe, inPan }: Site,
  { mean, covariance, blocks }: Posterior,
): readonly [number, number] {
  const size = mean.length;
  const block = blocks[recipe];
  let value = 0;
  let variance = 0;
  const { at, by } = terms;
  for (let k = 0; k < at.length; k++) {
    const i = at[k] ?? 0;
    const a = by[k] ?? 0;
    value += a * (mean[i] ?? 0);
    for (let l = 0; l < at.length; l++) variance += a * (by[l] ?? 0) * (covariance[i * size + (at[l] ?? 0)] ?? 0);
  }
  if (!block) return [value, variance];
  const n = block.mean.length;
  // the recipe itself is the first of its unknowns, and in a tin of its own a later one
  for (let a = 0; a <= inPan; a += inPan) {
    value += block.mean[a] ?? 0;
    for (let k = 0; k < at.length; k++) variance += 2 * (by[k] ?? 0) * (block.withShared[a * size + (at[k] ?? 0)] ?? 0);
    for (let b = 0; b <= inPan; b += inPan) variance += block.covariance[a * n + b] ?? 0;
  }
  return [value, variance];
}
