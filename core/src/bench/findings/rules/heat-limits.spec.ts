import { found, MUFFINS, muffinsWith } from './audit-fixtures.spec-help.js';

const lined = (lining: string, celsius: number) =>
  muffinsWith([
    'Bake in a 12-cup muffin tin at 200 °C',
    `Line the tin with ${lining}. Bake in a 12-cup muffin tin at ${celsius} °C`,
  ]);

describe('heatLimits', () => {
  it('finds an oven above what the paper or the mould bears', () => {
    expect(found(lined('baking parchment', 230), 'oven-above-limit')?.facts.limit).toBe(215);
    expect(found(lined('greaseproof paper', 200), 'oven-above-limit')?.facts.limit).toBe(180);
    expect(found(lined('a silicone mat', 240), 'oven-above-limit')?.facts.limit).toBe(230);
  });
  it('lets pass what is below, and the rounding of a dial', () => {
    expect(found(lined('baking parchment', 200), 'oven-above-limit')).toBeUndefined();
    expect(found(lined('baking parchment', 218), 'oven-above-limit')).toBeUndefined();
    expect(found(MUFFINS, 'oven-above-limit')).toBeUndefined();
  });
});
