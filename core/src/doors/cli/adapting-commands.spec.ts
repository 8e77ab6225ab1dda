import { json, adapt, gramsIn, type Amounts } from './commands.spec-help.js';

describe('rebalance', () => {
  it('brings a formula into its bands and leaves what is locked', () => {
    const done = json(adapt(['rebalance', 'muffins.txt'], { lock: 'egg,buttermilk' })) as unknown as {
      feasible: boolean; before: Amounts[]; after: Amounts[]; verdictsAfter: { verdict: string }[]; conflicts: unknown[];
    }; // prettier-ignore
    expect(done.feasible).toBeTrue();
    expect(done.conflicts).toEqual([]);
    expect(done.verdictsAfter.every(({ verdict }) => verdict === 'within')).toBeTrue();
    for (const id of ['egg', 'buttermilk']) expect(gramsIn(done.after, id)).toBe(gramsIn(done.before, id));
    expect(gramsIn(done.after, 'baking-soda')).toBeLessThan(3);
  });
  it('works with what there is, and says what it cannot', () => {
    const done = json(adapt(['rebalance', 'muffins.txt'], { have: 'egg<=100 g, 150 g flour' })) as unknown as {
      after: Amounts[];
    };
    expect(gramsIn(done.after, 'all-purpose-flour')).toBeLessThanOrEqual(150);
    expect(adapt(['rebalance', 'muffins.txt'], { have: 'no marzipan' })).toEqual(jasmine.objectContaining({ code: 2 }));
    expect(adapt(['rebalance', 'muffins.txt'], { lock: 'marzipan' })).toEqual(jasmine.objectContaining({ code: 2 }));
  });
});

describe('swap', () => {
  it('replaces by known ways and by any ingredients, and says what is off', () => {
    const done = json(adapt(['swap', 'muffins.txt'], { from: 'buttermilk', to: 'milk+vinegar' })) as unknown as {
      before: Amounts[]; after: Amounts[]; residualPercent: Record<string, number>; crumbPhBefore: number; crumbPhAfter: number; notes: string[];
    }; // prettier-ignore
    expect(gramsIn(done.after, 'buttermilk')).toBeUndefined();
    expect(gramsIn(done.after, 'whole-milk')).toBeGreaterThan(180);
    expect(Object.keys(done.residualPercent).sort()).toEqual([
      'eggSolids',
      'fat',
      'flour',
      'gas',
      'salt',
      'sugar',
      'water',
    ]);
    // they have too much soda: the swap ends in the band of muffins, 6.4 to 7.5, and does not carry the fault over
    expect(done.crumbPhBefore).toBeGreaterThan(7.5);
    expect(done.crumbPhAfter).toBeLessThan(7.6);
    expect(done.crumbPhAfter).toBeGreaterThan(6.3);
    expect(done.notes.length).toBeGreaterThan(0);
    const half = json(adapt(['swap', 'muffins.txt'], { from: 'eggs', to: 'flax', share: '0.5' })) as unknown as { after: Amounts[] }; // prettier-ignore
    expect(gramsIn(half.after, 'egg')).toBeGreaterThan(40);
    expect(gramsIn(half.after, 'ground-flaxseed')).toBeGreaterThan(5);
  });
  it('swaps what only brushes there, and says so', () => {
    const done = json(adapt(['swap', 'brushed.txt'], { from: 'milk', to: 'oat milk' })) as unknown as { before: Amounts[]; after: Amounts[]; notes: string[] }; // prettier-ignore
    expect(gramsIn(done.after, 'oat-milk')).toBeCloseTo(gramsIn(done.before, 'whole-milk') ?? 0, 1);
    expect(done.notes.join(' ')).toContain('It only brushes.');
  });
  it('puts the flour of a starter back', () => {
    const done = json(adapt(['swap', 'starter.txt'], { from: 'starter', to: 'yogurt' })) as unknown as { before: Amounts[]; after: Amounts[]; residualPercent: Record<string, number> }; // prettier-ignore
    expect(gramsIn(done.after, 'all-purpose-flour')).toBeGreaterThan(
      (gramsIn(done.before, 'all-purpose-flour') ?? 0) + 30,
    );
    expect(Math.abs(done.residualPercent['flour'] ?? 100)).toBeLessThan(3);
  });
  it('refuses what is not there', () => {
    expect(adapt(['swap', 'muffins.txt'], { from: 'marzipan', to: 'milk' }).code).toBe(1);
    expect(adapt(['swap', 'muffins.txt'], { from: 'buttermilk', to: 'zorblax' }).code).toBe(1);
    expect(adapt(['swap', 'muffins.txt']).code).toBe(2);
  });
});

describe('leaven', () => {
  for (const school of ['acid-only', 'powder-only', 'browning'])
    it(`sets soda and powder: ${school}`, () => {
      const done = json(adapt(['leaven', 'muffins.txt'], { school })) as unknown as {
        sodaGrams: number; sodaSpoons: number; powderGrams: number; powderSpoons: number; co2GramsPer100gFlour: number; crumbPh: number; hit: boolean;
      }; // prettier-ignore
      expect(done.co2GramsPer100gFlour).toBeGreaterThan(0.3);
      expect((done.sodaSpoons * 8) % 1).toBeCloseTo(0, 5);
      if (school === 'powder-only') expect(done.sodaGrams).toBe(0);
      else expect(done.hit).toBeTrue();
    });
});
