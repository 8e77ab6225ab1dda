import { brimMillilitres, fillPans, type Fill, type Pan } from '../../kitchen/pans/index.js';

/** A pan of the shelf, and how many of it there are. */
export interface OwnedPan {
  readonly id: string;
  readonly pan: Pan;
  readonly count: number;
}

/** Grams per millilitre of a batter, raw and baked. */
export interface Growth {
  readonly raw: number;
  readonly baked: number;
}

/** So many of one pan in a combination; of a tin of cups only as many as are filled. */
export interface PanUse {
  readonly owned: OwnedPan;
  readonly pans: number;
  readonly cavities: number;
  readonly fill: Fill;
}

export interface PanCombination {
  readonly uses: readonly PanUse[];
  readonly leftoverGrams: number;
  /** The worst chance of its pans to run over. */
  readonly overflowChance: number;
  readonly verdict: Fill['verdict'];
  /** The less, the better: batter over, pans too full or too empty, kinds of pan to wash and bake apart. */
  readonly cost: number;
}

/** Risen batter stands so high against what the pan bears, where it is filled as it should be. */
const IDEAL_SHARE = 0.88;
const MOST_SHARE = 1.04;
const DOME = 1.05;
/** Cups hold a crown above the rim. */
const CROWN = 1.5;

const bears = (pan: Pan) => (pan.shape === 'muffin' ? CROWN : 1);
const fractionFor = (pan: Pan, { raw, baked }: Growth, share: number) =>
  Math.min(1, (share * bears(pan) * baked) / (DOME * raw));

/** Share of the brim to fill with this batter so that it rises to just below the rim; of a cup, to its crown. */
export const idealFill = (pan: Pan, growth: Growth): number => fractionFor(pan, growth, IDEAL_SHARE);
/** Share of the brim above which it rather runs over than not. */
export const mostFill = (pan: Pan, growth: Growth): number => fractionFor(pan, growth, MOST_SHARE);

const COST = { leftover: 6, over: 8, under: 3, kind: 0.25, pan: 0.02, overflow: 0.4, warns: 0.12 } as const;
const MOST_OF_A_KIND = 8;
const MOST_SHOWN = 6;

interface Counted {
  readonly owned: OwnedPan;
  readonly cavities: number;
}

/** How many of a pan may be used: whole pans, and of cups also half a tin and whole tins. */
function countsOf(owned: OwnedPan): readonly Counted[] {
  const { cavities } = owned.pan;
  const whole = Array.from({ length: Math.min(owned.count, MOST_OF_A_KIND) }, (_, i) => (i + 1) * cavities);
  const half = cavities >= 6 ? [Math.floor(cavities / 2)] : [];
  return [...half, ...whole].map((count) => ({ owned, cavities: count }));
}

function combinationOf(batterGrams: number, growth: Growth, counted: readonly Counted[]): PanCombination {
  const millilitres = counted.map(({ owned: { pan }, cavities }) => (brimMillilitres(pan) / pan.cavities) * cavities);
  const wants = (fill: (pan: Pan, growth: Growth) => number) =>
    counted.reduce((sum, { owned }, i) => sum + (millilitres[i] ?? 0) * fill(owned.pan, growth) * growth.raw, 0);
  const most = wants(mostFill);
  const leftoverGrams = Math.max(0, batterGrams - most);
  const used = batterGrams - leftoverGrams;
  // every pan as full as the others, measured by what its shape bears
  const relative = used / wants(idealFill);
  const uses = counted.map(({ owned, cavities }, i): PanUse => {
    const grams = (millilitres[i] ?? 0) * idealFill(owned.pan, growth) * growth.raw * relative;
    const pan = owned.pan.cavities > 1 ? { ...owned.pan, cavities } : owned.pan;
    const count = owned.pan.cavities > 1 ? 1 : cavities;
    return {
      owned,
      cavities,
      pans: Math.ceil(cavities / owned.pan.cavities),
      fill: fillPans({ pan, count }, grams, growth.raw, growth.baked),
    };
  });
  const worst = uses
    .map(({ fill }) => fill)
    .reduce((fullest, fill) => (fill.overflowChance > fullest.overflowChance ? fill : fullest));
  const low = uses.some(({ fill }) => fill.verdict === 'low');
  const off = Math.log(relative);
  return {
    uses,
    leftoverGrams: leftoverGrams < 0.005 * batterGrams ? 0 : leftoverGrams,
    overflowChance: worst.overflowChance,
    verdict: worst.verdict === 'fits' && low ? 'low' : worst.verdict,
    cost:
      (COST.leftover * leftoverGrams) / batterGrams +
      (off > 0 ? COST.over : COST.under) * off * off +
      COST.overflow * worst.overflowChance +
      (worst.verdict === 'sheet-beneath' || worst.verdict === 'overflows' ? COST.warns : 0) +
      COST.kind * (uses.length - 1) +
      COST.pan * uses.reduce((sum, { pans }) => sum + pans, 0),
  };
}

/**
 * The combinations of up to two kinds of pan that use a batter best, the best first.
 * @param batterGrams more than 0
 */
export function whatFits(batterGrams: number, growth: Growth, shelf: readonly OwnedPan[]): readonly PanCombination[] {
  const counted = shelf.map(countsOf);
  const tries: Counted[][] = counted.flatMap((ofOnePan) => ofOnePan.map((first) => [first]));
  counted.forEach((ofOnePan, i) =>
    counted.slice(i + 1).forEach((other) => {
      for (const first of ofOnePan) for (const second of other) tries.push([first, second]);
    }),
  );
  const panCombinations = tries
    .map((panCounts) => combinationOf(batterGrams, growth, panCounts))
    .sort((a, b) => a.cost - b.cost);
  // of the same kinds of pan only the best count is worth a line
  const seen = new Set<string>();
  return panCombinations
    .filter(({ uses }) => {
      const key = uses.map(({ owned }) => owned.id).sort().join('+'); // prettier-ignore
      if (seen.has(key)) return false;
      seen.add(key);
      return true;
    })
    .slice(0, MOST_SHOWN);
}
