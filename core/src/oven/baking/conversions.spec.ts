import { EIGHT_IN_TEN, numberIn, readTable } from '../../ground/numerics/index.js';
import { familyFolds } from '../../doors/samples/heat-folds.js';
import { REFERENCE_BAKES, type ReferenceBake } from '../../doors/samples/reference-bakes.js';
import { REFERENCE_CONVERSIONS_TABLE } from '../../doors/samples/reference-conversions.table.js';
import { anchorOn, type Anchor } from './known-bake.js';
import { HEAT_MODEL } from './parameters.js';
import { rulesOfThumb, RULES_MISS, RULES_OF_THUMB, type PlainBake, type RuleOfThumbId } from './rules-of-thumb.js';
import { simulateBake } from './simulate.js';
import { SPREAD_ANCHORED } from './known-bake.js';

/*
 * The usual case: a known time in one pan, another pan asked for. Every fourth of the 1028 pairs of the reference table, each with
 * parameters that were fitted without the pair's family.
 */

const EVERY = 4;
const bakes = new Map(REFERENCE_BAKES.map((bake) => [bake.id, bake]));
const folds = familyFolds();
const mean = (list: readonly number[]) => list.reduce((sum, one) => sum + one, 0) / list.length;
const plain = ({ spec }: ReferenceBake): PlainBake => ({
  batter: { grams: spec.gramsPerPan * spec.panCount, heatStyle: spec.heatStyle },
  pans: { pan: spec.pan, count: spec.panCount },
  celsius: spec.ovenCelsius,
  fan: spec.fan,
});

interface Pair {
  readonly family: string;
  readonly sameShape: boolean;
  readonly expected: number;
  readonly minutes: number;
  readonly rules: ReadonlyMap<RuleOfThumbId, number>;
}

describe('another pan from a known bake, over the reference conversions', () => {
  const anchors = new Map<string, Anchor>();
  const anchorOf = (from: ReferenceBake, knownMinutes: number): Anchor => {
    const found = anchors.get(from.id);
    if (found) return found;
    const { batter, pans, celsius, fan } = plain(from);
    const { spec } = from;
    const anchor = anchorOn(
      {
        ...batter,
        ...(spec.water !== undefined && { water: spec.water }),
        ...(spec.sugar !== undefined && { sugar: spec.sugar }),
      },
      { pans, ovenCelsius: celsius, fan, lowMinutes: knownMinutes, highMinutes: knownMinutes, from: 'printed-time' },
      folds.get(from.family) ?? HEAT_MODEL,
    );
    anchors.set(from.id, anchor);
    return anchor;
  };
  let pairs: readonly Pair[] = [];
  beforeAll(() => {
    pairs = readTable(REFERENCE_CONVERSIONS_TABLE)
      .filter((_, i) => i % EVERY === 0)
      .flatMap((row): Pair[] => {
        const [from, to] = [bakes.get(row['from_id'] ?? ''), bakes.get(row['to_id'] ?? '')];
        if (!from || !to) return [];
        const known = numberIn(row, 'known_minutes');
        const anchor = anchorOf(from, known);
        const heatScale = anchor.kind === 'anchored' ? anchor.heatFactor : 1;
        const minutes = simulateBake({ ...to.spec, heatScale }, {}, folds.get(to.family)).doneMinute ?? Number.NaN;
        return [
          {
            family: from.family,
            sameShape: from.spec.pan.shape === to.spec.pan.shape,
            expected: Math.sqrt(numberIn(row, 'expected_low') * numberIn(row, 'expected_high')),
            minutes,
            rules: new Map(rulesOfThumb(plain(from), known, plain(to)).map((rule) => [rule.id, rule.minutes])),
          },
        ];
      });
  });
  const off = (minutes: number, { expected }: Pair) => Math.abs(minutes / expected - 1);
  const familyMean = (error: (pair: Pair) => number) => {
    const families = [...new Set(pairs.map(({ family }) => family))];
    return mean(families.map((family) => mean(pairs.filter((pair) => pair.family === family).map(error))));
  };

  it('misses by less than 6.5 % in the mean of the families', () => {
    expect(pairs.length).toBeGreaterThan(240);
    expect(familyMean((pair) => off(pair.minutes, pair))).toBeLessThan(0.065);
  });
  it('is better than every rule of thumb', () => {
    const ours = mean(pairs.map((pair) => off(pair.minutes, pair)));
    for (const id of RULES_OF_THUMB) {
      const theirs = mean(pairs.map((pair) => off(pair.rules.get(id) ?? Number.NaN, pair)));
      expect(theirs)
        .withContext(id)
        .toBeGreaterThan(ours * 1.2);
    }
  });
  it('misses, as every rule does, by what the baker is told', () => {
    const told = (id: keyof typeof RULES_MISS, theirs: readonly number[]) =>
      expect(Math.abs(100 * mean(theirs) - RULES_MISS[id]))
        .withContext(id)
        .toBeLessThan(1);
    told(
      'model',
      pairs.map((pair) => off(pair.minutes, pair)),
    );
    for (const id of RULES_OF_THUMB)
      told(
        id,
        pairs.map((pair) => off(pair.rules.get(id) ?? Number.NaN, pair)),
      );
  });
  it('has 80 % windows that hold between 75 and 88 % of the truths', () => {
    const held = pairs.filter((pair) => {
      const spread = pair.sameShape ? SPREAD_ANCHORED.sameShape : SPREAD_ANCHORED.otherShape;
      return Math.abs(Math.log(pair.minutes / pair.expected)) <= EIGHT_IN_TEN * spread;
    });
    expect(held.length / pairs.length).toBeGreaterThanOrEqual(0.75);
    expect(held.length / pairs.length).toBeLessThanOrEqual(0.88);
  });
});
